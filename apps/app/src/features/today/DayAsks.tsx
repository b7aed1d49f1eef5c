import type { DayAlerts, Lesson, RosterEntry } from '@wrightonic/contract';
import { clashes } from '@wrightonic/core/lesson';
import { router, type Href } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { withLessonChanges } from '../../offline/lessons';
import { api } from '../../store/api';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAppSelector } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { agoWords, dayAt, timeAt } from '../../ui/words/days';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { ReadyButton } from '../../ui/ReadyButton/ReadyButton';
import { Heading } from '../../ui/Screen/Screen';
import { selectEntries, selectUnsentCount } from '../../store/selectors';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** More than this nobody reads on a day. */
const shown = 8;

/** What the day asks for beside its lessons: pain, who waits, who did nothing, who is ready, what is not sent. */
export function DayAsks() {
  const today = useToday();
  const { data: roster = [] } = api.useRosterQuery();
  const { data: alerts } = lazyEndpoints.useDayQuery();
  const unsent = useAppSelector(selectUnsentCount);
  if (!alerts) return null;
  const athletes = new Map(roster.map((athlete) => [athlete.id, athlete]));
  const waiting = roster.filter(({ due }) => due.verb === 'trace' || due.verb === 'build');
  return (
    <>
      <Pain alerts={alerts} athletes={athletes} today={today} />
      <SamePlace athletes={athletes} today={today} />
      <Names
        title={texts.waitingForYou}
        words={texts.lookedAtAndNot}
        athletes={waiting}
        to={({ id, due }) => `/athletes/${id}/${due.verb}`}
        after={({ due }) => due.next}
      />
      <Names
        title={texts.didNothingThisWeek}
        words={texts.workWasAssigned}
        athletes={alerts.idle.flatMap((id) => athletes.get(id) ?? [])}
        to={({ id }) => `/athletes/${id}/work`}
      />
      <View style={styles.row}>
        <ReadyButton />
        {unsent ? (
          <Button mode="outlined" onPress={() => router.navigate('/unsent')}>
            {texts.notSent(unsent)}
          </Button>
        ) : null}
      </View>
    </>
  );
}

interface PainProps {
  alerts: DayAlerts;
  athletes: ReadonlyMap<string, RosterEntry>;
  today: string;
}

function Pain({ alerts, athletes, today }: PainProps) {
  // Of each athlete the newest word on each place.
  const newest = [
    ...new Map([...alerts.pain].reverse().map((each) => [`${each.athleteId} ${each.site}`, each])).values(),
  ];
  if (newest.length === 0) return null;
  return (
    <Card>
      <Heading>{texts.markedPain}</Heading>
      {newest.reverse().map(({ athleteId, site, date, where }) => {
        const athlete = athletes.get(athleteId);
        return athlete ? (
          <PressableCard
            key={`${athleteId} ${site}`}
            onPress={() => router.navigate(`/athletes/${athleteId}/work`)}
          >
            <Text variant="labelLarge">{`${athlete.givenName} ${athlete.familyName}`}</Text>
            <Text variant="bodySmall">
              {`${site ?? 'somewhere'}, ${agoWords(date, today)}${where === 'home' ? texts.atHome : ''}`}
            </Text>
          </PressableCard>
        ) : null;
      })}
      <Text variant="bodySmall">{texts.askALicensedClinician}</Text>
    </Card>
  );
}

/** Lessons that want one place at one time; a group is meant to, two instructors are not. */
function SamePlace({ athletes, today }: Omit<PainProps, 'alerts'>) {
  const { academy } = useMe();
  const { data = [] } = api.useLessonsQuery();
  const entries = useAppSelector(selectEntries);
  const day = withLessonChanges(data, entries).filter(
    ({ startsAt }) => dayAt(new Date(startsAt), academy.zone) === today,
  );
  const name = ({ athleteId }: Lesson): string => athletes.get(athleteId)?.givenName ?? '…';
  const meeting = clashes(day);
  if (meeting.length === 0) return null;
  return (
    <Card>
      <Heading>{texts.bookedTwice}</Heading>
      {meeting.map(({ lesson, others }) => (
        <Text key={lesson.id}>
          {`${timeAt(lesson.startsAt, academy.zone)}, ${lesson.place}: ${[lesson, ...others].map(name).join(', ')}`}
        </Text>
      ))}
    </Card>
  );
}

interface NamesProps {
  title: string;
  words: string;
  athletes: readonly RosterEntry[];
  to: (athlete: RosterEntry) => Href;
  after?: (athlete: RosterEntry) => string;
}

function Names({ title, words, athletes, to, after }: NamesProps) {
  if (athletes.length === 0) return null;
  return (
    <Card>
      <Heading>{title}</Heading>
      <Text variant="bodySmall">{words}</Text>
      <View style={styles.row}>
        {athletes.slice(0, shown).map((athlete) => (
          <PressableCard key={athlete.id} onPress={() => router.navigate(to(athlete))}>
            <Text variant="labelLarge">{`${athlete.givenName} ${athlete.familyName}`}</Text>
            {after ? <Text variant="bodySmall">{after(athlete)}</Text> : null}
          </PressableCard>
        ))}
      </View>
      {athletes.length > shown ? (
        <Text variant="bodySmall">{texts.andMore(athletes.length - shown)}</Text>
      ) : null}
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
