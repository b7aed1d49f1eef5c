import type { Lesson, RosterEntry } from '@wrightonic/contract';
import { atOnce, takesPlace } from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading } from '../../ui/Screen/Screen';
import { longDay, timeAt } from '../../ui/words/days';
import { lessonWords } from '../../ui/words/lessonWords';
import { RainOff } from './RainOff';
import { texts } from './texts';

export interface DiaryDay {
  date: string;
  lessons: readonly Lesson[];
}

interface Props {
  day: DiaryDay;
  /** Of everyone, to see who shares a place. */
  all: readonly Lesson[];
  athletes: ReadonlyMap<string, RosterEntry>;
}

/** The lessons of one day in a list, and the rain that ends all of them. */
export function DayColumn({ day: { date, lessons }, all, athletes }: Props) {
  return (
    <View style={styles.root} role="group" aria-label={longDay(date)}>
      <Heading>{longDay(date)}</Heading>
      {lessons.length === 0 ? <Text>{texts.noLessons}</Text> : null}
      {lessons.map((lesson) => (
        <LessonCard key={lesson.id} lesson={lesson} date={date} all={all} athletes={athletes} showPlace />
      ))}
      <RainOff date={date} lessons={lessons} />
    </View>
  );
}

interface CardProps {
  lesson: Lesson;
  date: string;
  all: readonly Lesson[];
  athletes: ReadonlyMap<string, RosterEntry>;
  showPlace: boolean;
}

/** One lesson; a tap opens it. One that is not held is drawn with a broken line. */
export function LessonCard({ lesson, date, all, athletes, showPlace }: CardProps) {
  const { academy } = useMe();
  const athlete = athletes.get(lesson.athleteId);
  const others = atOnce(lesson, all).flatMap((other) => athletes.get(other.athleteId)?.givenName ?? []);
  const more = [
    showPlace ? lesson.place : '',
    lessonWords[lesson.state],
    others.length ? texts.withWord(others.join(', ')) : '',
  ].filter(Boolean);
  return (
    <PressableCard
      style={[styles.card, takesPlace(lesson) ? null : styles.off]}
      onPress={() => router.navigate(`/diary/${lesson.id}?on=${date}`)}
    >
      <Text variant="labelLarge" style={showPlace ? null : styles.time}>
        {timeAt(lesson.startsAt, academy.zone)}
      </Text>
      <Text>{athlete ? `${athlete.givenName} ${athlete.familyName}` : lesson.name}</Text>
      {more.length ? <Text variant="bodySmall">{more.join(' · ')}</Text> : null}
    </PressableCard>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  card: { padding: 8 },
  // Beside the handle by which it is dragged.
  time: { minHeight: 36 },
  off: { borderStyle: 'dashed', borderWidth: 2 },
});
