import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { owedSignOut, wipe } from '../../offline/leave';
import { api } from '../../store/api';
import { useAppSelector } from '../../store/store';
import { Notice } from '../../ui/Notice/Notice';
import { selectRefused, selectUnsent } from '../../store/selectors';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Whose entries are not sent, and how many of each. */
function useUnsent(): string[] {
  const refused = useAppSelector(selectRefused);
  const unsent = useAppSelector(selectUnsent);
  const { data: roster = [] } = api.useRosterQuery();
  const counts = new Map<string, number>();
  for (const { athleteId } of [...refused, ...unsent])
    counts.set(athleteId, (counts.get(athleteId) ?? 0) + 1);
  return [...counts].map(([id, n]) => {
    const athlete = roster.find((each) => each.id === id);
    const name = athlete ? `${athlete.givenName} ${athlete.familyName}` : texts.theDiary;
    return `${name}: ${n} ${n === 1 ? 'entry' : 'entries'}`;
  });
}

/** Leaves this device, or every device, and takes along what is kept here of athletes, with a connection or without. */
export function SignOut() {
  const [signOut, leaving] = api.useSignOutMutation();
  const [asked, setAsked] = useState<'here' | 'everywhere' | null>(null);
  const unsent = useUnsent();
  const leave = async (where: 'here' | 'everywhere') => {
    const answer = await signOut(where);
    // Nothing of anybody stays readable for want of a connection.
    if ('error' in answer) owedSignOut.note(true);
    await wipe();
    window.location.replace('/');
  };
  const wish = (where: 'here' | 'everywhere') => (unsent.length ? setAsked(where) : void leave(where));
  return (
    <>
      {asked ? (
        <Notice alert>
          <Text>{texts.notSentYet}</Text>
          {unsent.map((line) => (
            <Text key={line}>{line}</Text>
          ))}
          <View style={styles.row}>
            <Button mode="contained" loading={leaving.isLoading} onPress={() => void leave(asked)}>
              {texts.deleteAndSignOut}
            </Button>
            <Button mode="text" onPress={() => setAsked(null)}>
              {texts.staySignedIn}
            </Button>
          </View>
        </Notice>
      ) : (
        <View style={styles.row}>
          <Button mode="outlined" loading={leaving.isLoading} onPress={() => wish('here')}>
            {texts.signOut}
          </Button>
          <Button mode="text" onPress={() => wish('everywhere')}>
            {texts.signOutEverywhere}
          </Button>
        </View>
      )}
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
