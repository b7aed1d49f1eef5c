import type { CampPlanRecord, CampRecord } from '@wrightonic/contract';
import { overThrown, slotsOf } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { Notice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { dayWords, withDays } from '../../../ui/words/days';
import { calledIn, stationsIn } from '../useCamp';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const percent = (share: number): string => `${Math.round(100 * share)} %`;
const few = 3;

interface Props {
  camp: CampRecord;
  plan: CampPlanRecord;
}

/** How good a plan is, who is served least, who waits, who leads how much, and who throws how much. */
export function PlanSummary({ camp, plan }: Props) {
  const today = useToday();
  const called = calledIn(camp, true);
  const [all, setAll] = useState(false);
  const shares = plan.served.filter((each) => each.share !== null).sort((a, b) => a.share! - b.share!);
  const middle = shares[Math.floor(shares.length / 2)]?.share ?? null;
  const waits = waitingIn(camp);
  const over = overThrown(plan.throws);
  return (
    <Card>
      <Heading>{texts.howGoodItIs}</Heading>
      <View style={styles.row}>
        <Figure value={percent(plan.floor)} words={texts.ofTheirBest} />
        {middle === null ? null : <Figure value={percent(middle)} words={texts.median} />}
        <Figure
          value={plan.gap < 0.0005 ? '0 %' : `${(100 * plan.gap).toFixed(1)} %`}
          words={texts.atMostBelow}
        />
      </View>
      <Text variant="bodySmall">
        {texts.byNeedServed(
          plan.why,
          plan.by,
          plan.objective.toFixed(1),
          plan.bound.toFixed(1),
          plan.ms ? texts.foundInS((plan.ms / 1000).toFixed(1)) : '',
        )}
      </Text>
      {shares.length ? (
        <Text>
          {texts.servedLeast(
            shares
              .slice(0, few)
              .map(({ athlete, share }) => `${called(athlete)} ${percent(share!)}`)
              .join(', '),
          )}
        </Text>
      ) : null}
      {waits.length ? (
        <Notice>
          <Text variant="labelLarge">{texts.whoWaits}</Text>
          {waits.map((words) => (
            <Text key={words}>{withDays(words, today)}</Text>
          ))}
        </Notice>
      ) : null}
      {over.length ? (
        <Notice>
          <Text variant="labelLarge">{texts.moreThrowsThanAre}</Text>
          {over.map(({ athlete, day, counted, left }) => (
            <Text key={`${athlete} ${day}`}>
              {texts.left(called(athlete), dayWords(day, today), counted, left)}
            </Text>
          ))}
        </Notice>
      ) : null}
      {plan.limitedBy.length ? (
        <View>
          {(all ? plan.limitedBy : plan.limitedBy.slice(0, few)).map((words) => (
            <Text key={words} variant="bodySmall">
              {withDays(words, today)}
            </Text>
          ))}
          {plan.limitedBy.length > few && !all ? (
            <Button onPress={() => setAll(true)} style={styles.start}>
              {texts.andMore(plan.limitedBy.length - few)}
            </Button>
          ) : null}
        </View>
      ) : null}
      <Loads camp={camp} plan={plan} />
      <Text variant="bodySmall">{throwWords(plan)}</Text>
    </Card>
  );
}

function Figure({ value, words }: { value: string; words: string }) {
  return (
    <View style={styles.figure}>
      <Text variant="displaySmall">{value}</Text>
      <Text variant="bodySmall">{words}</Text>
    </View>
  );
}

/** Slots that each of the staff leads. */
function Loads({ camp, plan }: Props) {
  if (camp.setup.staff.length === 0) return null;
  const load = new Map(camp.setup.staff.map(({ id }) => [id, 0]));
  for (const of of Object.values(plan.coaches))
    for (const coach of Object.values(of)) load.set(coach, (load.get(coach) ?? 0) + 1);
  return (
    <Text>
      {texts.leadsOfSlots(
        camp.setup.staff.map(({ id, name }) => `${name} ${load.get(id)}`).join(', '),
        plan.slots.length,
      )}
    </Text>
  );
}

/** Athletes at no station, slot by slot. */
function waitingIn(camp: CampRecord): string[] {
  const called = calledIn(camp, true);
  return slotsOf(camp.setup).flatMap(({ id, day, start }) => {
    const waiting = stationsIn(camp, id).get(null) ?? [];
    return waiting.length ? [`${day}, ${start}: ${waiting.map(called).join(', ')}`] : [];
  });
}

function throwWords({ throws }: CampPlanRecord): string {
  const most = throws.reduce((max, each) => Math.max(max, each.throws), 0);
  return most ? texts.atMostThrows(most) : texts.nobodyThrows;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
  figure: { maxWidth: 150 },
  start: { alignSelf: 'flex-start' },
});
