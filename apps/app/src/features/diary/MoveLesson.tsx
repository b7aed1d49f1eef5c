import { moveLessonForm, type Lesson, type RosterEntry } from '@wrightonic/contract';
import { addDays, lessonConflicts, typedInstant, type LessonConflict } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe, useToday } from '../../store/useAthlete';
import { FormDate, FormText, FormTime } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { Notice } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { clockAt, dayAt, dayWords, weekday } from '../../ui/words/days';
import { conflictWords } from './conflictWords';
import { useDiary } from './useDiary';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Days that are offered at the same time of day. */
const offeredDays = 7;

interface Props {
  lesson: Lesson;
  athletes: ReadonlyMap<string, RosterEntry>;
  onMove: (startsAt: string, place: string) => void;
}

/** Another day at the same time with one tap, or any day, time and place; what is in the way is told first. */
export function MoveLesson({ lesson, athletes, onMove }: Props) {
  const { academy } = useMe();
  const today = useToday();
  const { lessons = [] } = useDiary(today, offeredDays + 1);
  const [wanted, setWanted] = useState<{ startsAt: string; place: string } | null>(null);
  const time = clockAt(lesson.startsAt, academy.zone);
  const form = useSchemaForm(moveLessonForm, {
    date: dayAt(new Date(lesson.startsAt), academy.zone),
    time,
    place: lesson.place,
  });
  const conflictsAt = (startsAt: string, place: string): LessonConflict<Lesson>[] =>
    lessonConflicts({ ...lesson, startsAt, place, state: 'moved' }, lessons);
  const ask = (startsAt: string, place: string) =>
    conflictsAt(startsAt, place).length ? setWanted({ startsAt, place }) : onMove(startsAt, place);
  const move = form.handleSubmit(({ date, time: at, place }) => {
    const startsAt = typedInstant(date, at, academy.zone);
    if (startsAt) ask(startsAt, place.trim());
    // The night in which the clocks go forward has no such hour.
    else form.setError('time', { message: texts.thereIsNoAtTheVenue(at) });
  });
  const days = Array.from({ length: offeredDays }, (_, n) => addDays(today, n + 1)).flatMap((date) => {
    const startsAt = typedInstant(date, time, academy.zone);
    return startsAt && date !== dayAt(new Date(lesson.startsAt), academy.zone) ? [{ date, startsAt }] : [];
  });
  return (
    <>
      <Text variant="labelMedium">{texts.sameTimeOn}</Text>
      <View style={styles.days}>
        {days.map(({ date, startsAt }) => {
          const [conflict] = conflictsAt(startsAt, lesson.place);
          return (
            <PressableCard
              key={date}
              style={styles.day}
              aria-label={texts.moveTo(
                weekday(date),
                dayWords(date, today),
                conflict ? texts.taken : texts.free,
              )}
              onPress={() => ask(startsAt, lesson.place)}
            >
              <Text variant="labelLarge">{`${weekday(date)} ${dayWords(date, today)}`}</Text>
              <Text variant="bodySmall">
                {conflict
                  ? (athletes.get(conflict.other.athleteId)?.givenName ?? conflict.other.name)
                  : texts.free}
              </Text>
            </PressableCard>
          );
        })}
      </View>
      {wanted ? (
        <View style={styles.gap} role="status">
          {conflictsAt(wanted.startsAt, wanted.place).map((conflict) => (
            <Notice key={`${conflict.why} ${conflict.other.id}`}>
              {conflictWords(conflict, academy.zone, athletes)}
            </Notice>
          ))}
          <Button mode="contained" style={styles.start} onPress={() => onMove(wanted.startsAt, wanted.place)}>
            {texts.moveAnyway}
          </Button>
        </View>
      ) : null}
      <Text variant="labelMedium">{texts.orAnotherDayTime}</Text>
      <View style={styles.row}>
        <FormDate form={form} name="date" />
        <FormTime form={form} name="time" />
      </View>
      <FormText form={form} name="place" atMost={80} />
      <Button mode="contained" style={styles.start} onPress={() => void move()}>
        {texts.moveLesson}
      </Button>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  days: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  day: { padding: 8, minWidth: 84 },
  gap: { gap: 8 },
  start: { alignSelf: 'flex-start' },
});
