import { isRead, motionMeasureOf, motionWords, nodeName, type ThrowsReading } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { texts } from './texts';
import { Button } from '../../../../ui/Button/Button';

interface Props {
  reading: ThrowsReading;
  shown: number;
  /** Shows the frame of an instant, s of true time; left out where there is nothing to be shown. */
  onShow?: (t: number) => void;
}

/** Every figure with its error; and on a tap what this film does not show, with the reason. */
export function Figures({ reading, shown, onShow }: Props) {
  const [open, setOpen] = useState(false);
  const one = reading.throws[shown];
  const events = one && isRead(one) ? one.events : {};
  const named = (id: string) => motionMeasureOf(id)?.name ?? nodeName(id);
  return (
    <View>
      <Text variant="labelLarge">
        {reading.throws.length > 1 ? texts.medianOfThrows(reading.throws.length) : texts.figures}
      </Text>
      {reading.measures.map(({ id, value, plusMinus, unit, scatter }) => {
        const at = events[motionMeasureOf(id)?.needs.at(-1) ?? 'release'];
        return (
          <View key={id} style={styles.figure}>
            <Text style={styles.grow}>
              {`${named(id)}: `}
              <Text variant="labelLarge">{motionWords(value, plusMinus, unit)}</Text>
              {scatter === null ? '' : texts.scatter(motionWords(scatter, null, unit))}
            </Text>
            {at && onShow ? (
              <Button
                mode="text"
                compact
                accessibilityLabel={texts.showTheFrameOf(named(id))}
                onPress={() => onShow(at.t)}
              >
                {texts.show}
              </Button>
            ) : null}
          </View>
        );
      })}
      {reading.missing.length ? (
        <Button mode="text" compact onPress={() => setOpen(!open)}>
          {open ? texts.hideWhatItDoes : texts.whatItDoesNot(reading.missing.length)}
        </Button>
      ) : null}
      {open
        ? reading.missing.map(({ id, why }) => (
            <Text key={id} variant="bodySmall">{`${named(id)}: ${why}.`}</Text>
          ))
        : null}
    </View>
  );
}

const styles = StyleSheet.create({
  figure: { flexDirection: 'row', alignItems: 'center', minHeight: 40 },
  grow: { flex: 1 },
});
