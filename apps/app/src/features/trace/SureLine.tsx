import { closeCall, nodeName, percent } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { useLasting } from '../../ui/useLasting';
import type { HowSure } from './useTracing';

const whole = 1000;

/** In how many of a thousand slightly different looks the same root leads. */
export function SureLine({ state }: { state: HowSure & { stop: () => void; again: () => void } }) {
  const own = useColours();
  const { sure, done, wrong, stopped } = state;
  const slow = useLasting(!sure && !wrong && !stopped, 250);
  if (wrong || stopped)
    return (
      <View style={styles.row}>
        <Text style={styles.grow}>{wrong ?? `Stopped after ${done} of ${whole} runs.`}</Text>
        <Button mode="text" onPress={state.again}>
          Check again
        </Button>
      </View>
    );
  if (!sure)
    return (
      <View style={styles.waiting}>
        {slow ? (
          <View style={styles.row} role="status">
            <View style={[styles.track, styles.grow, { backgroundColor: own.sunk }]}>
              <View style={[styles.bar, { backgroundColor: own.dusk, width: `${(100 * done) / whole}%` }]} />
            </View>
            <Text variant="bodySmall">{`${done} of ${whole} runs`}</Text>
            <Button mode="text" compact onPress={state.stop}>
              Stop
            </Button>
          </View>
        ) : (
          <Text variant="bodySmall">Checking how sure this is</Text>
        )}
      </View>
    );
  if (!sure.leader) return null;
  return (
    <Text role="status">
      <Text variant="labelLarge">
        {sure.share < closeCall ? 'Too close to call: ' : sure.share < 0.85 ? 'Fairly sure: ' : 'Sure: '}
      </Text>
      {`“${nodeName(sure.leader)}” leads in ${percent(sure.share)} of ${sure.runs.toLocaleString('en')} looks graded a little differently.`}
    </Text>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  waiting: { minHeight: 44, justifyContent: 'center' },
  grow: { flex: 1 },
  track: { height: 8, borderRadius: 4, overflow: 'hidden' },
  bar: { height: 8 },
});
