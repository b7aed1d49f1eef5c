import type { NewLesson } from '@wrightonic/contract';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { checkedBy } from '../../ui/form/checkedBy';
import { Field } from '../../ui/form/Field';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';

/** Lessons in a row, a week apart. */
const repeats = [1, 4, 8, 12, 26];

/** Puts a lesson in the diary, so that it stands on the day's page. */
export function NewLessonCard({ athleteId }: { athleteId: string }) {
  const today = useToday();
  const [add, { isLoading, error }] = lazyEndpoints.useAddLessonMutation();
  const [done, setDone] = useState('');
  const { control, handleSubmit, reset, getValues } = useForm<NewLesson>({
    defaultValues: { id: v7(), athleteId, date: today, time: '16:00', minutes: 30, place: '' },
    resolver: checkedBy('lesson'),
  });
  const [weeks, setWeeks] = useState(1);
  const save = handleSubmit(async (lesson) => {
    const weekly = Array.from({ length: weeks - 1 }, () => v7());
    if ('error' in (await add({ ...lesson, weekly }))) return;
    setDone(
      `In the diary: ${lesson.date}, ${lesson.time}${weeks > 1 ? `, and each week after, ${weeks} lessons` : ''}.`,
    );
    reset({ ...getValues(), id: v7() });
  });
  return (
    <Card>
      <Heading level={3}>Next lesson</Heading>
      <View style={styles.row}>
        <View style={styles.grow}>
          <Field control={control} name="date" label="Day" />
        </View>
        <View style={styles.grow}>
          <Field control={control} name="time" label="Time" />
        </View>
      </View>
      <View style={styles.row}>
        <View style={styles.grow}>
          <Field control={control} name="minutes" label="Minutes" number />
        </View>
        <View style={styles.grow}>
          <Field control={control} name="place" label="Place" />
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
