import { emptyAthlete, type CampRecord, type SignUpRecord } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { api } from '../../../store/api';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { CopyText } from '../../../ui/CopyAddress/CopyText';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { dayAt, dayWords } from '../../../ui/words/days';
import { disciplineNames, handNames } from '../../../ui/words/kindWords';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const openDays = 60;

interface Props {
  camp: CampRecord;
  onAdd: (ids: string[]) => Promise<void>;
}

/** The page behind a link on which families sign up, and those who did. */
export function SignUps({ camp, onAdd }: Props) {
  const today = useToday();
  const { academy } = useMe();
  const { data: signUps = [] } = lazyEndpoints.useCampSignUpsQuery(camp.id);
  const { data: links = [] } = lazyEndpoints.useCampLinksQuery(camp.id);
  const [make, making] = lazyEndpoints.useMakeCampLinkMutation();
  const [endLink] = lazyEndpoints.useEndCampLinkMutation();
  const [address, setAddress] = useState('');
  const open = links.filter(
    ({ kind, ended, expiresAt }) => kind === 'sign-up' && !ended && dayAt(expiresAt, academy.zone) >= today,
  );
  const create = async () => {
    const wish = { id: v7(), kind: 'sign-up' as const, athleteId: null, days: openDays };
    const answer = await make({ campId: camp.id, ...wish });
    if (!('error' in answer)) setAddress(`${location.origin}/s/camp/${answer.data.token}`);
  };
  return (
    <Card>
      <Heading level={3}>{texts.signUpLink}</Heading>
      <Text>{texts.anyoneWithThisLink}</Text>
      {address ? <CopyText label={texts.copyLink} text={address} /> : null}
      {making.error ? <ErrorNotice error={making.error} /> : null}
      <Button mode="outlined" loading={making.isLoading} onPress={() => void create()}>
        {texts.makeALink}
      </Button>
      {open.map(({ id, expiresAt }) => (
        <View key={id} style={styles.line}>
          <Text style={styles.grow}>{texts.openUntil(dayWords(dayAt(expiresAt, academy.zone), today))}</Text>
          <Button onPress={() => void endLink({ campId: camp.id, link: id, id: v7() })}>
            {texts.revokeLink}
          </Button>
        </View>
      ))}
      {signUps.length ? (
        <Text variant="labelLarge">{texts.signedUpWaiting}</Text>
      ) : (
        <Text>{texts.nobodyIsWaiting}</Text>
      )}
      {signUps.map((signUp) => (
        <SignedUp key={signUp.id} camp={camp} signUp={signUp} onAdd={onAdd} />
      ))}
    </Card>
  );
}

function SignedUp({ camp, signUp, onAdd }: Props & { signUp: SignUpRecord }) {
  const today = useToday();
  const { data: roster = [] } = api.useRosterQuery();
  const [importAthletes, importing] = lazyEndpoints.useImportAthletesMutation();
  const [end, ending] = lazyEndpoints.useEndCampSignUpMutation();
  const { id: signUpId, at: _, guardian, phone, ...person } = signUp;
  const name = `${person.givenName} ${person.familyName}`;
  const known = roster.find(
    (athlete) => `${athlete.givenName} ${athlete.familyName}`.toLowerCase() === name.toLowerCase(),
  );
  const finish = (athleteId: string | null) =>
    end({ campId: camp.id, signUp: signUpId, id: v7(), athleteId });
  const take = async (athleteId: string | null) => {
    // Of the roster already, or new there: the id of a sign-up is that of its athlete, so that nobody comes twice.
    const id = athleteId ?? signUpId;
    if (athleteId === null) {
      const guardians = [{ name: guardian, phone, email: '' }];
      const athlete = { ...emptyAthlete, ...person, id, guardians };
      if ('error' in (await importAthletes({ athletes: [athlete] }))) return;
    }
    await onAdd([id]);
    await finish(id);
  };
  return (
    <View style={styles.one}>
      <Text variant="labelLarge">{name}</Text>
      <Text variant="bodySmall">
        {[
          disciplineNames[person.discipline],
          handNames[person.throws],
          texts.born2(dayWords(person.birthdate, today)),
          `${guardian}, ${phone}`,
          ...(person.allergies ? [`allergies: ${person.allergies}`] : []),
        ].join(' · ')}
      </Text>
      {(importing.error ?? ending.error) ? <ErrorNotice error={importing.error ?? ending.error} /> : null}
      <View style={styles.row}>
        {known ? (
          <Button mode="contained" onPress={() => void take(known.id)}>
            {texts.matchWithTheRoster}
          </Button>
        ) : (
          <Button mode="contained" onPress={() => void take(null)}>
            {texts.accept}
          </Button>
        )}
        <Button onPress={() => void finish(null)}>{texts.decline}</Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  grow: { flex: 1 },
  one: { gap: 4 },
});
