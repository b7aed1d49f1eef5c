import { unlockForm, type AthletePage } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useToday } from '../../store/useAthlete';
import { dayWords } from '../words/days';
import { Notice } from './Notice';
import { FormText } from '../form/bound';
import { useSchemaForm } from '../form/schemaForm';
import { texts } from '../texts';
import { Button } from '../Button/Button';
import { useMay } from '../hooks/useMay';

/** Throws are locked: since when, where, who said it, and for those who instruct the way to unlock them. */
export function LockNotice({ athlete, pain }: Pick<AthletePage, 'athlete' | 'pain'>) {
  const clears = useMay('health');
  const today = useToday();
  const [open, setOpen] = useState(false);
  const { lock } = pain;
  if (!lock) return null;
  return (
    <Notice alert icon="lock">
      <Text variant="titleMedium">{texts.throwsLockedPain(lock.site, dayWords(lock.since, today))}</Text>
      <Text>{texts.markedByWriteDown(lock.saidBy)}</Text>
      {!clears ? (
        <Text>{texts.onlyAnInstructorOr}</Text>
      ) : open ? (
        <Unlock athleteId={athlete.id} onClose={() => setOpen(false)} />
      ) : (
        <Button mode="outlined" onPress={() => setOpen(true)} style={styles.start}>
          {texts.unlockThrows}
        </Button>
      )}
    </Notice>
  );
}

/** Throws that pain has locked open again only with who cleared them and why; both are kept. */
function Unlock({ athleteId, onClose }: { athleteId: string; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const form = useSchemaForm(unlockForm, { clearedBy: '', reason: '' });
  const unlock = form.handleSubmit(({ clearedBy, reason }) => {
    dispatch(
      log(athleteId, 'throws-cleared', {
        athleteId,
        sessionId: null,
        clearedBy: clearedBy.trim(),
        reason: reason.trim(),
      }),
    );
    onClose();
  });
  return (
    <>
      <Text>{texts.whoClearedThem}</Text>
      <FormText form={form} name="clearedBy" atMost={120} />
      <FormText form={form} name="reason" atMost={300} />
      <View style={styles.row}>
        <Button mode="contained" onPress={() => void unlock()}>
          {texts.unlockThrows}
        </Button>
        <Button mode="text" onPress={onClose}>
          {texts.keepThrowsLocked}
        </Button>
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  start: { alignSelf: 'flex-start' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
