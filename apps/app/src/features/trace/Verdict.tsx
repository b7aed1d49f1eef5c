import type { LookRecord, TracePage } from '@wrightonic/contract';
import { closeCall, oneFocusBelow, tooThin, type Trace } from '@wrightonic/core';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Card } from '../../ui/Card/Card';
import { TextField } from '../../ui/form/TextField';
import { useWide } from '../../ui/hooks/useWide';
import { threads } from '../../ui/words/threadWords';
import { CannotJudge } from './CannotJudge';
import { Confidence } from './Confidence';
import { FocusLine } from './FocusLine';
import type { FocusChoice } from './useFocusChoice';
import type { RobustnessAnswer, Traced } from './useTracing';
import { texts } from './texts';

/** Whether small differences in the grades would put something else first. */
export const isTooClose = ({ sure }: RobustnessAnswer): boolean =>
  [sure?.lower, sure?.arm].some((share) => typeof share === 'number' && share < closeCall);

interface Props {
  athlete: TracePage['athlete'];
  look: LookRecord;
  seen: Traced;
  choice: FocusChoice;
  robustness: RobustnessAnswer & { stop: () => void; again: () => void };
  /** What a trial comes to; null while nothing is tried. */
  trial: Trace | null;
  /** Stands at the end of the card. */
  children?: ReactNode;
}

/** The answer of a trace: what to work on, why, and how sure that is. */
export function Verdict({ athlete, look, seen, choice, robustness, trial, children }: Props) {
  const wide = useWide();
  const result = trial ?? seen.result;
  const focus = trial ? trial.focus : choice.focus;
  const any = focus.lower !== null || focus.arm !== null;
  if (result.total === 0)
    return (
      <Card>
        <Text variant="titleLarge" role="heading" aria-level={2}>
          {texts.nothingToFix}
        </Text>
        <Text>{texts.nothingThatCountsWasMarked}</Text>
      </Card>
    );
  return (
    <Card style={styles.card}>
      <Text variant="labelMedium">{any ? texts.workOn : texts.noFocusYet}</Text>
      {!trial && tooThin(look.findings, seen.carried) ? <CannotJudge result={result} /> : null}
      <View style={wide ? styles.beside : styles.below}>
        {threads.map((thread) => (
          <View key={thread} style={wide ? styles.half : null}>
            <FocusLine
              discipline={athlete.discipline}
              thread={thread}
              trace={result}
              chosen={focus[thread]}
              trying={trial !== null}
              onChoose={(to) => choice.pin(thread, to)}
            />
          </View>
        ))}
      </View>
      <Confidence state={robustness} focus={result.focus} />
      {!trial && isTooClose(robustness) ? <Text>{texts.smallDifferences}</Text> : null}
      {athlete.age < oneFocusBelow ? (
        <Text variant="bodySmall">{texts.belowAgeThere(oneFocusBelow)}</Text>
      ) : null}
      {!trial && choice.stale ? <Text variant="bodySmall">{texts.thePictureHasChanged}</Text> : null}
      {choice.differs && !trial ? (
        <TextField
          label={texts.whyAnotherFocusThan}
          value={choice.reason}
          onChange={choice.setReason}
          atMost={300}
        />
      ) : null}
      {children}
    </Card>
  );
}

const styles = StyleSheet.create({
  card: { gap: 6 },
  beside: { flexDirection: 'row', gap: 16 },
  half: { flex: 1, minWidth: 0 },
  below: { gap: 6 },
});
