import { capital, markedJoints, type BodyJoint, type MarkerMap } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { CheckboxGroup } from '../../../ui/form/Choices';
import { Notice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { jointName } from './joints';

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
      <Heading level={3}>Which marker lies where</Heading>
      <Text variant="bodySmall">
        Where several lie around a joint, tick them all: their middle is taken. This device remembers it for
        the next file of this lab.
      </Text>
      {markedJoints.map((joint) => (
        <View key={joint}>
          <View style={styles.line}>
            <Text style={styles.grow}>
              {`${capital(jointName(joint))}: `}
              <Text variant="labelLarge">{own[joint]?.join(', ') || 'none yet'}</Text>
            </Text>
            <Button
              mode="text"
              compact
              accessibilityLabel={`Markers of the ${jointName(joint)}`}
              aria-expanded={open === joint}
              onPress={() => setOpen(open === joint ? null : joint)}
              contentStyle={styles.tall}
            >
              {open === joint ? 'Done' : 'Change'}
            </Button>
          </View>
          {open === joint ? (
            <CheckboxGroup
              label={`Markers around the ${jointName(joint)}`}
              options={names.map((name) => ({ value: name, text: name }))}
              value={[...(own[joint] ?? [])]}
              onChange={(chosen) => setOwn({ ...own, [joint]: chosen })}
            />
          ) : null}
        </View>
      ))}
      {without.length ? (
        <Notice>{`Still without a marker: ${without.map(jointName).join(', ')}.`}</Notice>
      ) : null}
      <Button
        mode="contained"
        disabled={without.length > 0}
        onPress={() => onRead(own)}
        contentStyle={styles.tall}
      >
        Read the markers
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
