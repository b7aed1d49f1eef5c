import type { BuildPage, PlanRecord } from '@wrightonic/contract';
import { checkWords, lexiconWith, listed, liveCue, type Clash, type DrillBook } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayWords } from '../../ui/words/days';
import { Notice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { allDrills } from './planDrills';
import { useBook } from '../../ui/hooks/useBook';
import { TextField } from '../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** The drills that the athlete is given now: what was assigned, or prep and the present stages. */
const givenDrills = (plan: PlanRecord, book: DrillBook): string[] => {
  const { assignment } = plan;
  const given = assignment
    ? assignment.items
    : allDrills(plan.threads).filter(({ now, stage }) => now || stage === 'prep');
  return [...new Set(given.map(({ drill }) => drill))].filter((id) => book.drill(id));
};

/** What one instruction runs against, said once. */
function grouped(clashes: readonly Clash[]) {
  const groups = new Map<string, Pick<Clash, 'a' | 'why' | 'instead'> & { others: string[] }>();
  for (const { a, b, why, instead } of clashes) {
    const key = `${a.by} ${a.text} ${why}`;
    const group = groups.get(key) ?? { a, why, instead, others: [] };
    groups.set(key, group);
    group.others.push(`“${b.text}” (${b.by})`);
  }
  return [...groups.values()];
}

/** Everything that the athlete was told, and whether any of it pulls apart. */
export function Words({ page, plan }: { page: BuildPage; plan: PlanRecord }) {
  const { athlete, approach, instructions } = page;
  const today = useToday();
  const book = useBook();
  const dispatch = useAppDispatch();
  const [from, setFrom] = useState('');
  const [text, setText] = useState('');
  const { clashes, hints } = checkWords({
    approach,
    // Of the drill’s own words the tags are known; what somebody typed is read like any note.
    notes: [
      ...instructions,
      ...page.cues
        .filter((cue) => cue.whose !== 'drill' && liveCue(cue.drill, page.cues) === cue)
        .map(({ by, text, drill }) => ({ by: texts.onWord(by, book.drill(drill)?.name ?? drill), text })),
    ],
    drills: givenDrills(plan, book),
    book,
    age: athlete.age,
    lexicon: lexiconWith(page.lexicon),
  });
  const add = () => {
    dispatch(log(athlete.id, 'instruction', { athleteId: athlete.id, from: from.trim(), text: text.trim() }));
    setText('');
  };
  const others = instructions.filter(({ id }) => id !== null);
  return (
    <Card>
      <Heading>{texts.words}</Heading>
      {clashes.length + hints.length === 0 ? (
        <Text>{texts.hasNoConflictingInstructions(athlete.givenName)}</Text>
      ) : null}
      {grouped(clashes).map(({ a, why, others, instead }) => (
        <Notice key={`${a.by} ${a.text} ${why}`}>
          <Text>{texts.conflictsWith(a.text, a.by, listed(others), why)}</Text>
          <Text variant="labelLarge">{texts.plansCue(instead)}</Text>
        </Notice>
      ))}
      {hints.map((hint) => (
        <Notice key={hint}>{hint}</Notice>
      ))}
      {others.map(({ id, by, text: said, date }) => (
        <View key={id} style={styles.line}>
          <Text style={styles.grow}>{`${by}, ${dayWords(date, today)}: “${said}”`}</Text>
          <Button
            mode="text"
            compact
            accessibilityLabel={texts.removeWhatSays(by)}
            onPress={() => dispatch(log(athlete.id, 'undo', { sessionId: null, of: id! }))}
          >
            {texts.remove}
          </Button>
        </View>
      ))}
      <Text variant="labelMedium">{texts.whatDoOthersTell(athlete.givenName)}</Text>
      <TextField
        label={texts.whoSuchAsTeam}
        name={texts.whoSaysIt}
        value={from}
        onChange={setFrom}
        atMost={80}
      />
      <TextField
        label={texts.inTheirWords}
        name={texts.whatTheySay}
        value={text}
        onChange={setText}
        atMost={300}
      />
      <Button mode="outlined" disabled={!from.trim() || !text.trim()} onPress={add} style={styles.start}>
        {texts.checkTheseWords}
      </Button>
      <Text variant="bodySmall">{texts.sessionNotes}</Text>
    </Card>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
});
