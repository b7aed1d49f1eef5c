import { closeCall, nodeName, percent, type Focus } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { threadNames } from '../../ui/words/threadWords';
import { useDebouncedTrue } from '../../ui/hooks/useDebouncedTrue';
import type { RobustnessAnswer } from './useTracing';

const runs = 1000;

interface Props {
  state: RobustnessAnswer & { stop: () => void; again: () => void };
  /** What is proposed. */
  focus: Focus;
}

const sureWord = (share: number): string =>
  share < closeCall ? 'Too close to call' : share < 0.85 ? 'Fairly sure' : 'Sure';

/** In how many of a thousand slightly different looks the same focus would be proposed. */
export function RobustnessLine({ state, focus }: Props) {
  const own = useColours();
  const { sure, done, wrong, stopped } = state;
  const slow = useDebouncedTrue(!sure && !wrong && !stopped, 250);
  if (wrong || stopped)
    return (
      <View style={styles.row}>
        <Text style={styles.grow}>{wrong ?? `Stopped after ${done} of ${runs} runs.`}</Text>
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
              <View style={[styles.bar, { backgroundColor: own.dusk, width: `${(100 * done) / runs}%` }]} />
            </View>
            <Text variant="bodySmall">{`${done} of ${runs} runs`}</Text>
            <Button mode="text" compact onPress={state.stop}>
              Stop
            </Button>
          </View>
        ) : (
          <Text variant="bodySmall">Checking how sure this is</Text>
        )}
      </View>
    );
  return (
    <View role="status">
      {(['lower', 'arm'] as const).map((thread) => {
        const [id, share] = [focus[thread], sure[thread]];
        return id && share !== null ? (
          <Text key={thread}>
            <Text variant="labelLarge">{`${sureWord(share)}: `}</Text>
            {`“${nodeName(id)}” stays the focus of the ${threadNames[thread].toLowerCase()} in ${percent(share)} of ${sure.runs.toLocaleString('en')} looks graded a little differently.`}
          </Text>
        ) : null;
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  waiting: { minHeight: 44, justifyContent: 'center' },
  grow: { flex: 1 },
  track: { height: 8, borderRadius: 4, overflow: 'hidden' },
  bar: { height: 8 },
});
