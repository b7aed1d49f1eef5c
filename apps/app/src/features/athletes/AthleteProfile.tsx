import { levelOf } from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAthlete, useToday } from '../../store/useAthlete';
import { approachWords } from '../../ui/form/ApproachFields';
import { Card } from '../../ui/Card/Card';
import { dayWords } from '../../ui/words/days';
import { disciplineNames, handNames, levelNames, voiceNames, weekdayNames } from '../../ui/words/kindWords';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import { Growth } from './Growth';
import { useMay } from '../../ui/hooks/useMay';
import { Injuries } from './Injuries';
import { Leaving } from './Leaving';
import { Pictures } from './Pictures';
import { ProfilePhoto } from './ProfilePhoto';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Who the athlete is: what holds for plans, growth, injuries, emergency contacts, and what was shown. */
export function AthleteProfile() {
  const { id, page } = useAthlete('head');
  const today = useToday();
  const coach = useMay('coach');
  const contacts = useMay('contacts');
  const { data, error, refetch } = lazyEndpoints.useAthleteProfileQuery(id);
  if (!page) return null;
  const { athlete, approach } = page;
  const lines: [string, string][] = [
    [texts.throws, `${handNames[athlete.throws]}, ${disciplineNames[athlete.discipline].toLowerCase()}`],
    [texts.born, texts.years(dayWords(athlete.birthdate, today), athlete.age)],
    [texts.level, `${levelNames[levelOf(athlete)]}${athlete.level === null ? texts.byAge3 : ''}`],
    [texts.teams, athlete.teams.join(', ') || texts.noneRecorded],
    [texts.days, athlete.days.map((day) => weekdayNames[day]).join(', ') || texts.notRecorded],
    [texts.cues2, voiceNames[athlete.voice]],
    [texts.atHome, athlete.equipment.join(', ') || texts.noneRecorded],
    [texts.approach, approachWords(approach, athlete.approach)],
  ];
  return (
    <Pane>
      <Card>
        <View style={styles.head}>
          <View style={styles.grow}>
            <Heading>{texts.profile}</Heading>
          </View>
          {coach ? (
            <Button mode="contained" icon="pencil" onPress={() => router.navigate(`/athletes/${id}/edit`)}>
              {texts.edit}
            </Button>
          ) : null}
        </View>
        {lines.map(([name, value]) => (
          <View key={name} style={styles.line}>
            <Text variant="labelLarge" style={styles.name}>
              {name}
            </Text>
            <Text style={styles.grow}>{value}</Text>
          </View>
        ))}
        {athlete.note ? <Text>{athlete.note}</Text> : null}
      </Card>
      {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
      {!data && !error ? <Waiting what={texts.readingTheProfile} /> : null}
      {data ? (
        <>
          <Growth athleteId={id} sizes={data.sizes} />
          {data.injuries ? <Injuries athleteId={id} injuries={data.injuries} /> : null}
          <ProfilePhoto athleteId={id} there={page.photo !== null} />
          <Card>
            <Heading level={3}>{texts.emergencyContacts}</Heading>
            {athlete.guardians.map(({ name, phone, email }) => (
              <Text key={name}>{[name, phone, email].filter(Boolean).join(', ')}</Text>
            ))}
            {contacts && athlete.guardians.length === 0 ? <Text>{texts.noneRecorded2}</Text> : null}
            {contacts ? null : <Text>{texts.askForContacts}</Text>}
            <Text>
              <Text variant="labelLarge">{texts.allergies}</Text>
              {athlete.allergies || texts.noneRecorded3}
            </Text>
            <Text variant="bodySmall">{texts.onlyStaffSeeTheseLinks}</Text>
          </Card>
          <Pictures athleteId={id} pictures={data.pictures} />
          <Leaving athleteId={id} name={athlete.givenName} />
        </>
      ) : null}
    </Pane>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center' },
  line: { flexDirection: 'row', gap: 8 },
  name: { width: 92 },
  grow: { flex: 1 },
});
