import { missTaps, missTapWords, spotNames, type CalledSpot, type MissSide } from '@wrightonic/core';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  spot: CalledSpot;
  /** The arm side is on the right of the picture. */
  armOnRight: boolean;
  onSides: (sides: readonly MissSide[]) => void;
  onSkip: () => void;
}

/** Where a throw went that was aimed at a called spot: one tap, in the lower half of the screen. */
export function SpotGrid({ spot, armOnRight, onSides, onSkip }: Props) {
  const own = useColours();
  const rows = [0, 3, 6].map((from) => {
    const row = missTaps.slice(from, from + 3);
    return armOnRight ? [...row].reverse() : row;
  });
  return (
    <View style={[styles.root, { backgroundColor: own.ground }]}>
      <View style={styles.head}>
        <Text variant="titleSmall" style={styles.grow}>
          {texts.aimedWhereDid(spotNames[spot].toLowerCase())}
        </Text>
        <Button compact mode="text" onPress={onSkip}>
          {texts.skip}
        </Button>
      </View>
      {rows.map((row, n) => (
        <View key={n} style={styles.row}>
          {row.map((sides) => {
            const hit = sides.length === 0;
            return (
              <Pressable
                key={sides.join('+')}
                role="button"
                aria-label={hit ? texts.onTarget : texts.missed2(missTapWords(sides))}
                onPress={() => onSides(sides)}
                style={({ pressed }) => [
                  styles.one,
                  { borderColor: own.line, backgroundColor: hit ? own.dusk : own.surface },
                  pressed ? styles.pressed : null,
                ]}
              >
                <Text variant="labelLarge" style={[styles.middle, { color: hit ? own.onDusk : own.ink }]}>
                  {missTapWords(sides)}
                </Text>
              </Pressable>
            );
          })}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, gap: 4, padding: 6 },
  head: { flexDirection: 'row', alignItems: 'center', paddingHorizontal: 6 },
  grow: { flex: 1 },
  row: { flex: 1, flexDirection: 'row', gap: 4 },
  one: {
    flex: 1,
    minHeight: 44,
    borderWidth: 2,
    borderRadius: 8,
    alignItems: 'center',
    justifyContent: 'center',
    paddingHorizontal: 4,
  },
  middle: { textAlign: 'center' },
  pressed: { opacity: 0.75 },
});
