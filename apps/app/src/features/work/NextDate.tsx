import type { WorkPage } from '@wrightonic/contract';
import { addDays, typedInstant } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { withPendingEvents } from '../../offline/local';
import { log } from '../../offline/log';
import { api } from '../../store/api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { Choices } from '../../ui/form/Choices';
import { clockAt, longDay, weekday } from '../../ui/words/days';
import { selectEntries } from '../../store/selectors';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** After so many days people usually come again. */
const usual = [2, 3, 4, 7, 14];
const usualTime = '16:00';
const usualMinutes = 30;

/** The next lesson: the one in the diary, or another with two taps, at the time and place of today’s. */
export function NextDate({ page: stored }: { page: WorkPage }) {
  const { academy, person } = useMe();
  const today = useToday();
  const dispatch = useAppDispatch();
  const entries = useAppSelector(selectEntries);
  const page = withPendingEvents(stored.athlete.id, stored, entries, {
    by: person.name,
    zone: academy.zone,
    today,
  });
  const { data: lessons } = api.useLessonsQuery();
  const [date, setDate] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  const next = page.upcoming.find(({ kind, date: day }) => kind === 'lesson' && day > today);
  const own = lessons?.find(({ athleteId }) => athleteId === page.athlete.id);
  const time = own ? clockAt(own.startsAt, academy.zone) : usualTime;
  const plan = () => {
    const startsAt = date && typedInstant(date, time, academy.zone);
    if (!startsAt) return;
    const { minutes = usualMinutes, place = '' } = own ?? {};
    dispatch(
      log(page.athlete.id, 'lesson-planned', {
        athleteId: page.athlete.id,
        startsAt,
        zone: academy.zone,
        minutes,
        place,
      }),
    );
    setDate(null);
    setOpen(false);
  };
  return (
    <View style={styles.root}>
      <View style={styles.row}>
        <Text role="status" style={styles.grow}>
          {next ? longDay(next.date) : texts.noneInTheDiary}
        </Text>
        <Button mode="text" compact aria-expanded={open} onPress={() => setOpen(!open)}>
          {next ? texts.addAnother : texts.addALesson}
        </Button>
      </View>
      {open ? (
        <Choices<string | null>
          label={texts.dayOfTheNext}
          value={date}
          onChange={setDate}
          options={usual.map((days) => {
            const value = addDays(today, days);
            return { value, text: `${weekday(value)} ${Number(value.slice(8))}` };
          })}
        />
      ) : null}
      {date ? (
        <Button mode="contained-tonal" icon="calendar-plus" style={styles.start} onPress={plan}>
          {texts.add(longDay(date), time)}
        </Button>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 6 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
});
