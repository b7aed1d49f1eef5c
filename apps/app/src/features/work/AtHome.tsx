import type { WorkPage } from '@wrightonic/contract';
import { addDays, parseDose, type HomeSet } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Button } from '../../ui/Button/Button';
import { Card } from '../../ui/Card/Card';
import { dayWords } from '../../ui/words/days';
import { Notice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';

const shownDays = 7;

/** Sets of a drill on a day, as far as they were done; of how many, where it is assigned. */
function doneWords(sets: readonly HomeSet[], of: number | null): string {
  if (sets.length === 0) return texts.noneOf(of);
  const counted = sets.filter(({ clean }) => clean !== null);
  const clean = counted.reduce((sum, set) => sum + set.clean!, 0);
  const reps = counted.reduce((sum, set) => sum + set.clean! + (set.missed ?? 0), 0);
  return [
    of === null ? `${sets.length} ${sets.length === 1 ? 'set' : 'sets'}` : texts.of5(sets.length, of),
    counted.length ? texts.ofClean3(clean, reps) : '',
    sets.some(({ late }) => late) ? texts.tickedLate : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** What was done at home in the last week against what was assigned, and what hurt there. */
export function AtHome({ page, today }: { page: WorkPage; today: string }) {
  const book = useBook();
  const [each, setEach] = useState(false);
  const { home, plan } = page;
  const since = addDays(today, -shownDays);
  const items = (plan?.assignment?.items ?? []).filter(({ date }) => date >= since && date <= today);
  const pain = home.pain.filter(({ date, level }) => date >= since && level !== 'none');
  const games = home.games.filter(({ date }) => date >= since);
  const worked = home.sets.filter(({ date }) => date >= since);
  if (worked.length + pain.length + games.length === 0) return null;
  // What was ticked counts as well where the week has changed since.
  const days = [...new Set([...items, ...worked].map(({ date }) => date))].sort().reverse();
  const doneOn = (date: string): string[] => {
    const assigned = items.filter((item) => item.date === date);
    const setsOf = (drill: string) => worked.filter((set) => set.date === date && set.drill === drill);
    const name = (drill: string) => book.drill(drill)?.name ?? drill;
    const others = new Set(worked.filter((set) => set.date === date).map(({ drill }) => drill));
    for (const { drill } of assigned) others.delete(drill);
    return [
      ...assigned.map(
        ({ drill, dose }) => `${name(drill)} ${doneWords(setsOf(drill), parseDose(dose).sets)}`,
      ),
      ...[...others].map((drill) => `${name(drill)} ${doneWords(setsOf(drill), null)}`),
    ];
  };
  const inAll = (date: string): string => {
    const due = items
      .filter((item) => item.date === date)
      .reduce((sum, { dose }) => sum + parseDose(dose).sets, 0);
    return doneWords(
      worked.filter((set) => set.date === date),
      due || null,
    );
  };
  return (
    <Card>
      <Heading>{texts.atHome2}</Heading>
      {pain.map(({ at, date, level, score, site }) => (
        <Notice key={at} alert={level === 'pain'}>
          {`${dayWords(date, today)}: ${level === 'pain' ? texts.pain : texts.sorenessOf(score)}, ${site}.${level === 'pain' ? texts.askALicensedClinician : ''}`}
        </Notice>
      ))}
      {days.map((date) => (
        <View key={date}>
          <Text>{`${dayWords(date, today)}: ${inAll(date)}`}</Text>
          {each ? doneOn(date).map((line) => <Text key={line}>{`· ${line}`}</Text>) : null}
        </View>
      ))}
      {days.length ? (
        <Button mode="text" style={styles.start} onPress={() => setEach(!each)}>
          {each ? texts.hideEachDrill : texts.showEachDrill}
        </Button>
      ) : null}
      {games.map((game) => (
        <Text key={`${game.date} ${game.title}`}>
          {texts.pitchesInAGame(dayWords(game.date, today), game.pitches, game.title)}
        </Text>
      ))}
      <Text variant="bodySmall">{texts.asTicked}</Text>
    </Card>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
