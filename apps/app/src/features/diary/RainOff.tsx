import type { Lesson } from '@wrightonic/contract';
import { takesPlace } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useToday } from '../../store/useAthlete';
import { dayWords } from '../../ui/words/days';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  date: string;
  lessons: readonly Lesson[];
  /** In a narrow column. */
  short?: boolean;
}

/** Calls every lesson of a day off because of the weather, with a way back. */
export function RainOff({ date, lessons, short = false }: Props) {
  const dispatch = useAppDispatch();
  const today = useToday();
  const [rained, setRained] = useState<readonly Lesson[]>([]);
  const held = lessons.filter(takesPlace);
  const change = (which: readonly Lesson[], rain: boolean) => {
    for (const lesson of which)
      dispatch(
        log(lesson.athleteId, 'lesson-changed', {
          lessonId: lesson.id,
          // What was moved before goes back to where it had been moved.
          state: rain ? 'rained-off' : lesson.state,
          startsAt: !rain && lesson.state === 'moved' ? lesson.startsAt : null,
          place: !rain && lesson.state === 'moved' ? lesson.place : null,
          reason: '',
          rest: false,
        }),
      );
    setRained(rain ? which : []);
  };
  if (date < today) return null;
  if (rained.length)
    return (
      <View style={styles.row}>
        <Text role="status" style={styles.grow}>
          {texts.lessonWasRainedOff(rained.length)}
        </Text>
        <Button mode="outlined" icon="undo-variant" onPress={() => change(rained, false)}>
          {texts.undo}
        </Button>
      </View>
    );
  if (held.length === 0) return null;
  return (
    <Button
      mode="text"
      compact={short}
      icon="weather-pouring"
      style={styles.start}
      onPress={() => change(held, true)}
      accessibilityLabel={texts.rainOffLessonOn(held.length, dayWords(date, today))}
    >
      {short ? texts.rainOff : texts.rainOffThisDay}
    </Button>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
});
