import { type BuildPage, type AssignmentRecord } from '@wrightonic/contract';
import { addDays, weekChanges, weekdayName, type WeekChange, type WeekItem, dayOf } from '@wrightonic/core';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useOtherAthlete, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athleteId: string;
  /** The day of the lesson that does not take place there. */
  date: string;
  /** The day to which it was moved; null when it is held on none. */
  to: string | null;
  minutes: number;
}

/** What a lesson that does not take place does to the assigned week, proposed at once. */
export function Replan(props: Props) {
  const { page, error } = useOtherAthlete(props.athleteId, 'build');
  const today = useToday();
  if (error) return <ErrorNotice error={error} />;
  if (!page) return <Waiting what={texts.readingTheWeek} />;
  return <Found {...props} page={page} today={today} />;
}

/** The week as it was when the lesson was changed: once it is assigned anew, nothing of it hangs there any more. */
function Found({ page: read, today, ...props }: Props & { page: BuildPage; today: string }) {
  const [page] = useState(read);
  const running = page.plan?.assignment;
  const touched = running?.days.some(({ date, kind }) => date === props.date && kind === 'lesson');
  if (!page.plan || !running || !touched || addDays(running.from, 6) < today)
    return <Text>{texts.thisDoesntAffect}</Text>;
  return <Proposed {...props} page={page} planId={page.plan.id} running={running} today={today} />;
}

interface ProposedProps extends Props {
  page: BuildPage;
  planId: string;
  running: AssignmentRecord;
  today: string;
}

const plain = ({ date, drill, sets }: WeekItem): WeekItem => ({ date, drill, sets });

function Proposed({ athleteId, date, to, minutes, page, planId, running, today }: ProposedProps) {
  const book = useBook();
  const [propose, { data, error, isLoading }] = lazyEndpoints.useProposeWeekMutation();
  const [assign, assigning] = lazyEndpoints.useAssignMutation();
  const [id] = useState(() => v7());
  const [left, setLeft] = useState(false);
  const days = running.days
    .filter((day) => day.date >= today)
    .map((day) => {
      if (day.date === to) return dayOf(day.date, 'lesson', page, minutes);
      return day.date === date ? dayOf(day.date, 'home', page) : day;
    });
  const before = running.items.filter((item) => item.date >= today).map(plain);
  const ask = () => void propose({ planId, body: { from: running.from, days, pins: [], before } });
  useEffect(() => {
    ask();
    // Once, when it is shown; another change of the lesson shows another one.
    // oxlint-disable-next-line react/exhaustive-deps
  }, []);
  const changes = data ? weekChanges(before, data.items) : [];
  const say = ({ drill, date: on, before: was, after }: WeekChange): string => {
    const name = book.drill(drill)?.name ?? drill;
    const sets = (n: number) => `${n} ${n === 1 ? 'set' : 'sets'}`;
    if (after === 0) return texts.dropped(weekdayName(on), name);
    return was === 0
      ? texts.added(weekdayName(on), name, sets(after))
      : texts.insteadOf(weekdayName(on), name, sets(after), was);
  };
  return (
    <Card>
      <Heading>{texts.theRest}</Heading>
      {isLoading ? <Waiting what={texts.planningTheRest} /> : null}
      {error ? <ErrorNotice error={error} again={ask} /> : null}
      {data && changes.length === 0 ? <Text>{texts.nothingHasToChange}</Text> : null}
      {changes.map((change) => (
        <Text key={`${change.date} ${change.drill}`}>{say(change)}</Text>
      ))}
      {data?.limitedBy.map((words) => (
        <Text key={words} variant="bodySmall">
          {words}
        </Text>
      ))}
      {assigning.error ? <ErrorNotice error={assigning.error} /> : null}
      {assigning.isSuccess ? <Text role="status">{texts.theNewWeek}</Text> : null}
      {data && changes.length && !assigning.isSuccess && !left ? (
        <View style={styles.row}>
          <Button
            mode="contained"
            loading={assigning.isLoading}
            onPress={() =>
              void assign({
                athleteId,
                planId,
                body: { id, from: running.from, days, items: data.items, reason: '' },
              })
            }
          >
            {texts.assignTheNewWeek}
          </Button>
          <Button mode="text" onPress={() => setLeft(true)}>
            {texts.keepTheWeekAs}
          </Button>
        </View>
      ) : null}
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
