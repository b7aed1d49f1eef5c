import { simulatedLine, type EventOf } from '@wrightonic/contract';
import { doubtWords, fastestThrow, type VelocityUnit } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { Icon } from '../../../ui/Icon/Icon';
import { said } from '../../../ui/words/velocityWords';
import type { Readings } from './useReadings';

interface Props {
  readings: Readings;
  /** The newest throw that the line measured; null when something else came after. */
  newest: EventOf<'throw'> | null;
  unit: VelocityUnit;
  onDiscard: (thrown: EventOf<'throw'>) => void;
}

const stateWords = {
  opening: 'Opening the radar line',
  open: 'Radar is ready',
  lost: 'Radar line lost; trying again',
} as const;

/** What the radar shows: the throw it measured by itself, and readings that nobody claimed yet. */
export function RadarLine({ readings, newest, unit, onDiscard }: Props) {
  const own = useColours();
  const { line, state, pending, claim, discard } = readings;
  if (!line && pending.length === 0) return null;
  return (
    <>
      <View style={styles.line}>
        <Icon name="speedometer" />
        <Text variant="titleLarge" style={styles.grow} role="status" aria-label="Radar">
          {state === 'open' && newest ? said(newest.velocity!, unit) : stateWords[state]}
        </Text>
        {line === simulatedLine ? (
          <Text variant="labelMedium" style={[styles.tag, { borderColor: own.amber }]}>
            Simulated
          </Text>
        ) : null}
        {newest ? (
          <Button compact mode="outlined" onPress={() => onDiscard(newest)}>
            Discard reading
          </Button>
        ) : null}
      </View>
      {pending.slice(-1).map((reading) => (
        <View key={reading.id} style={[styles.pending, { backgroundColor: own.amberSunk }]} role="alert">
          <Text style={styles.grow}>
            {`${said(reading.velocity, unit)} unclaimed${reading.doubt ? `: ${doubtWords[reading.doubt]}` : ''}`}
            {pending.length > 1 ? ` (${pending.length - 1} more waiting)` : ''}
          </Text>
          {reading.velocity <= fastestThrow ? (
            <Button compact mode="outlined" onPress={() => claim(reading)}>
              Count as throw
            </Button>
          ) : null}
          <Button compact mode="outlined" onPress={() => discard(reading)}>
            Discard reading
          </Button>
        </View>
      ))}
    </>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8, paddingHorizontal: 12, paddingTop: 4 },
  grow: { flex: 1 },
  tag: { borderWidth: 2, borderRadius: 6, paddingHorizontal: 6, paddingVertical: 2 },
  pending: { flexDirection: 'row', alignItems: 'center', gap: 6, paddingHorizontal: 12, paddingVertical: 4 },
});
