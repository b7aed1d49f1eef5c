import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import type { BuildPage, PlanRecord } from '@wrightonic/contract';
import { listed, type WeekItem } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useToday } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { dayWords, weekday, withDays } from '../../../ui/words/days';
import { Notice, ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { useDragSensors } from '../../../ui/drag/dragSensors';
import { keyboardSteps } from '../keyboardSteps';
import { DayBox } from './DayBox';
import { Games } from './Games';
import { useWeek } from './useWeek';
import { useBook } from '../../../ui/hooks/useBook';
import { TextField } from '../../../ui/form/TextField';

const shownReasons = 3;
const dateOf = (id: string): string => id.split(' ')[0]!;
const dayOf = (id: unknown): string => weekday(dateOf(String(id)));

const byDays = keyboardSteps(dateOf);

interface Props {
  page: BuildPage;
  plan: PlanRecord;
  onDone: () => void;
}

/** What limited the week, the first few until somebody asks for all. */
function LimitedBy({ words, today }: { words: readonly string[]; today: string }) {
  const [all, setAll] = useState(false);
  if (words.length === 0) return null;
  return (
    <View style={styles.reasons}>
      <Text variant="labelMedium">What held it back</Text>
      {words.slice(0, all ? undefined : shownReasons).map((each) => (
        <Text key={each} variant="bodySmall">
          {withDays(each, today)}
        </Text>
      ))}
      {words.length > shownReasons && !all ? (
        <Button mode="text" compact style={styles.start} onPress={() => setAll(true)}>
          {`${words.length - shownReasons} more`}
        </Button>
      ) : null}
    </View>
  );
}

/** The coming week, planned by the solver and put right by hand; the limits answer at once. */
export function Week({ page, plan, onDone }: Props) {
  const today = useToday();
  const week = useWeek(page, plan);
  const book = useBook();
  const nameOf = (id: unknown): string => book.drill(String(id).split(' ')[1] ?? '')?.name ?? 'The drill';
  const [reason, setReason] = useState('');
  const [id] = useState(() => v7());
  const [assign, { isLoading, error }] = lazyEndpoints.useAssignMutation();
  const sensors = useDragSensors(byDays);
  const dropped = ({ active, over }: DragEndEvent) => {
    const item = active.data.current?.['item'] as WeekItem | undefined;
    const day = week.days.find(({ date }) => date === over?.id);
    if (item && day && day.kind !== 'off' && day.date !== item.date) week.move(item, day.date);
  };
  const limits = week.limits.filter(({ kind }) => kind === 'limit');
  const over = limits.length > 0 || week.rules.some(({ kind }) => kind === 'limit');
  const general = week.rules.filter(({ date }) => date === null);
  return (
    <Card>
      <Heading>{week.running ? 'The rest of this week' : 'The coming week'}</Heading>
      {week.assumed.length ? (
        <Text variant="bodySmall">
          {`The diary has no lesson on ${listed(week.assumed.map(weekday))}: counted as ${week.assumed.length === 1 ? 'a lesson' : 'lessons'} here. The pencil changes a day.`}
        </Text>
      ) : null}
      {week.limitedBy?.missed.map((words) => (
        <Notice key={words}>{words}</Notice>
      ))}
      {week.planning ? <Waiting what="Planning the week that is worth most" /> : null}
      {week.error ? <ErrorNotice error={week.error} again={() => void week.planAnew()} /> : null}
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={dropped}
        accessibility={{
          announcements: {
            onDragStart: ({ active }) => `${nameOf(active.id)} is lifted. Arrow keys go from day to day.`,
            onDragOver: ({ active, over: at }) =>
              at ? `${nameOf(active.id)} is over ${dayOf(at.id)}.` : undefined,
            onDragEnd: ({ active, over: at }) =>
              at ? `${nameOf(active.id)} is on ${dayOf(at.id)}.` : undefined,
            onDragCancel: ({ active }) => `${nameOf(active.id)} stays where it was.`,
          },
        }}
      >
        <View style={styles.days}>
          {week.days.map((day) => (
            <DayBox key={day.date} day={day} page={page} week={week} today={today} />
          ))}
        </View>
      </DndContext>
      {general.map(({ words }) => (
        <Notice key={words}>{withDays(words, today)}</Notice>
      ))}
      <LimitedBy words={week.limitedBy?.words ?? []} today={today} />
      {week.limitedBy && week.limitedBy.gap > 0.01 ? (
        <Text variant="bodySmall">{`Within ${(week.limitedBy.gap * 100).toFixed(1)} % of the best week there can be.`}</Text>
      ) : null}
      <Text variant="bodySmall">
        {`At most ${page.limits.maxToday} throws a day at age ${page.athlete.age}, easy ones counted half. Local rules win where they are stricter.`}
      </Text>
      {week.limits.map(({ date, kind, message }) => (
        <Notice key={`${date} ${kind}`}>
          {withDays(
            kind === 'limit' ? `${weekday(date)} ${dayWords(date, today)}: ${message}.` : message,
            today,
          )}
        </Notice>
      ))}
      {over ? (
        <TextField
          label="Why more throws than the limits allow?"
          value={reason}
          onChange={setReason}
          atMost={300}
        />
      ) : null}
      {error ? <ErrorNotice error={error} /> : null}
      <Games page={page} onKept={week.takeGames} onGone={week.dropGame} />
      <View style={styles.row}>
        <Button
          mode="contained"
          loading={isLoading}
          contentStyle={{ minHeight: 48 }}
          disabled={week.planning || week.items.length === 0 || (over && !reason.trim())}
          onPress={() =>
            void assign({
              athleteId: page.athlete.id,
              planId: plan.id,
              body: { id, from: week.from, days: week.days, items: week.items, reason },
            }).then((answer) => ('data' in answer ? onDone() : undefined))
          }
        >
          Assign the week
        </Button>
        <Button
          mode={week.stale ? 'contained-tonal' : 'text'}
          contentStyle={{ minHeight: 48 }}
          disabled={week.planning}
          onPress={() => void week.planAnew()}
        >
          Plan it anew
        </Button>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  days: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  reasons: { gap: 2 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
