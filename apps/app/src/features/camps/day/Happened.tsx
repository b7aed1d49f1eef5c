import type { CampRecord } from '@wrightonic/contract';
import { slotsOf, type CampChange } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Card } from '../../../ui/Card/Card';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { changeWords } from '../../../ui/words/campWords';
import { dayWords } from '../../../ui/words/days';
import { changeOf, usePlanning } from '../plan/usePlanning';
import { calledIn, type CampClock } from '../useCamp';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

type Asked = 'closed' | 'sick' | null;

/** What happens on the day, two taps each: the rest of it is planned anew, with as few moves as can be. */
export function Happened({ camp, clock }: { camp: CampRecord; clock: CampClock }) {
  const planner = usePlanning(camp);
  const [asked, setAsked] = useState<Asked>(null);
  const called = calledIn(camp, true);
  const { nextSlot } = clock;
  const { areas, staff } = camp.setup;
  const nameOf = ({ kind, subject }: CampChange): string =>
    kind === 'closed'
      ? (areas.find(({ id }) => id === subject)?.name ?? '…')
      : kind === 'sick'
        ? (staff.find(({ id }) => id === subject)?.name ?? '…')
        : called(subject);
  const holding = new Set(camp.changes.map(({ kind, subject }) => `${kind} ${subject}`));
  const days = new Map(slotsOf(camp.setup).map(({ id, day }) => [id, day]));
  const today = camp.changes.filter(({ slot }) => days.get(slot) === clock.today);
  const late = camp.members.filter(
    ({ id, checkIns }) =>
      checkIns.some(({ date, state }) => date === clock.today && (state === 'present' || state === 'late')) &&
      holding.has(`away ${id}`),
  );
  if (!camp.plan) return null;
  const happened = async (kind: CampChange['kind'], subject: string) => {
    if (!nextSlot) return;
    if (await planner.plan({ change: changeOf(kind, subject, nextSlot.id) })) setAsked(null);
  };
  const back = ({ id, kind, subject, slot }: CampChange) =>
    planner.plan({ change: changeOf(kind, subject, slot, id) });
  const options = asked === 'closed' ? areas : staff;
  const from = nextSlot
    ? `${nextSlot.day === clock.today ? '' : `${dayWords(nextSlot.day, clock.today)}, `}${nextSlot.start}`
    : '';
  return (
    <Card>
      <Heading>{texts.whatHappened}</Heading>
      {planner.error ? <ErrorNotice error={planner.error} /> : null}
      {planner.busy ? (
        <View style={styles.row}>
          <Text role="status">{planner.progress}</Text>
          <Button onPress={planner.stop}>{texts.stopTakeTheBest}</Button>
        </View>
      ) : null}
      {nextSlot ? (
        <View style={styles.row}>
          {areas.length ? (
            <Button mode={asked === 'closed' ? 'contained' : 'outlined'} onPress={() => setAsked('closed')}>
              {texts.rainCloseAnArea}
            </Button>
          ) : null}
          {staff.length ? (
            <Button mode={asked === 'sick' ? 'contained' : 'outlined'} onPress={() => setAsked('sick')}>
              {texts.aCoachIsAway}
            </Button>
          ) : null}
        </View>
      ) : (
        <Text>{texts.theLastSlotHas}</Text>
      )}
      {asked ? (
        <View style={styles.row}>
          {options
            .filter(({ id }) => !holding.has(`${asked} ${id}`))
            .map(({ id, name }) => (
              <Button
                key={id}
                mode="contained"
                disabled={planner.busy}
                onPress={() => void happened(asked, id)}
              >
                {texts.from(name, from)}
              </Button>
            ))}
          <Button onPress={() => setAsked(null)}>{texts.cancel}</Button>
        </View>
      ) : null}
      {late.map(({ id, givenName }) => {
        const gone = camp.changes.find(({ kind, subject }) => kind === 'away' && subject === id)!;
        return (
          <Button key={id} mode="contained" disabled={planner.busy} onPress={() => void back(gone)}>
            {texts.isHerePlanThem(givenName)}
          </Button>
        );
      })}
      {today.map((change) => (
        <View key={change.id} style={styles.line}>
          <Text style={styles.grow}>{`${nameOf(change)} ${changeWords[change.kind]}`}</Text>
          {nextSlot ? (
            <Button
              disabled={planner.busy}
              accessibilityLabel={texts.undo(nameOf(change), changeWords[change.kind])}
              onPress={() => void back(change)}
            >
              {texts.undo2}
            </Button>
          ) : null}
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  line: { flexDirection: 'row', alignItems: 'center' },
  grow: { flex: 1 },
});
