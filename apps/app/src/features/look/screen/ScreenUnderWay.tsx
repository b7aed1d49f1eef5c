import type { LookPage, ScreenRecord, ScreenTryRecord } from '@wrightonic/contract';
import { limits, shownUnit, type Hand, type ScreenedLimit } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../../offline/log';
import { useAppDispatch } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { useWhom } from '../../../ui/hooks/useWhom';
import { useColours } from '../../../theme/theme';
import { Card } from '../../../ui/Card/Card';
import { Choices } from '../../../ui/form/Choices';
import { ActionBar } from '../../../ui/ActionBar/ActionBar';
import { Notice } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { Heading } from '../../../ui/Screen/Screen';
import { gradeWords, resultOf, shortWords, screenSteps, triesOf } from './run';
import { TryFields, type Read } from './TryFields';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  athlete: LookPage['athlete'];
  record: ScreenRecord;
  /** The test that the trace led to. */
  led: { test: string; side: string | undefined } | null;
}

interface StepFootProps {
  before: (() => void) | null;
  next: string;
  onNext: (() => void) | null;
}

const StepFoot = ({ before, next, onNext }: StepFootProps) => (
  <ActionBar>
    <View style={styles.row}>
      <Button mode="outlined" disabled={!before} onPress={() => before?.()} contentStyle={styles.tall}>
        {texts.back}
      </Button>
      <Button
        mode="contained"
        onPress={() => onNext?.()}
        disabled={!onNext}
        style={styles.grow}
        contentStyle={styles.tall}
      >
        {next}
      </Button>
    </View>
  </ActionBar>
);

/** What the tries of a test come to. */
function FoundLimits({ found, hand }: { found: readonly ScreenedLimit[]; hand: Hand }) {
  const { sizeUnit } = useMe().person;
  return found.map((limit) => {
    const { name, unit } = limits.find(({ id }) => id === limit.id)!;
    const error = limit.error ? texts.giveOrTake(shownUnit(unit, sizeUnit).show(limit.error)) : '';
    const short = shortWords(limit, hand);
    return (
      <Text key={limit.id} role="status">
        <Text variant="labelLarge">{name}</Text>
        {`: ${gradeWords(limit, unit, sizeUnit)}${error}${short && `; ${short}`}`}
      </Text>
    );
  });
}

/** One person through the tests, one side at a time. */
export function ScreenUnderWay({ athlete, record, led }: Props) {
  const dispatch = useAppDispatch();
  const own = useColours();
  const whom = useWhom(athlete);
  const steps = screenSteps(athlete.throws, athlete.age);
  const untouched = steps.findIndex((step) => triesOf(record, step).length === 0);
  const sought = steps.findIndex(
    ({ test, side }) => test.id === led?.test && (!led.side || side === led.side || side === 'none'),
  );
  const [at, setAt] = useState(sought >= 0 ? sought : Math.max(0, untouched));
  const step = steps[at]!;
  const { test, side, sideWords } = step;
  const tries = triesOf(record, step);
  const pain = tries.some((each) => each.pain);
  const found = resultOf(record, athlete, whom).limits.filter((limit) => {
    const own = limits.find(({ id }) => id === limit.id)!;
    const tested =
      own.test === test.id || (own.test === 'shoulder-arc-deficit' && test.id === 'shoulder-arc');
    return tested && (own.side === side || !['lead', 'trail'].includes(own.side));
  });
  const logTry = (n: 1 | 2, value: number | null, hurts: boolean, read: Read & { retest?: true } = {}) =>
    dispatch(
      log(athlete.id, 'screen-try', {
        screenId: record.id,
        test: test.id,
        side: side as ScreenTryRecord['side'],
        n,
        value,
        pain: hurts,
        ...read,
      }),
    );
  const finish = () => dispatch(log(athlete.id, 'screen-finished', { screenId: record.id }));
  const back = () => {
    if (done > 0) finish();
    router.navigate(`/athletes/${athlete.id}/trace`);
  };
  const last = at === steps.length - 1;
  const done = steps.filter((each) => triesOf(record, each).length > 0).length;
  return (
    <Pane
      foot={
        <StepFoot
          before={at === 0 ? null : () => setAt(at - 1)}
          next={last ? texts.finishTheScreen : tries.length ? texts.next : texts.skip}
          onNext={last && done === 0 ? null : () => (last ? finish() : setAt(at + 1))}
        />
      }
    >
      {led ? (
        <Button mode="outlined" icon="chevron-left" style={styles.start} onPress={back}>
          {done > 0 ? texts.finishBack : texts.backToTheTrace}
        </Button>
      ) : null}
      <Text variant="bodySmall" role="status">
        {texts.ofMeasured(at + 1, steps.length, test.position, done)}
      </Text>
      <View style={[styles.bar, { backgroundColor: own.sunk }]}>
        <View
          style={[styles.bar, { backgroundColor: own.dusk, width: `${(100 * (at + 1)) / steps.length}%` }]}
        />
      </View>
      <Heading>{test.name}</Heading>
      {sideWords ? <Text variant="titleMedium">{sideWords}</Text> : null}
      <Card>
        {test.steps.map((words, n) => (
          <Text key={words}>{`${n + 1}. ${words}`}</Text>
        ))}
        {test.caution ? <Text variant="labelLarge">{test.caution}</Text> : null}
      </Card>
      <TryFields
        key={`${test.id} ${side}`}
        test={test}
        tries={tries}
        massKg={athlete.massKg}
        onTry={(n, value, read) => logTry(n, value, pain, read)}
        onRetest={(value, read) => logTry(1, value, false, { ...read, retest: true })}
      />
      <FoundLimits found={found} hand={athlete.throws} />
      <Choices
        label={texts.doesItHurt}
        shown
        value={pain ? 'yes' : 'no'}
        onChange={(answer) => {
          const first = tries.find(({ n, retest }) => n === 1 && !retest);
          const { tool, parts } = first ?? {};
          logTry(1, first?.value ?? null, answer === 'yes', {
            ...(tool ? { tool } : {}),
            ...(parts ? { parts } : {}),
          });
        }}
        options={[
          { value: 'no', text: texts.no },
          { value: 'yes', text: texts.painOnThisTest },
        ]}
      />
      {pain ? <Notice alert>{texts.stopThisTestAsk}</Notice> : null}
      {!last && done > 0 ? (
        <Button mode="text" onPress={finish}>
          {texts.finishNowTheRest}
        </Button>
      ) : null}
      <Text variant="bodySmall">{texts.twoTriesEach}</Text>
    </Pane>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
  tall: { minHeight: 48 },
  bar: { height: 6, borderRadius: 3 },
});
