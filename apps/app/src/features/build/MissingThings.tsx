import { type BuildPage, type PlanThread } from '@wrightonic/contract';
import { listed, missingFor, type LeftOut, barredFor, laddersOf } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  page: BuildPage;
  planId: string;
  thread: PlanThread;
}

/** Things that nobody ticked for at home, with the drills that they would bring; one tap says that they are there and adds these. */
export function MissingThings({ page, planId, thread }: Props) {
  const { athlete, academy } = page;
  const book = useBook();
  const [change, { error, isLoading }] = lazyEndpoints.useChangeAthleteMutation();
  const [add, { error: notAdded }] = lazyEndpoints.useAddDrillMutation();
  const atAcademy = [...new Set([...athlete.equipment, ...academy.equipment])];
  const there = new Set(thread.stages.flatMap(({ drills }) => drills.map(({ drill }) => drill)));
  const whom = { discipline: athlete.discipline, age: athlete.age, barred: barredFor(page), book };
  const byThing = new Map<string, LeftOut[]>();
  const ladder = laddersOf(page, { ...whom, equipment: athlete.equipment }).find(
    ({ focus }) => focus === thread.focus,
  );
  for (const left of ladder?.left ?? []) {
    const drill = book.drill(left.drill)!;
    const nowhere = missingFor(drill, atAcademy).length > 0;
    // What the academy has is missed at home alone, by drills that can be done there.
    if (left.missing.length === 1 && (nowhere || (drill.places.includes('home') && drill.throws === 0)))
      byThing.set(left.missing[0]!, [...(byThing.get(left.missing[0]!) ?? []), left]);
  }
  if (byThing.size === 0) return null;
  const have = async (thing: string, brings: readonly LeftOut[]) => {
    const { id, age: _, ...form } = athlete;
    const now = [...athlete.equipment, thing];
    const changed = await change({ athleteId: id, body: { ...form, equipment: now } });
    if ('error' in changed) return;
    for (const { drill, stage } of brings) {
      const { dose } = book.drill(drill)!;
      if (!there.has(drill))
        await add({
          athleteId: id,
          planId,
          body: { id: v7(), thread: thread.thread, stage, drill, dose },
        });
    }
  };
  return (
    <View style={styles.list}>
      {[...byThing].map(([things, brings]) => (
        <View key={things} style={styles.row}>
          <Text variant="bodySmall" style={styles.grow}>
            {texts.noAtHome(things, drillsLeftOut(brings.map(({ drill }) => book.drill(drill)!.name)))}
          </Text>
          {things.split(' or ').map((thing) => (
            <Button
              key={thing}
              mode="outlined"
              compact
              disabled={isLoading}
              onPress={() => void have(thing, brings)}
            >
              {texts.addA(thing)}
            </Button>
          ))}
        </View>
      ))}
      {error || notAdded ? <ErrorNotice error={(error ?? notAdded)!} /> : null}
    </View>
  );
}

/** Two names at most; more are counted. */
const drillsLeftOut = (names: readonly string[]): string =>
  names.length > 2 ? texts.drillsAreLeftOut(names.length) : texts.areLeftOut(listed(names), names.length);

const styles = StyleSheet.create({
  list: { gap: 4 },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
});
