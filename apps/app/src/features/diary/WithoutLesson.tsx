import type { Lesson, RosterEntry } from '@wrightonic/contract';
import { takesPlace, weekdayOf } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useToday } from '../../store/useAthlete';
import { weekday } from '../../ui/words/days';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  roster: readonly RosterEntry[];
  /** Of everyone, in the week that is shown. */
  lessons: readonly Lesson[];
  /** The day that is open; null where the whole week is. */
  day: string | null;
  onAdd: (athleteId: string) => void;
}

const few = 24;

/** Who has no lesson in the week, those first who have time on the day that is open. */
export function WithoutLesson({ roster, lessons, day, onAdd }: Props) {
  const today = useToday();
  const [open, setOpen] = useState(false);
  const [all, setAll] = useState(false);
  const booked = new Set(lessons.filter(takesPlace).map(({ athleteId }) => athleteId));
  const on = day ? weekdayOf(day) : null;
  const isFree = ({ days }: RosterEntry): boolean => on !== null && days.includes(on);
  const without = roster
    .filter(({ id }) => !booked.has(id))
    .sort((a, b) => Number(isFree(b)) - Number(isFree(a)) || a.givenName.localeCompare(b.givenName));
  if (without.length === 0) return null;
  return (
    <View style={styles.root}>
      <Button
        mode="text"
        icon={open ? 'chevron-up' : 'chevron-down'}
        aria-expanded={open}
        style={styles.start}
        onPress={() => setOpen(!open)}
      >
        {texts.withoutALesson(without.length)}
      </Button>
      {open ? (
        <View style={styles.row}>
          {without.slice(0, all ? undefined : few).map((athlete) => (
            <Button
              key={athlete.id}
              mode={isFree(athlete) ? 'contained-tonal' : 'outlined'}
              compact
              icon="plus"
              accessibilityLabel={texts.addALessonFor(athlete.givenName, athlete.familyName)}
              onPress={() => onAdd(athlete.id)}
            >
              {`${athlete.givenName} ${athlete.familyName}${isFree(athlete) && day && day >= today ? texts.freeOn(weekday(day)) : ''}`}
            </Button>
          ))}
          {without.length > few && !all ? (
            <Button mode="text" compact onPress={() => setAll(true)}>
              {texts.more(without.length - few)}
            </Button>
          ) : null}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 6 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  start: { alignSelf: 'flex-start' },
});
