import type { Lesson, RosterEntry } from '@wrightonic/contract';
import { addDays, atOnce, takesPlace } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { api } from '../../store/api';
import { useMe, useToday } from '../../store/useAthlete';
import { Choices } from '../../ui/form/Choices';
import { dayAt, dayWords, longDay, timeAt } from '../../ui/words/days';
import { lessonWords } from '../../ui/words/lessonWords';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { useWide } from '../../ui/hooks/useWide';
import { Feed } from './Feed';
import { useDiary } from './useDiary';

const week = [0, 1, 2, 3, 4, 5, 6];

/** The lessons of a week, day by day. */
export function Diary() {
  const { academy, person } = useMe();
  const today = useToday();
  const wide = useWide();
  const [weeks, setWeeks] = useState(0);
  const [whose, setWhose] = useState<'all' | 'mine'>('all');
  const from = addDays(today, 7 * weeks);
  const { lessons, error, again } = useDiary(from, week.length);
  const { data: roster = [] } = api.useRosterQuery();
  const athletes = new Map(roster.map((athlete) => [athlete.id, athlete]));
  const mine = (lessons ?? []).filter(({ instructorId }) => whose === 'all' || instructorId === person.id);
  return (
    <Screen title="Diary" back={{ label: 'Back to today', to: '/' }} maxWidth={wide ? 1100 : 760}>
      <View style={styles.row}>
        <IconButton
          icon="chevron-left"
          mode="outlined"
          accessibilityLabel="The week before"
          onPress={() => setWeeks(weeks - 1)}
        />
        <Text variant="titleMedium" style={styles.grow} role="status">
          {`${dayWords(from, today)} to ${dayWords(addDays(from, 6), today)}`}
        </Text>
        {weeks ? <Button onPress={() => setWeeks(0)}>This week</Button> : null}
        <IconButton
          icon="chevron-right"
          mode="outlined"
          accessibilityLabel="The week after"
          onPress={() => setWeeks(weeks + 1)}
        />
      </View>
      <Choices
        label="Whose lessons"
        value={whose}
        onChange={setWhose}
        options={[
          { value: 'all', text: 'Everybody’s' },
          { value: 'mine', text: 'Mine' },
        ]}
      />
      {error ? <ErrorNotice error={error} again={again} /> : null}
      {!lessons && !error ? <Waiting what="Reading the diary" /> : null}
      {lessons ? (
        <View style={wide ? styles.wide : styles.list}>
          {week.map((n) => {
            const date = addDays(from, n);
            const day = mine.filter(({ startsAt }) => dayAt(new Date(startsAt), academy.zone) === date);
            return (
              <View key={date} style={wide ? styles.column : null}>
                <Heading>{wide ? dayWords(date, today) : longDay(date)}</Heading>
                {day.length === 0 ? <Text variant="bodySmall">No lessons</Text> : null}
                {day.map((lesson) => (
                  <Line
                    key={lesson.id}
                    lesson={lesson}
                    athlete={athletes.get(lesson.athleteId)}
                    time={timeAt(lesson.startsAt, academy.zone)}
                    others={atOnce(lesson, lessons).flatMap(
                      (other) => athletes.get(other.athleteId)?.givenName ?? [],
                    )}
                    date={date}
                  />
                ))}
              </View>
            );
          })}
        </View>
      ) : null}
      <Text variant="bodySmall">
        A lesson is put into the diary on the athlete’s page, once or every week.
      </Text>
      <Feed />
    </Screen>
  );
}

interface LineProps {
  lesson: Lesson;
  athlete: RosterEntry | undefined;
  time: string;
  date: string;
  /** Who else is there at that time. */
  others: readonly string[];
}

function Line({ lesson, athlete, time, date, others }: LineProps) {
  const name = athlete ? `${athlete.givenName} ${athlete.familyName}` : '…';
  return (
    <PressableCard
      style={[styles.line, takesPlace(lesson) ? null : styles.off]}
      onPress={() => router.navigate(`/diary/${lesson.id}?on=${date}`)}
    >
      <Text variant="labelLarge">{`${time}  ${name}`}</Text>
      <Text variant="bodySmall">
        {[lesson.place, lessonWords[lesson.state], others.length ? `also ${others.join(', ')}` : '']
          .filter(Boolean)
          .join(' · ')}
      </Text>
    </PressableCard>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 4 },
  grow: { flex: 1, textAlign: 'center' },
  list: { gap: 12 },
  wide: { flexDirection: 'row', gap: 8 },
  column: { flex: 1, minWidth: 0, gap: 6 },
  line: { marginTop: 6 },
  off: { borderStyle: 'dashed', borderWidth: 2 },
});
