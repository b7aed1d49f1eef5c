import {
  compareFigures,
  differenceWords,
  motionChangeWords,
  motionWords,
  type KeptFigure,
} from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { texts } from '../texts';

interface Props {
  a: readonly KeptFigure[];
  b: readonly KeptFigure[];
  titles: readonly [string, string];
}

/** Every measure of two films, with the difference and whether it is more than the error. */
export function MotionTable({ a, b, titles }: Props) {
  const { line } = useColours();
  const rows = compareFigures(a, b);
  const real = rows.filter((row) => row.real).length;
  return (
    <View>
      <Text variant="labelLarge">{`${titles[0]} → ${titles[1]}`}</Text>
      <Text variant="bodySmall">
        {real === 0 ? texts.noDifferenceIsLarger : texts.ofDiffersByMore(real, rows.length)}
      </Text>
      {[...rows]
        .sort((x, y) => Number(y.real) - Number(x.real))
        .map(({ id, name, unit, a: first, b: second, difference, off, real: sure }) => (
          <View key={id} style={[styles.row, { borderColor: line }]}>
            <Text style={styles.name} variant={sure ? 'labelLarge' : 'bodyMedium'}>
              {name}
            </Text>
            <View style={styles.figures}>
              <Text variant={sure ? 'labelLarge' : 'bodyMedium'}>
                {difference === null
                  ? first
                    ? texts.inTheFirstOnly
                    : texts.inTheSecondOnly
                  : `${differenceWords(difference, off!, unit)}${sure ? '' : texts.withinTheError}`}
              </Text>
              <Text variant="bodySmall">
                {first && second
                  ? motionChangeWords(first.value, second.value, unit)
                  : motionWords((first ?? second)!.value, null, unit)}
              </Text>
            </View>
          </View>
        ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8, paddingVertical: 6, borderBottomWidth: 1 },
  name: { flex: 1 },
  figures: { flex: 1 },
});
