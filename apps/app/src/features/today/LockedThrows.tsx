import type { RosterEntry } from '@wrightonic/contract';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { agoWords } from '../../ui/words/days';
import { Notice } from '../../ui/Notice/Notice';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Whose throws pain has locked: the first thing of the day. */
export function LockedThrows({ roster }: { roster: readonly RosterEntry[] }) {
  const today = useToday();
  const locked = roster.filter(({ lock }) => lock);
  if (locked.length === 0) return null;
  return (
    <Notice alert icon="lock">
      <Text variant="titleMedium">{texts.throwsLocked}</Text>
      <View style={styles.row}>
        {locked.map(({ id, givenName, familyName, lock }) => (
          <Button
            key={id}
            mode="outlined"
            onPress={() => router.navigate(`/athletes/${id}/work`)}
          >{`${givenName} ${familyName}: ${lock!.site}, ${agoWords(lock!.since, today)}`}</Button>
        ))}
      </View>
    </Notice>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
