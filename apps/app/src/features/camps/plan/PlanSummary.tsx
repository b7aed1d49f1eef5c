import type { CampPlanRecord, CampRecord } from '@wrightonic/contract';
import { overThrown, slotsOf } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { useToday } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { Notice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { dayWords, withDays } from '../../../ui/words/days';
import { calledIn, stationsIn } from '../useCamp';

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
      <Heading>How good it is</Heading>
      <View style={styles.row}>
        <Figure value={percent(plan.floor)} words="of their best for whoever is served least" />
        {middle === null ? null : <Figure value={percent(middle)} words="in the middle" />}
        <Figure
          value={plan.gap < 0.0005 ? '0 %' : `${(100 * plan.gap).toFixed(1)} %`}
          words="at most below the best possible, proven"
        />
      </View>
      <Text variant="bodySmall">
        {`${plan.why}, by ${plan.by}. Need served ${plan.objective.toFixed(1)} of at most ${plan.bound.toFixed(1)} with this floor.${plan.ms ? ` Found in ${(plan.ms / 1000).toFixed(1)} s.` : ''}`}
      </Text>
      {shares.length ? (
        <Text>
          {`Served least: ${shares
            .slice(0, few)
            .map(({ athlete, share }) => `${called(athlete)} ${percent(share!)}`)
            .join(', ')}.`}
        </Text>
      ) : null}
      {waits.length ? (
        <Notice>
          <Text variant="labelLarge">Who waits</Text>
          {waits.map((words) => (
            <Text key={words}>{withDays(words, today)}</Text>
          ))}
        </Notice>
      ) : null}
      {over.length ? (
        <Notice>
          <Text variant="labelLarge">More throws than are left</Text>
          {over.map(({ athlete, day, counted, left }) => (
            <Text key={`${athlete} ${day}`}>
              {`${called(athlete)}, ${dayWords(day, today)}: ${counted}, ${left} left.`}
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
              {`and ${plan.limitedBy.length - few} more`}
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
      {`Leads: ${camp.setup.staff.map(({ id, name }) => `${name} ${load.get(id)}`).join(', ')} of ${plan.slots.length} slots.`}
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
  return most
    ? `Throws on a day: ${most} at most for anybody. Throws of games and lessons count against what is left.`
    : 'Nobody throws.';
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
  figure: { maxWidth: 150 },
  start: { alignSelf: 'flex-start' },
});
