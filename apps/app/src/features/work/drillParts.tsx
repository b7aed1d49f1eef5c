import { spotNames, thrownWords, type Drill, type ThrowsToday } from '@wrightonic/core';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { NoteSheet } from './NoteSheet';
import type { Session } from './useSession';
import type { useSpots } from './useSpots';
import { VelocityPad } from './VelocityPad';
import { WhyMissed } from './WhyMissed';
import { texts } from './texts';
import { IconButton } from '../../ui/Button/IconButton';

export const DrillTitle = ({ drill, words }: { drill: Drill; words: string }) => (
  <View style={styles.grow}>
    <Text variant="headlineSmall" role="heading" aria-level={1} style={styles.middle}>
      {drill.name}
    </Text>
    <Text style={styles.middle}>{words}</Text>
  </View>
);

/** What may lie over the drill. */
export type Opened = 'velocity' | 'note' | 'why next' | 'why last';

interface ToolsProps {
  drill: Drill;
  throws: ThrowsToday;
  spots: ReturnType<typeof useSpots>;
  /** The velocity of the newest throw, or what the radar does. */
  velocity: ReactNode;
  simulated: boolean;
  onOpen: (what: Opened) => void;
  onUndo: (() => void) | null;
}

const orderNames = { 'in order': texts.spotsInOrder, random: texts.spotsAtRandom } as const;

/** One line: the newest velocity, what was thrown today, and the tools of a drill. */
export function ToolLine({ drill, throws, spots, velocity, simulated, onOpen, onUndo }: ToolsProps) {
  const words = [
    simulated ? texts.simulated : '',
    thrownWords(throws),
    drill.throws || thrownWords(throws) ? texts.left(throws.left) : '',
    spots.order ? orderNames[spots.order] : '',
  ].filter(Boolean);
  return (
    <View style={styles.line}>
      <View style={styles.grow}>
        {velocity}
        {spots.called ? (
          <Text variant="titleMedium" role="status">
            {texts.aim(spotNames[spots.called].toLowerCase())}
          </Text>
        ) : null}
        {words.length ? (
          <Text variant="bodySmall" role="status">
            {words.join(' · ')}
          </Text>
        ) : null}
      </View>
      {drill.throws ? (
        <>
          <IconButton
            icon="speedometer"
            mode="outlined"
            style={styles.tool}
            accessibilityLabel={texts.velocity2}
            onPress={() => onOpen('velocity')}
          />
          <IconButton
            icon="target"
            mode={spots.order ? 'contained-tonal' : 'outlined'}
            style={styles.tool}
            accessibilityLabel={texts.callSpotsChange(spots.order ?? 'off')}
            onPress={spots.next}
          />
        </>
      ) : null}
      <IconButton
        icon="note-plus-outline"
        mode="outlined"
        style={styles.tool}
        accessibilityLabel={texts.noteOn2(drill.name)}
        onPress={() => onOpen('note')}
      />
      <IconButton
        icon="undo-variant"
        mode="outlined"
        style={styles.tool}
        accessibilityLabel={texts.undo}
        disabled={!onUndo}
        onPress={() => onUndo?.()}
      />
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
  line: { flexDirection: 'row', alignItems: 'center', gap: 4, paddingHorizontal: 12, paddingVertical: 4 },
  tool: { width: 44, height: 44, margin: 0 },
});
