import { spotNames, type CalledSpot, type Drill, type ThrowsToday } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { HoldTimer } from '../../ui/timer/HoldTimer';
import { NoteSheet } from './NoteSheet';
import type { Session } from './useSession';
import type { useSpots } from './useSpots';
import { VelocityPad } from './VelocityPad';
import { WhyMissed } from './WhyMissed';

export const DrillTitle = ({ drill, words }: { drill: Drill; words: string }) => (
  <View style={styles.grow}>
    <Text variant="headlineSmall" role="heading" aria-level={1} style={styles.middle}>
      {drill.name}
    </Text>
    <Text style={styles.middle}>{words}</Text>
  </View>
);

/** How much is thrown today, and the spot that is called. */
export const ThrownLine = ({ throws, aim }: { throws: ThrowsToday; aim: CalledSpot | null }) => (
  <View style={styles.line}>
    <Text variant="titleSmall" style={styles.grow} role="status">
      {`${throws.counted} thrown today, ${throws.left} left`}
    </Text>
    {aim ? <Text variant="titleMedium" role="status">{`Aim ${spotNames[aim].toLowerCase()}`}</Text> : null}
  </View>
);

/** What may lie over the drill. */
export type Opened = 'velocity' | 'note' | 'why next' | 'why last';

interface ToolsProps {
  drill: Drill;
  /** Seconds of a hold; null where nothing is held. */
  hold: number | null;
  spots: ReturnType<typeof useSpots>;
  onOpen: (what: Opened) => void;
  onUndo: (() => void) | null;
}

/** The timer, velocity, spots, a note and undo. */
export function DrillTools({ drill, hold, spots, onOpen, onUndo }: ToolsProps) {
  return (
    <View style={styles.line}>
      {hold ? <HoldTimer key={drill.id} seconds={hold} /> : null}
      {drill.throws ? (
        <Button mode="outlined" compact icon="speedometer" onPress={() => onOpen('velocity')}>
          Velocity
        </Button>
      ) : null}
      {drill.throws ? (
        <Button
          mode={spots.order ? 'contained-tonal' : 'outlined'}
          compact
          icon="target"
          accessibilityLabel={`Call spots: ${spots.order ?? 'off'}; change`}
          onPress={spots.next}
        >
          {spots.order === null ? 'Spots' : spots.order === 'random' ? 'Random' : 'In order'}
        </Button>
      ) : null}
      <IconButton
        icon="pencil"
        mode="outlined"
        size={18}
        accessibilityLabel={`Note on ${drill.name}`}
        onPress={() => onOpen('note')}
      />
      <Button mode="outlined" compact icon="undo-variant" disabled={!onUndo} onPress={() => onUndo?.()}>
        Undo
      </Button>
    </View>
  );
}

interface OpenedProps {
  open: Opened;
  drill: Drill;
  actions: ReturnType<Session['inSession']>;
  /** Velocity above which a figure is asked about, m/s. */
  limit: number;
  onWhy: (reason: string) => void;
  onLadder: (() => void) | null;
  onClose: () => void;
}

/** What lies over the drill: why a rep was missed, a note, a velocity. */
export function OpenedSheet({ open, drill, actions, limit, onWhy, onLadder, onClose }: OpenedProps) {
  const unit = useMe().person.velocityUnit;
  switch (open) {
    case 'note':
      return (
        <NoteSheet about={drill.name} onNote={(text) => actions.note(drill.id, text)} onClose={onClose} />
      );
    case 'velocity':
      return (
        <VelocityPad
          doubtfulAbove={limit}
          unit={unit}
          onLadder={onLadder}
          onClose={onClose}
          onSave={(velocity) => actions.velocity(drill.id, velocity)}
        />
      );
    default:
      return <WhyMissed drill={drill} onWhy={onWhy} onClose={onClose} />;
  }
}

const styles = StyleSheet.create({
  grow: { flex: 1, minWidth: 0 },
  middle: { textAlign: 'center' },
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 6,
    paddingHorizontal: 12,
    paddingVertical: 3,
  },
});
