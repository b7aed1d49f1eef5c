import { capital, markedJoints, type BodyJoint, type MarkerMap } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { CheckboxGroup } from '../../../ui/form/Choices';
import { Notice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { jointName } from './joints';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  /** Of the markers of the file. */
  names: readonly string[];
  map: MarkerMap;
  /** Joints that have no marker yet. */
  lacking: readonly BodyJoint[];
  onRead: (map: MarkerMap) => void;
}

/** Which marker of a lab lies at which joint; the middle of several is taken for it. */
export function MarkerSheet({ names, map, lacking, onRead }: Props) {
  const [own, setOwn] = useState(map);
  const [open, setOpen] = useState<BodyJoint | null>(lacking[0] ?? null);
  const without = markedJoints.filter((joint) => !own[joint]?.length);
  return (
    <View style={styles.gap}>
      <Heading level={3}>{texts.whichMarkerLiesWhere}</Heading>
      <Text variant="bodySmall">{texts.whereSeveralLieAround}</Text>
      {markedJoints.map((joint) => (
        <View key={joint}>
          <View style={styles.line}>
            <Text style={styles.grow}>
              {`${capital(jointName(joint))}: `}
              <Text variant="labelLarge">{own[joint]?.join(', ') || texts.noneYet}</Text>
            </Text>
            <Button
              mode="text"
              compact
              accessibilityLabel={texts.markersOfThe(jointName(joint))}
              aria-expanded={open === joint}
              onPress={() => setOpen(open === joint ? null : joint)}
              contentStyle={styles.tall}
            >
              {open === joint ? texts.done : texts.change}
            </Button>
          </View>
          {open === joint ? (
            <CheckboxGroup
              label={texts.markersAroundThe(jointName(joint))}
              options={names.map((name) => ({ value: name, text: name }))}
              value={[...(own[joint] ?? [])]}
              onChange={(chosen) => setOwn({ ...own, [joint]: chosen })}
            />
          ) : null}
        </View>
      ))}
      {without.length ? (
        <Notice>{texts.stillWithoutAMarker(without.map(jointName).join(', '))}</Notice>
      ) : null}
      <Button
        mode="contained"
        disabled={without.length > 0}
        onPress={() => onRead(own)}
        contentStyle={styles.tall}
      >
        {texts.readTheMarkers}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  gap: { gap: 6 },
  line: { flexDirection: 'row', alignItems: 'center' },
  grow: { flex: 1 },
  tall: { minHeight: 44 },
});
