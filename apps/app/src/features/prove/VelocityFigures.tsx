import type { ProvePage } from '@wrightonic/contract';
import { velocityIn, type VelocityUnit } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { texts } from './texts';

interface Props {
  figures: ProvePage['velocities'][number];
  unit: VelocityUnit;
  when: string;
}

/** The newest session in three figures. */
export function VelocityFigures({ figures, unit, when }: Props) {
  const said = (value: number) => `${velocityIn(value, unit).toFixed(1)} ${unit}`;
  return (
    <View style={styles.row}>
      {[
        [texts.usual, said(figures.usual)],
        [texts.top, said(figures.top)],
        [texts.scatter, `± ${said(figures.robustSd)}`],
        [texts.throws, `${figures.n}, ${when}`],
      ].map(([name, value]) => (
        <View key={name} style={styles.one}>
          <Text variant="bodySmall">{name}</Text>
          <Text variant="titleLarge">{value}</Text>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  one: { minWidth: 84 },
});
