import { takesPlace } from '@wrightonic/core/lesson';
import { router } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { withLessonChanges } from '../../offline/lessons';
import { screen } from '../../screens/screen';
import { api } from '../../store/api';
import { useAppSelector } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { AthleteLine } from '../../ui/AthleteLine/AthleteLine';
import { dayAt, longDay, timeAt } from '../../ui/words/days';
import { Icon } from '../../ui/Icon/Icon';
import { lessonWords } from '../../ui/words/lessonWords';
import { Empty, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Screen } from '../../ui/Screen/Screen';
import { useIdle } from '../../ui/hooks/useIdle';
import { useWide } from '../../ui/hooks/useWide';
import { LockedThrows } from './LockedThrows';

// Comes with the later screens: the lessons are what somebody opens the app for.
const DayAsks = screen('DayAsks', null);

/** As many as a phone shows; the rest is drawn once these stand. */
const firstLines = 5;

/** The day's lessons in order, each with what is due, and what else the day asks for. */
export function Today() {
  const { academy } = useMe();
  const today = useToday();
  const lessons = api.useLessonsQuery();
  const roster = api.useRosterQuery();
  const entries = useAppSelector(({ pendingEvents }) => pendingEvents.entries);
  const wide = useWide();
  const idle = useIdle();
  const error = lessons.error ?? roster.error;
  const again = () => {
    void lessons.refetch();
    void roster.refetch();
  };
  const athletes = new Map(roster.data?.map((athlete) => [athlete.id, athlete]));
  // Lessons that were read on an earlier day are not today's, nor are those that were moved away.
  const day =
    roster.data && lessons.data
      ? withLessonChanges(lessons.data, entries).filter(
          ({ startsAt }) => dayAt(new Date(startsAt), academy.zone) === today,
        )
      : undefined;
  const takingPlace = day?.filter(takesPlace).length;
  return (
    <Screen
      title={today ? longDay(today) : 'Today'}
      maxWidth={wide ? 1100 : 760}
      action={
        <IconButton
          icon="calendar-plus"
          accessibilityLabel="Diary"
          onPress={() => router.navigate('/diary')}
        />
      }
    >
      <LockedThrows roster={roster.data ?? []} />
      {day ? (
        <Text variant="bodyLarge">
          {takingPlace
            ? `${takingPlace} ${takingPlace === 1 ? 'lesson' : 'lessons'} at ${academy.name}`
            : academy.name}
        </Text>
      ) : null}
      {error ? <ErrorNotice error={error} again={again} /> : null}
      {!day && !error ? <Waiting what="Reading the day" /> : null}
      {day?.length === 0 ? (
        <Empty
          action={
            <Button mode="contained" onPress={() => router.navigate('/roster')}>
              Go to the roster
            </Button>
          }
        >
          No lessons today. Put one in the diary from an athlete’s page, or pick someone from the roster.
        </Empty>
      ) : null}
      <View style={wide ? styles.grid : styles.list}>
        {(idle ? day : day?.slice(0, firstLines))?.map((lesson) => {
          const athlete = athletes.get(lesson.athleteId);
          const time = timeAt(lesson.startsAt, academy.zone);
          return athlete ? (
            <View key={lesson.id} style={[styles.line, wide ? styles.half : null]}>
              <View style={styles.grow}>
                <AthleteLine
                  athlete={athlete}
                  lead={time}
                  trail={lessonWords[lesson.state] || lesson.place}
                />
              </View>
              <Pressable
                role="button"
                aria-label={`Change the lesson of ${athlete.givenName} at ${time}`}
                style={styles.more}
                onPress={() => router.navigate(`/diary/${lesson.id}?on=${today}`)}
              >
                <Icon name="dots-vertical" />
              </Pressable>
            </View>
          ) : null;
        })}
      </View>
      {idle ? <DayAsks /> : null}
    </Screen>
  );
}

const styles = StyleSheet.create({
  list: { gap: 10 },
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  half: { width: '49%' },
  line: { flexDirection: 'row', alignItems: 'center' },
  grow: { flex: 1, minWidth: 0 },
  more: { width: 44, height: 44, alignItems: 'center', justifyContent: 'center' },
});
