import { Redirect, router } from 'expo-router';
import { useMemo, useState } from 'react';
import { Text } from 'react-native-paper';
import { screen } from '../../screens/screen';
import { api } from '../../store/api';
import { useAppSelector } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { longDay } from '../../ui/words/days';
import { Empty, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Screen } from '../../ui/Screen/Screen';
import { useIdle } from '../../ui/hooks/useIdle';
import { useWide } from '../../ui/hooks/useWide';
import { dayCount, dayFor } from './day';
import { DayLessons } from './DayLessons';
import { LockedThrows } from './LockedThrows';
import { selectEntries } from '../../store/selectors';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { IconButton } from '../../ui/Button/IconButton';

// Comes with the later screens: the lessons are what somebody opens the app for.
const DayAsks = screen('DayAsks', null);
const FirstSight = screen('FirstSight', null);

/** The day; of somebody who helps at a camp it is the camp's. */
export function Today() {
  const { campId } = useMe().person;
  return campId ? <Redirect href={`/camps/${campId}/day`} /> : <OwnDay />;
}

/** The lessons of the day in order, one's own first, each with what is due, and what else the day asks for. */
function OwnDay() {
  const { academy, person } = useMe();
  const today = useToday();
  const [everybody, setEverybody] = useState(false);
  const lessons = api.useLessonsQuery();
  const roster = api.useRosterQuery();
  const entries = useAppSelector(selectEntries);
  const wide = useWide();
  const idle = useIdle();
  const error = lessons.error ?? roster.error;
  const again = () => {
    void lessons.refetch();
    void roster.refetch();
  };
  const athletes = useMemo(
    () => new Map(roster.data?.map((athlete) => [athlete.id, athlete])),
    [roster.data],
  );
  const day =
    lessons.data &&
    dayFor({
      lessons: lessons.data,
      entries,
      today,
      zone: academy.zone,
      instructorId: person.id,
      everybody,
    });
  return (
    <Screen
      title={today ? longDay(today, wide ? 'long' : 'short') : texts.today}
      maxWidth={wide ? 1100 : 760}
      action={
        <IconButton
          icon="calendar-plus"
          accessibilityLabel={texts.diary}
          onPress={() => router.navigate('/diary')}
        />
      }
    >
      {idle ? <FirstSight /> : null}
      <LockedThrows roster={roster.data ?? []} />
      {day ? <Text variant="bodyLarge">{dayCount(day, academy.name)}</Text> : null}
      {error ? <ErrorNotice error={error} again={again} /> : null}
      {!day && !error ? <Waiting what={texts.readingTheDay} /> : null}
      {day?.shown.length === 0 ? (
        <Empty
          action={
            <Button mode="contained" onPress={() => router.navigate('/roster')}>
              {texts.goToTheRoster}
            </Button>
          }
        >
          {texts.noLessonsTodayAdd}
        </Empty>
      ) : null}
      {day ? <DayLessons lessons={day.shown} today={today} athletes={athletes} /> : null}
      {day?.hidden ? (
        <Button mode="outlined" onPress={() => setEverybody(true)}>
          {texts.showEveryonesLessonsMore(day.hidden)}
        </Button>
      ) : null}
      {everybody ? <Button onPress={() => setEverybody(false)}>{texts.showOnlyMine}</Button> : null}
      {idle ? <DayAsks /> : null}
    </Screen>
  );
}
