import { newLesson } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { FormDate, FormFigure, FormText, FormTime } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { dayWords } from '../../ui/words/days';
import { Heading } from '../../ui/Screen/Screen';

/** Lessons in a row, a week apart. */
const repeats = [1, 4, 8, 12, 26];

/** Puts a lesson in the diary, so that it stands on the day's page. */
export function NewLessonCard({ athleteId }: { athleteId: string }) {
  const today = useToday();
  const [add, { isLoading, error }] = lazyEndpoints.useAddLessonMutation();
  const [done, setDone] = useState('');
  const form = useSchemaForm(newLesson, {
    id: v7(),
    athleteId,
    date: today,
    time: '16:00',
    minutes: 30,
    place: '',
  });
  const [weeks, setWeeks] = useState(1);
  const save = form.handleSubmit(async (lesson) => {
    const weekly = Array.from({ length: weeks - 1 }, () => v7());
    if ('error' in (await add({ ...lesson, weekly }))) return;
    setDone(
      `In the diary: ${dayWords(lesson.date, today)}, ${lesson.time}${weeks > 1 ? `, and each week after, ${weeks} lessons` : ''}.`,
    );
    form.reset({ ...form.getValues(), id: v7() });
  });
  return (
    <Card>
      <Heading level={3}>Next lesson</Heading>
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
        label="How often"
        shown
        value={weeks}
        onChange={setWeeks}
        options={repeats.map((value) => ({ value, text: value === 1 ? 'Once' : `${value} weeks` }))}
      />
      {error ? <ErrorNotice error={error} /> : null}
      <Text role="status">{done}</Text>
      <Button mode="outlined" icon="calendar-plus" loading={isLoading} onPress={() => void save()}>
        Put it in the diary
      </Button>
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: 8 }, grow: { flex: 1 } });
