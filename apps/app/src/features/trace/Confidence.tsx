import { closeCall, nodeName, percent, type Focus } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { useDebouncedTrue } from '../../ui/hooks/useDebouncedTrue';
import { threads } from '../../ui/words/threadWords';
import type { RobustnessAnswer } from './useTracing';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const runs = 1000;
/** From this share of the runs on a focus is called sure. */
const sureFrom = 0.85;

interface Props {
  state: RobustnessAnswer & { stop: () => void; again: () => void };
  /** What is proposed. */
  focus: Focus;
}

const sureWord = (share: number): string =>
  share < closeCall ? texts.tooCloseToCall : share < sureFrom ? texts.fairlySure : texts.sure;

/** How sure the proposal is, in a word; a tap tells the figures behind it. */
export function Confidence({ state, focus }: Props) {
  const own = useColours();
  const [open, setOpen] = useState(false);
  const { sure, done, wrong, stopped } = state;
  const slow = useDebouncedTrue(!sure && !wrong && !stopped, 250);
  if (wrong || stopped)
    return (
      <View style={styles.row}>
        <Text style={styles.grow}>{wrong ?? texts.stoppedAfterOfRuns(done, runs)}</Text>
        <Button mode="text" onPress={state.again}>
          {texts.checkAgain}
        </Button>
      </View>
    );
  if (!sure)
    return (
      <View style={styles.waiting} aria-busy>
        {slow ? (
          <View style={styles.row} role="status">
            <View
              role="progressbar"
              aria-label={texts.checkingHowSure}
              aria-valuemin={0}
              aria-valuemax={runs}
              aria-valuenow={done}
              style={[styles.track, styles.grow, { backgroundColor: own.sunk }]}
            >
              <View style={[styles.bar, { backgroundColor: own.dusk, width: `${(100 * done) / runs}%` }]} />
            </View>
            <Text variant="bodySmall">{texts.ofRuns(done, runs)}</Text>
            <Button mode="text" compact onPress={state.stop}>
              {texts.stop}
            </Button>
          </View>
        ) : (
          <Text variant="bodySmall">{texts.checkingHowSure}</Text>
        )}
      </View>
    );
  const told = threads.flatMap((thread) => {
    const [id, share] = [focus[thread], sure[thread]];
    return id && share !== null ? [{ id, share }] : [];
  });
  if (told.length === 0) return null;
  return (
    <View role="status">
      <Button
        mode="text"
        compact
        icon={open ? 'chevron-up' : 'chevron-down'}
        contentStyle={styles.word}
        style={styles.start}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      >
        {sureWord(Math.min(...told.map(({ share }) => share)))}
      </Button>
      {open
        ? told.map(({ id, share }) => (
            <Text key={id} variant="bodySmall">
              {texts.staysFirst(nodeName(id), percent(share), sure.runs.toLocaleString('en'))}
            </Text>
          ))
        : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  waiting: { minHeight: 44, justifyContent: 'center' },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start', marginLeft: -8 },
  word: { flexDirection: 'row-reverse', minHeight: 44 },
  track: { height: 8, borderRadius: 4, overflow: 'hidden' },
  bar: { height: 8 },
});
