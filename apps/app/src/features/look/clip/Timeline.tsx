import type { ClipRecord } from '@wrightonic/contract';
import type { ClipEvent } from '@wrightonic/core';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { eventName } from './events';
import type { ClipState } from './useClip';

interface Props {
  clip: Pick<ClipRecord, 'marks' | 'seconds'>;
  onSeek: (time: number) => void;
}

/** The marked events where they stand in the clip; a tap goes there. */
export function Timeline({ clip: { marks, seconds }, onSeek }: Props) {
  const own = useColours();
  const marked = (Object.entries(marks) as [ClipEvent, number][]).sort((a, b) => a[1] - b[1]);
  if (marked.length === 0 || seconds === 0) return null;
  return (
    <View style={[styles.line, { borderColor: own.line }]} role="group" aria-label="Marked events">
      {marked.map(([event, time], n) => (
        <Pressable
          key={event}
          role="button"
          aria-label={`Go to ${eventName(event)}`}
          onPress={() => onSeek(time + 0.0005)}
          style={[styles.mark, { left: `${(100 * time) / seconds}%`, top: n % 2 ? 22 : 0 }]}
        >
          <View style={[styles.tick, { backgroundColor: own.amber }]} />
          <Text variant="labelSmall">{eventName(event)}</Text>
        </Pressable>
      ))}
    </View>
  );
}

/** Plays at true speed or a quarter of it, and stops on a frame. */
export function PlayRow({ state: { playing, play, pause } }: { state: ClipState }) {
  return (
    <View style={styles.row}>
      {[1, 0.25].map((rate) => (
        <Button
          key={rate}
          mode="outlined"
          compact
          icon={playing === rate ? 'pause' : 'play'}
          onPress={() => (playing === rate ? pause() : play(rate))}
        >
          {playing === rate ? 'Pause' : rate === 1 ? 'Play' : 'Quarter speed'}
        </Button>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 6 },
  line: { height: 46, borderBottomWidth: 2, overflow: 'hidden' },
  mark: { position: 'absolute', flexDirection: 'row', alignItems: 'center', gap: 3, minHeight: 22 },
  tick: { width: 3, height: 18 },
});
