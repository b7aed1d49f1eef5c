import type { ClipRecord } from '@wrightonic/contract';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { PlayRow, Timeline } from './Timeline';
import type { ClipState } from './useClip';
import type { Flags } from './motion/flags';
import { texts } from './texts';
import { withinFrame } from '../../../ui/video/useMoves';
import { Button } from '../../../ui/Button/Button';
import { IconButton } from '../../../ui/Button/IconButton';

interface Props {
  state: ClipState;
  clip: ClipRecord;
  words: string;
  flags: Flags;
}

/** Steps, plays and seeks; `words` say where the clip stands. */
export function FrameControls({ state, clip, words, flags }: Props) {
  const own = useColours();
  const { step, seek, time, mark } = state;
  return (
    <>
      <View style={styles.row}>
        <Button mode="outlined" compact accessibilityLabel={texts.tenFramesBack} onPress={() => step(-10)}>
          −10
        </Button>
        <IconButton
          mode="outlined"
          icon="chevron-left"
          accessibilityLabel={texts.oneFrameBack}
          onPress={() => step(-1)}
        />
        <Text variant="titleMedium" role="status" style={styles.grow}>
          {words}
        </Text>
        <IconButton
          mode="outlined"
          icon="chevron-right"
          accessibilityLabel={texts.oneFrameOn}
          onPress={() => step(1)}
        />
        <Button mode="outlined" compact accessibilityLabel={texts.tenFramesOn} onPress={() => step(10)}>
          +10
        </Button>
      </View>
      <PlayRow state={state} />
      <Timeline {...flags} fps={clip.fps} onSeek={seek} onMove={mark} />
      <input
        type="range"
        min={0}
        max={clip.seconds}
        step={1 / clip.fps}
        value={time}
        aria-label={texts.whereTheClipStands}
        onChange={(event) => seek(Number(event.target.value) + withinFrame)}
        onKeyDown={(event) => event.preventDefault()}
        style={{ width: '100%', minHeight: 44, accentColor: own.dusk }}
      />
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 6 },
  grow: { flex: 1, textAlign: 'center' },
});
