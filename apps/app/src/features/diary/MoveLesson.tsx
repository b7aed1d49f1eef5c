import { typedInstant } from '@wrightonic/core';
import type { Lesson } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { dayAt, timeAt } from '../../ui/words/days';

interface Props {
  lesson: Lesson;
  onMove: (startsAt: string, place: string) => void;
}

/** Another day, time or place for a lesson. */
export function MoveLesson({ lesson, onMove }: Props) {
  const { academy } = useMe();
  const [date, setDate] = useState(dayAt(new Date(lesson.startsAt), academy.zone));
  const [time, setTime] = useState(timeAt(lesson.startsAt, academy.zone));
  const [place, setPlace] = useState(lesson.place);
  const startsAt = typedInstant(date, time, academy.zone);
  const fields = [
    { label: 'Day', value: date, set: setDate, hint: 'YYYY-MM-DD' },
    { label: 'Time', value: time, set: setTime, hint: 'HH:MM' },
  ];
  return (
    <>
      <View style={styles.row}>
        {fields.map(({ label, value, set, hint }) => (
          <TextInput
            key={label}
            mode="outlined"
            label={label}
            aria-label={label}
            placeholder={hint}
            value={value}
            onChangeText={set}
            style={styles.grow}
          />
        ))}
      </View>
      <TextInput
        mode="outlined"
        label="Place"
        aria-label="Place"
        value={place}
        onChangeText={setPlace}
        maxLength={80}
      />
      {startsAt ? null : <Text role="alert">Day: a real day such as 2026-05-01. Time: such as 16:30.</Text>}
      <Button
        mode="contained"
        disabled={!startsAt}
        style={styles.start}
        onPress={() => startsAt && onMove(startsAt, place.trim())}
      >
        Move the lesson
      </Button>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
});
