import { clipViews, type ClipView, type LookRecord } from '@wrightonic/contract';
import { typedInstant } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { now } from '../../offline/clock';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { dayAt, dayWords, timeAt } from '../../ui/words/days';
import { Picker } from '../../ui/form/Picker';
import { seenFromWords, viewNames } from '../../ui/words/kindWords';

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
    `by ${look.by}`,
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
            Edit details
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
  const [date, setDate] = useState(look.date);
  const [time, setTime] = useState(timeAt(look.at, academy.zone));
  const [place, setPlace] = useState(look.place);
  const [view, setView] = useState<ClipView | null>(look.view);
  const [thrown, setThrown] = useState(look.thrown);
  const [by, setBy] = useState(look.by);
  const untouched = date === dayAt(new Date(look.at), academy.zone) && time === timeAt(look.at, academy.zone);
  const lookedAt = untouched ? look.at : typedInstant(date, time, academy.zone);
  const wrong = !lookedAt
    ? 'Choose a day and a time.'
    : Date.parse(lookedAt) > now().getTime()
      ? 'A look cannot be dated in the future.'
      : null;
  const save = () => {
    if (!lookedAt || wrong) return;
    dispatch(
      log(athleteId, 'look-told', {
        lookId: look.id,
        zone: academy.zone,
        lookedAt,
        place: place.trim(),
        view,
        thrown: thrown.trim(),
        lookedBy: by.trim() === person.name ? '' : by.trim(),
      }),
    );
    onDone();
  };
  const field = (label: string, value: string, set: (text: string) => void, atMost: number) => (
    <TextInput
      mode="outlined"
      label={label}
      aria-label={label}
      value={value}
      onChangeText={set}
      maxLength={atMost}
    />
  );
  return (
    <Card>
      <View style={styles.pair}>
        <Picker label="Day of the look" type="date" value={date} max={today} onChange={setDate} />
        <Picker label="Time of the look" type="time" value={time} onChange={setTime} />
      </View>
      {field('Place', place, setPlace, 80)}
      <Choices<ClipView | null>
        label="Seen from"
        shown
        value={view}
        onChange={setView}
        options={[
          { value: null, text: 'Not said' },
          ...clipViews.map((value) => ({ value, text: viewNames[value] })),
        ]}
      />
      {field('What was thrown', thrown, setThrown, 120)}
      {field('Looked at by', by, setBy, 80)}
      {wrong ? (
        <Text role="alert" variant="labelLarge">
          {wrong}
        </Text>
      ) : null}
      <View style={styles.line}>
        <Button mode="contained" disabled={wrong !== null} onPress={save}>
          Save details
        </Button>
        <Button mode="text" onPress={onDone}>
          Cancel
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
