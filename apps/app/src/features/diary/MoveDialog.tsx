import type { Lesson, RosterEntry } from '@wrightonic/contract';
import { lessonConflicts, typedInstant } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useMe } from '../../store/useAthlete';
import { TimeField } from '../../ui/form/DateField';
import { Notice } from '../../ui/Notice/Notice';
import { clockAt, longDay } from '../../ui/words/days';
import { conflictWords } from './conflictWords';
import { useDiary } from './useDiary';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { Dialog } from '../../ui/Dialog/Dialog';

interface Props {
  lesson: Lesson;
  date: string;
  place: string;
  /** The athlete’s. */
  name: string;
  athletes: ReadonlyMap<string, RosterEntry>;
  onClose: () => void;
}

/** Where a dragged lesson is to go: what stands in its way there, and another time, before it is kept. */
export function MoveDialog({ lesson, date, place, name, athletes, onClose }: Props) {
  const { academy } = useMe();
  const dispatch = useAppDispatch();
  const { lessons = [] } = useDiary(date, 1);
  const [time, setTime] = useState(clockAt(lesson.startsAt, academy.zone));
  const startsAt = typedInstant(date, time, academy.zone);
  const conflicts = startsAt ? lessonConflicts({ ...lesson, startsAt, place, state: 'moved' }, lessons) : [];
  const move = () => {
    if (!startsAt) return;
    dispatch(
      log(lesson.athleteId, 'lesson-changed', {
        lessonId: lesson.id,
        state: 'moved',
        startsAt,
        place,
        reason: '',
        rest: false,
      }),
    );
    onClose();
  };
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={styles.dialog}>
        <Dialog.Title>{texts.moveSLesson(name)}</Dialog.Title>
        <Dialog.Content style={styles.inside}>
          <Text>{texts.to(longDay(date), place ? `, ${place}` : '')}</Text>
          <TimeField label={texts.time} value={time} onChange={setTime} />
          <View role="status" style={styles.inside}>
            {startsAt ? null : <Text>{texts.thereIsNo(time)}</Text>}
            {conflicts.map((conflict) => (
              <Notice key={`${conflict.why} ${conflict.other.id}`}>
                {conflictWords(conflict, academy.zone, athletes)}
              </Notice>
            ))}
            {startsAt && conflicts.length === 0 ? <Text>{texts.nothingElseIsBooked}</Text> : null}
          </View>
        </Dialog.Content>
        <Dialog.Actions>
          <Button onPress={onClose}>{texts.cancel}</Button>
          <Button mode="contained" disabled={!startsAt} onPress={move}>
            {conflicts.length ? texts.moveAnyway : texts.moveLesson}
          </Button>
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({
  dialog: { maxWidth: 420, width: '92%', alignSelf: 'center' },
  inside: { gap: 10 },
});
