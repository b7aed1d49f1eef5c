import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { api } from '../../store/api';
import { useMe, useToday } from '../../store/useAthlete';
import { AthleteLine } from '../../ui/AthleteLine';
import { dayAt, longDay, timeAt } from '../../ui/days';
import { Empty, Trouble, Waiting } from '../../ui/Notice';
import { Screen } from '../../ui/Screen';
import { useWide } from '../../ui/useWide';

/** The day's lessons in order, each with what is due. */
export function Today() {
  const { academy } = useMe();
  const today = useToday();
  const lessons = api.useLessonsQuery();
  const roster = api.useRosterQuery();
  const wide = useWide();
  const error = lessons.error ?? roster.error;
  const again = () => {
    void lessons.refetch();
    void roster.refetch();
  };
  const athletes = new Map(roster.data?.map((athlete) => [athlete.id, athlete]));
  // Lessons that were read on an earlier day are not today's.
  const day = roster.data
    ? lessons.data?.filter(({ startsAt }) => dayAt(new Date(startsAt), academy.zone) === today)
    : undefined;
  return (
    <Screen title={today ? longDay(today) : 'Today'} most={wide ? 1100 : 760}>
      {day ? (
        <Text variant="bodyLarge">
          {day.length === 0
            ? academy.name
            : `${day.length} ${day.length === 1 ? 'lesson' : 'lessons'} at ${academy.name}`}
        </Text>
      ) : null}
      {error ? <Trouble error={error} again={again} /> : null}
      {!day && !error ? <Waiting what="Reading the day" /> : null}
      {day?.length === 0 ? (
        <Empty
          action={
            <Button mode="contained" onPress={() => router.navigate('/roster')}>
              Go to the roster
            </Button>
          }
        >
          No lessons today. Put one in the diary from an athlete’s page, or pick someone from the roster.
        </Empty>
      ) : null}
      <View style={wide ? styles.grid : styles.list}>
        {day &&
          day.map((lesson) => {
            const athlete = athletes.get(lesson.athleteId);
            return athlete ? (
              <View key={lesson.id} style={wide ? styles.half : null}>
                <AthleteLine
                  athlete={athlete}
                  lead={timeAt(lesson.startsAt, academy.zone)}
                  trail={lesson.place}
                />
              </View>
            ) : null;
          })}
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  list: { gap: 10 },
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  half: { width: '49%' },
});
