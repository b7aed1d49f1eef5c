import { Pressable, StyleSheet } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { StitchSign } from '../../ui/seam/Stitches';
import { texts } from './texts';

interface Props {
  /** `done` stands by itself, for a warm-up. */
  outcome: 'clean' | 'missed' | 'done';
  count: number;
  onTap: () => void;
  /** What a long press asks for. */
  onHold?: () => void;
}

const names = { clean: texts.clean, missed: texts.missed, done: texts.done } as const;

/** Half of the lower half: a tight stitch for clean, a popped one for missed. */
export function TapArea({ outcome, count, onTap, onHold }: Props) {
  const own = useColours();
  const missed = outcome === 'missed';
  const ink = missed ? own.ink : own.onDusk;
  return (
    <Pressable
      role="button"
      aria-label={texts.soFar(names[outcome], count)}
      onPress={onTap}
      onLongPress={onHold}
      delayLongPress={450}
      style={({ pressed }) => [
        styles.area,
        { backgroundColor: missed ? own.sunk : own.dusk, borderColor: own.line },
        pressed ? styles.pressed : null,
      ]}
    >
      <StitchSign grade={missed ? 2 : 0} size={11} ink={ink} />
      <Text variant="headlineLarge" style={{ color: ink }}>
        {names[outcome]}
      </Text>
      <Text variant="displaySmall" style={{ color: ink }}>
        {count}
      </Text>
      {onHold ? (
        <Text variant="bodySmall" style={[styles.hint, { color: ink }]}>
          {texts.holdToSayWhy}
        </Text>
      ) : null}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  area: {
    flex: 1,
    alignItems: 'center',
    justifyContent: 'center',
    gap: 4,
    borderTopWidth: 1,
    userSelect: 'none',
  },
  hint: { position: 'absolute', bottom: 10 },
  pressed: { opacity: 0.75 },
});
