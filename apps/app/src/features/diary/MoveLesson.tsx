import { typedInstant } from '@wrightonic/core';
import { moveLessonForm, type Lesson } from '@wrightonic/contract';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { FormDate, FormText, FormTime } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { dayAt, timeAt } from '../../ui/words/days';

interface Props {
  lesson: Lesson;
  onMove: (startsAt: string, place: string) => void;
}

/** Another day, time or place for a lesson. */
export function MoveLesson({ lesson, onMove }: Props) {
  const { academy } = useMe();
  const form = useSchemaForm(moveLessonForm, {
    date: dayAt(new Date(lesson.startsAt), academy.zone),
    time: timeAt(lesson.startsAt, academy.zone),
    place: lesson.place,
  });
  const move = form.handleSubmit(({ date, time, place }) => {
    const startsAt = typedInstant(date, time, academy.zone);
    if (startsAt) onMove(startsAt, place.trim());
    // The night in which the clocks go forward has no such hour.
    else form.setError('time', { message: `There is no ${time} at the venue on this day` });
  });
  return (
    <>
      <View style={styles.row}>
        <FormDate form={form} name="date" />
        <FormTime form={form} name="time" />
      </View>
      <FormText form={form} name="place" atMost={80} />
      <Button mode="contained" style={styles.start} onPress={() => void move()}>
        Move the lesson
      </Button>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
