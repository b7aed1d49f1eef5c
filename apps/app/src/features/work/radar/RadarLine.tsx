import type { EventOf } from '@wrightonic/contract';
import { simulatedLine } from '@wrightonic/contract/fixed';
import { doubtWords, fastestThrow, type VelocityUnit } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { said } from '../../../ui/words/velocityWords';
import type { Readings } from './useReadings';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';
import { IconButton } from '../../../ui/Button/IconButton';

interface Props {
  readings: Readings;
  /** The newest throw of the drill; null when something else came after. */
  newest: EventOf<'throw'> | null;
  unit: VelocityUnit;
  onDiscard: (thrown: EventOf<'throw'>) => void;
}

const stateWords = {
  opening: texts.openingTheRadarLine,
  open: texts.radarIsReady,
  lost: texts.radarLineLostTrying,
} as const;

/** The velocity of the newest throw, measured or typed, or what the radar does; nothing without either. */
export function NewestVelocity({ readings, newest, unit, onDiscard }: Props) {
  const { line, state } = readings;
  const velocity = newest?.velocity ?? null;
  if (!line && velocity === null) return null;
  return (
    <View style={styles.row}>
      <Text
        variant={velocity !== null ? 'titleLarge' : 'bodySmall'}
        role="status"
        aria-label={line ? texts.radar : texts.velocityOfTheNewest}
      >
        {velocity !== null && (!line || state === 'open') ? said(velocity, unit) : stateWords[state]}
      </Text>
      {newest?.source ? (
        <IconButton
          icon="close"
          size={18}
          style={styles.discard}
          accessibilityLabel={texts.discardReading}
          onPress={() => onDiscard(newest)}
        />
      ) : null}
    </View>
  );
}

/** A reading that nobody claimed yet: it waits for a tap. */
export function PendingReading({ readings, unit }: Pick<Props, 'readings' | 'unit'>) {
  const own = useColours();
  const { pending, claim, discard } = readings;
  return pending.slice(-1).map((reading) => (
    <View key={reading.id} style={[styles.pending, { backgroundColor: own.amberSunk }]} role="alert">
      <Text style={styles.grow}>
        {texts.unclaimed(said(reading.velocity, unit), reading.doubt ? `: ${doubtWords[reading.doubt]}` : '')}
        {pending.length > 1 ? texts.moreWaiting(pending.length - 1) : ''}
      </Text>
      {reading.velocity <= fastestThrow ? (
        <Button compact mode="outlined" onPress={() => claim(reading)}>
          {texts.countAsThrow}
        </Button>
      ) : null}
      <Button compact mode="outlined" onPress={() => discard(reading)}>
        {texts.discardReading}
      </Button>
    </View>
  ));
}

/** Whether velocities come from a pretend line. */
export const isSimulated = ({ line }: Readings): boolean => line === simulatedLine;

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center' },
  grow: { flex: 1 },
  discard: { width: 44, height: 44, margin: 0 },
  pending: { flexDirection: 'row', alignItems: 'center', gap: 6, paddingHorizontal: 12, paddingVertical: 4 },
});
