import type { CampRecord } from '@wrightonic/contract';
import type { CampProblem } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { Notice } from '../../ui/Notice/Notice';
import { withDays } from '../../ui/words/days';
import { calledIn } from './useCamp';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const few = 4;
const ids = /[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/g;

/** Words of the core, which knows campers and stations by id. */
export function useNamed(camp: CampRecord): (words: string) => string {
  const today = useToday();
  const called = calledIn(camp, true);
  const others = new Map([
    ...camp.setup.stations.map(({ id, name }) => [id, name] as const),
    ...camp.setup.blocks.map(({ id, day, start }) => [id, `${day}, ${start}`] as const),
  ]);
  return (words) =>
    withDays(
      words.replace(ids, (id) => others.get(id) ?? called(id)),
      today,
    );
}

/** What is wrong with a camp, or to be thought of; the first few, the rest on a tap. */
export function Problems({ camp, problems }: { camp: CampRecord; problems: readonly CampProblem[] }) {
  const [all, setAll] = useState(false);
  const named = useNamed(camp);
  const stops = problems.filter((each) => each.stops);
  if (problems.length === 0) return null;
  const shown = all ? problems : problems.slice(0, few);
  return (
    <Notice>
      <Text variant="labelLarge">{stops.length ? texts.fixBeforePlanning : texts.alsoCheck}</Text>
      {shown.map(({ words }, n) => (
        <Text key={n}>{named(words)}</Text>
      ))}
      {problems.length > few && !all ? (
        <Button onPress={() => setAll(true)} style={styles.start}>
          {texts.andMore(problems.length - few)}
        </Button>
      ) : null}
    </Notice>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
