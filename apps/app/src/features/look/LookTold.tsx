import { clipViews, lookDetailsForm, type LookRecord } from '@wrightonic/contract';
import { typedInstant } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { now } from '../../offline/clock';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { FormChoices, FormDate, FormText, FormTime } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { clockAt, dayAt, dayWords, timeAt } from '../../ui/words/days';
import { seenFromWords, viewNames } from '../../ui/words/kindWords';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athleteId: string;
  look: LookRecord;
}

/** When, where and how a look was taken, and by whom; one tap opens it to be put right. */
export function LookTold({ athleteId, look }: Props) {
  const { academy } = useMe();
  const today = useToday();
  const [open, setOpen] = useState(false);
  const words = [
    `${dayWords(look.date, today)}, ${timeAt(look.at, academy.zone)}`,
    look.place,
    look.view && seenFromWords[look.view],
    look.thrown,
    texts.by(look.by),
  ]
    .filter(Boolean)
    .join(' · ');
  return (
    <View style={styles.root}>
      <View style={styles.line}>
        <Text variant="bodySmall" style={styles.grow}>
          {words}
        </Text>
        {open ? null : (
          <Button mode="text" compact onPress={() => setOpen(true)}>
            {texts.editDetails}
          </Button>
        )}
      </View>
      {open ? <Form athleteId={athleteId} look={look} onDone={() => setOpen(false)} /> : null}
    </View>
  );
}

function Form({ athleteId, look, onDone }: Props & { onDone: () => void }) {
  const { academy, person } = useMe();
  const dispatch = useAppDispatch();
  const today = useToday();
  const wasTime = clockAt(look.at, academy.zone);
  const form = useSchemaForm(lookDetailsForm, {
    date: look.date,
    time: wasTime,
    place: look.place,
    view: look.view,
    thrown: look.thrown,
    lookedBy: look.by,
  });
  const save = form.handleSubmit(({ date, time, place, view, thrown, lookedBy }) => {
    const untouched = date === dayAt(new Date(look.at), academy.zone) && time === wasTime;
    const lookedAt = untouched ? look.at : typedInstant(date, time, academy.zone);
    if (!lookedAt) return form.setError('time', { message: texts.thereIsNo(time) });
    if (Date.parse(lookedAt) > now().getTime())
      return form.setError('date', { message: texts.aLookCannotBe });
    dispatch(
      log(athleteId, 'look-told', {
        lookId: look.id,
        zone: academy.zone,
        lookedAt,
        place: place.trim(),
        view,
        thrown: thrown.trim(),
        lookedBy: lookedBy.trim() === person.name ? '' : lookedBy.trim(),
      }),
    );
    onDone();
  });
  return (
    <Card>
      <View style={styles.pair}>
        <FormDate form={form} name="date" max={today} />
        <FormTime form={form} name="time" />
      </View>
      <FormText form={form} name="place" atMost={80} />
      <FormChoices
        form={form}
        name="view"
        options={[
          { value: null, text: texts.notRecorded },
          ...clipViews.map((value) => ({ value, text: viewNames[value] })),
        ]}
      />
      <FormText form={form} name="thrown" atMost={120} />
      <FormText form={form} name="lookedBy" atMost={80} />
      <View style={styles.line}>
        <Button mode="contained" onPress={() => void save()}>
          {texts.saveDetails}
        </Button>
        <Button mode="text" onPress={onDone}>
          {texts.cancel}
        </Button>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  root: { gap: 6 },
  line: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  grow: { flex: 1 },
});
