import type { Lesson } from '@wrightonic/contract';
import { addDays, takesPlace } from '@wrightonic/core';
import { mondayOf } from '@wrightonic/core/day';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { api } from '../../store/api';
import { useMe, useToday } from '../../store/useAthlete';
import { Choices } from '../../ui/form/Choices';
import { useWide } from '../../ui/hooks/useWide';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Screen } from '../../ui/Screen/Screen';
import { WeekStrip } from '../../ui/WeekStrip/WeekStrip';
import { dayAt, dayWords } from '../../ui/words/days';
import { AddLesson } from './AddLesson';
import { DayColumn } from './DayColumn';
import { Feed } from './Feed';
import { useDiary } from './useDiary';
import { WeekByPlace } from './WeekByPlace';
import { WithoutLesson } from './WithoutLesson';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { IconButton } from '../../ui/Button/IconButton';

const week = [0, 1, 2, 3, 4, 5, 6];

/** Lessons of the week that is shown, by day. */
function useShownWeek(from: string) {
  const { academy, person } = useMe();
  const [whose, setWhose] = useState<'all' | 'mine'>('all');
  const { lessons, error, again } = useDiary(from, week.length);
  const days = useMemo(() => {
    const byDay = new Map<string, Lesson[]>();
    for (const lesson of lessons ?? []) {
      if (whose === 'mine' && lesson.instructorId !== person.id) continue;
      const date = dayAt(new Date(lesson.startsAt), academy.zone);
      byDay.set(date, [...(byDay.get(date) ?? []), lesson]);
    }
    return week.map((n) => {
      const date = addDays(from, n);
      return { date, lessons: byDay.get(date) ?? [] };
    });
  }, [lessons, whose, person.id, academy.zone, from]);
  return { lessons, days, error, again, whose, setWhose };
}

/** The lessons of a week: a day of it on a phone, all of it by place where there is room. */
export function Diary() {
  const today = useToday();
  const wide = useWide();
  const [weeks, setWeeks] = useState(0);
  const from = addDays(mondayOf(today), 7 * weeks);
  const { lessons, days, error, again, whose, setWhose } = useShownWeek(from);
  const { data: roster = [] } = api.useRosterQuery();
  const athletes = useMemo(() => new Map(roster.map((athlete) => [athlete.id, athlete])), [roster]);
  const [chosen, setChosen] = useState(today);
  const [adding, setAdding] = useState<{ athleteId: string | null } | null>(null);
  const day = days.find(({ date }) => date === chosen) ?? days[0]!;
  const go = (to: number) => {
    setWeeks(to);
    setChosen(to === 0 ? today : addDays(mondayOf(today), 7 * to));
  };
  return (
    <Screen
      title={texts.diary}
      back={{ label: texts.back, to: '/' }}
      maxWidth={wide ? 1240 : 760}
      action={
        <Button mode="contained" icon="plus" onPress={() => setAdding({ athleteId: null })}>
          {texts.addLesson}
        </Button>
      }
    >
      <View style={styles.row}>
        <IconButton
          icon="chevron-left"
          mode="outlined"
          accessibilityLabel={texts.previousWeek}
          onPress={() => go(weeks - 1)}
        />
        <Text variant="titleMedium" style={styles.grow} role="status">
          {texts.to2(dayWords(from, today), dayWords(addDays(from, 6), today))}
        </Text>
        {weeks ? <Button onPress={() => go(0)}>{texts.thisWeek}</Button> : null}
        <IconButton
          icon="chevron-right"
          mode="outlined"
          accessibilityLabel={texts.nextWeek}
          onPress={() => go(weeks + 1)}
        />
      </View>
      <Choices
        label={texts.whoseLessons}
        value={whose}
        onChange={setWhose}
        options={[
          { value: 'all', text: texts.everyones },
          { value: 'mine', text: texts.mine },
        ]}
      />
      {error ? <ErrorNotice error={error} again={again} /> : null}
      {!lessons && !error ? <Waiting what={texts.readingTheDiary} /> : null}
      {lessons && wide ? <WeekByPlace days={days} all={lessons} athletes={athletes} /> : null}
      {lessons && !wide ? (
        <>
          <WeekStrip
            label={texts.daysOfTheWeek}
            days={days.map(({ date, lessons: held }) => {
              const count = held.filter(takesPlace).length;
              return {
                date,
                count: count || null,
                words: count ? `${count} ${count === 1 ? 'lesson' : 'lessons'}` : texts.noLessons2,
              };
            })}
            chosen={day.date}
            today={today}
            onChoose={setChosen}
          />
          <DayColumn day={day} all={lessons} athletes={athletes} />
        </>
      ) : null}
      {lessons && roster.length ? (
        <WithoutLesson
          roster={roster}
          lessons={lessons}
          day={wide ? null : day.date}
          onAdd={(athleteId) => setAdding({ athleteId })}
        />
      ) : null}
      <Feed />
      {adding ? (
        <AddLesson
          roster={roster}
          athleteId={adding.athleteId}
          date={day.date < today ? today : day.date}
          onClose={() => setAdding(null)}
        />
      ) : null}
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 4 },
  grow: { flex: 1, textAlign: 'center' },
});
