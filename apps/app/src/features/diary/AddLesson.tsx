import type { RosterEntry } from '@wrightonic/contract';
import { useState } from 'react';
import { ScrollView, StyleSheet } from 'react-native';
import { Portal } from 'react-native-paper';
import { LessonForm } from '../../ui/form/LessonForm';
import { PickOne } from '../../ui/form/PickOne';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { Dialog } from '../../ui/Dialog/Dialog';

interface Props {
  roster: readonly RosterEntry[];
  /** Null where it is still to be chosen. */
  athleteId: string | null;
  date: string;
  onClose: () => void;
}

/** A lesson put into the diary: for whom, when, where. */
export function AddLesson({ roster, athleteId, date, onClose }: Props) {
  const [id, setId] = useState(athleteId);
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={styles.dialog}>
        <Dialog.Title>{texts.addLesson}</Dialog.Title>
        <Dialog.ScrollArea>
          <ScrollView contentContainerStyle={styles.inside}>
            <PickOne
              label={texts.athlete}
              value={id}
              onPick={setId}
              options={roster.map((each) => ({
                value: each.id,
                text: `${each.givenName} ${each.familyName}`,
              }))}
            />
            {id ? <LessonForm key={id} athleteId={id} date={date} /> : null}
          </ScrollView>
        </Dialog.ScrollArea>
        <Dialog.Actions>
          <Button onPress={onClose}>{texts.close}</Button>
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({
  dialog: { maxWidth: 480, width: '94%', alignSelf: 'center', maxHeight: '90%' },
  inside: { paddingVertical: 12, gap: 12 },
});
