import type { AthletePage } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { dayWords } from '../words/days';
import { Notice } from './Notice';

/** Throws are locked: since when, where, who said it, and for those who instruct the way to unlock them. */
export function LockNotice({ athlete, pain }: Pick<AthletePage, 'athlete' | 'pain'>) {
  const { person } = useMe();
  const today = useToday();
  const [open, setOpen] = useState(false);
  const { lock } = pain;
  if (!lock) return null;
  return (
    <Notice alert icon="lock">
      <Text variant="titleMedium">
        {`Throws locked: pain in the ${lock.site} since ${dayWords(lock.since, today)}`}
      </Text>
      <Text>{`Marked by ${lock.saidBy}. Write down what hurt and when, and ask a licensed clinician before any throw.`}</Text>
      {person.role === 'assistant' ? (
        <Text>Only an instructor or the owner can unlock throws.</Text>
      ) : open ? (
        <Unlock athleteId={athlete.id} onClose={() => setOpen(false)} />
      ) : (
        <Button mode="outlined" onPress={() => setOpen(true)} style={styles.start}>
          Unlock throws
        </Button>
      )}
    </Notice>
  );
}

/** Throws that pain has locked open again only with who cleared them and why; both are kept. */
function Unlock({ athleteId, onClose }: { athleteId: string; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [by, setBy] = useState('');
  const [reason, setReason] = useState('');
  const unlock = () => {
    const clearedBy = by.trim();
    dispatch(
      log(athleteId, 'throws-cleared', { athleteId, sessionId: null, clearedBy, reason: reason.trim() }),
    );
    onClose();
  };
  return (
    <>
      <Text>
        Who cleared the throws and why stays in the history. The first day after it is for easy throws.
      </Text>
      <TextInput
        mode="outlined"
        label="Who cleared them"
        aria-label="Who cleared the throws"
        value={by}
        onChangeText={setBy}
        maxLength={120}
      />
      <TextInput
        mode="outlined"
        label="Why"
        aria-label="Why the throws are open again"
        value={reason}
        onChangeText={setReason}
        maxLength={300}
      />
      <View style={styles.row}>
        <Button mode="contained" disabled={!by.trim() || !reason.trim()} onPress={unlock}>
          Unlock throws
        </Button>
        <Button mode="text" onPress={onClose}>
          Leave them locked
        </Button>
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  start: { alignSelf: 'flex-start' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
