import { newLesson } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { Choices } from './Choices';
import { FormDate, FormFigure, FormText, FormTime } from './bound';
import { useSchemaForm } from './schemaForm';
import { ErrorNotice } from '../Notice/Notice';
import { dayWords } from '../words/days';
import { texts } from '../texts';
import { Button } from '../Button/Button';

/** Lessons in a row, a week apart. */
const repeats = [1, 4, 8, 12, 26];

/** Puts a lesson in the diary, so that it stands on the day's page. */
export function LessonForm({ athleteId, date }: { athleteId: string; date: string }) {
  const today = useToday();
  const [add, { isLoading, error }] = lazyEndpoints.useAddLessonMutation();
  const [done, setDone] = useState('');
  const form = useSchemaForm(newLesson, {
    id: v7(),
    athleteId,
    date,
    time: '16:00',
    minutes: 30,
    place: '',
  });
  const [weeks, setWeeks] = useState(1);
  const save = form.handleSubmit(async (lesson) => {
    const weekly = Array.from({ length: weeks - 1 }, () => v7());
    if ('error' in (await add({ ...lesson, weekly }))) return;
    setDone(
      weeks > 1
        ? texts.addedWeeklyLessonsFrom(weeks, dayWords(lesson.date, today), lesson.time)
        : texts.added(dayWords(lesson.date, today), lesson.time),
    );
    form.reset({ ...form.getValues(), id: v7() });
  });
  return (
    <View style={styles.root}>
      <View style={styles.row}>
        <View style={styles.grow}>
          <FormDate form={form} name="date" />
        </View>
        <View style={styles.grow}>
          <FormTime form={form} name="time" />
        </View>
      </View>
      <View style={styles.row}>
        <View style={styles.grow}>
          <FormFigure form={form} name="minutes" />
        </View>
        <View style={styles.grow}>
          <FormText form={form} name="place" atMost={80} />
        </View>
      </View>
      <Choices
        label={texts.howOften}
        shown
        value={weeks}
        onChange={setWeeks}
        options={repeats.map((value) => ({ value, text: value === 1 ? texts.once : texts.weeks(value) }))}
      />
      {error ? <ErrorNotice error={error} /> : null}
      <Text role="status">{done}</Text>
      <Button mode="outlined" icon="calendar-plus" loading={isLoading} onPress={() => void save()}>
        {texts.addToTheDiary}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
  grow: { flex: 1 },
});
