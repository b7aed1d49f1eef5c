import type { WorkPage } from '@wrightonic/contract';
import { constraintOf, nodeName, waysRound } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { constraintsKey, constraintsSet } from '../../store/settings';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Card } from '../../ui/Card/Card';
import { Choices, CheckboxGroup } from '../../ui/form/Choices';
import { Notice } from '../../ui/Notice/Notice';
import { constraintsNow, repsOfSet } from './sets';
import type { Session } from './useSession';
import { useBook } from '../../ui/hooks/useBook';
import { selectConstraints } from '../../store/selectors';

interface Props {
  page: WorkPage;
  session: Session;
  drill: string;
}

const names = { add: 'Add it', remove: 'Take it away', return: 'Bring it back' } as const;

const sameOnes = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((id) => b.includes(id));

/** What is put in the way in this drill, how the set goes, and what to change after it. */
export function Constraints({ page, session, drill }: Props) {
  const book = useBook();
  const { order, on: before, offer } = constraintsNow(page, session.events, drill, book);
  const dispatch = useAppDispatch();
  const key = constraintsKey(page.athlete.id, drill);
  /** As they were changed here last: they stay so through other drills, other athletes and a reload. */
  const changed = useAppSelector((state) => selectConstraints(state, key));
  const setChanged = (on: string[]) => dispatch(constraintsSet({ key, on }));
  const [way, setWay] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  if (order.length === 0) return null;
  const on = changed ?? before;
  const reps = repsOfSet(session.events, drill);
  const total = reps.clean + reps.missed;
  const done = () => {
    session.inSession().setDone(drill, on, reps, way);
    setChanged([...on]);
    setWay(null);
    setAsking(false);
  };
  const take = (constraint: string) =>
    setChanged(offer?.do === 'remove' ? on.filter((id) => id !== constraint) : [...on, constraint]);
  const all = [...new Set([...order, ...on])];
  return (
    <Card>
      {offer && total === 0 && sameOnes(on, before) ? (
        <Notice icon="target">
          <Text>{offer.why}</Text>
          <Button mode="contained" style={styles.start} onPress={() => take(offer.constraint)}>
            {names[offer.do]}
          </Button>
        </Notice>
      ) : null}
      <Text variant="labelMedium">Constraints, in order</Text>
      <CheckboxGroup
        label="Constraints that are on"
        options={all.map((value) => ({ value, text: constraintOf(value)?.name ?? value }))}
        value={on}
        onChange={setChanged}
      />
      <View style={styles.row}>
        <Text style={styles.grow} role="status">
          {total ? `This set: ${reps.clean} of ${total} clean` : 'No rep of this set yet'}
        </Text>
        <Button mode="contained-tonal" disabled={total === 0} onPress={done}>
          Set done
        </Button>
      </View>
      <Button mode="text" compact style={styles.start} onPress={() => setAsking(!asking)}>
        {way ? `Workaround: ${nodeName(way)}` : 'They found a workaround'}
      </Button>
      {asking ? (
        <Choices<string | null>
          label="Which way round"
          value={way}
          onChange={setWay}
          options={[
            { value: null, text: 'None' },
            ...waysRound(drill, order, book).map((value) => ({ value, text: nodeName(value) })),
          ]}
        />
      ) : null}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
});
