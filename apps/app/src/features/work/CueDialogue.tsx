import type { WorkPage, DrillTotal } from '@wrightonic/contract';
import { cueCountWords, nodeName, parseDose, repSides, repSideWords, type DrillBook } from '@wrightonic/core';
import { Fragment } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { dayAt, dayWords } from '../../ui/words/days';
import { cueOwnerNames } from '../../ui/words/kindWords';
import { Heading } from '../../ui/Screen/Screen';
import { Section } from '../../ui/Section/Section';
import { useBook } from '../../ui/hooks/useBook';
import { cuesOfDrill } from './session';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** For each focus the cues that were tried, in the order of time, and how the reps after each went. */
export function CueDialogue({ page }: { page: WorkPage }) {
  const book = useBook();
  const today = useToday();
  const { academy } = useMe();
  const dispatch = useAppDispatch();
  const { athlete, plan, cues, cueCounts } = page;
  const threads = (plan?.threads ?? []).flatMap(({ focus, stages }) => {
    const climbed = stages.filter(({ stage }) => stage !== 'prep').flatMap(({ drills }) => drills);
    const ids = [...new Set(climbed.map(({ drill }) => drill))];
    const worked = ids
      .filter((id) => cues.some(({ drill }) => drill === id) || cueCounts.some(({ drill }) => drill === id))
      .map((id) => ({ id, lines: cuesOfDrill(page, id, book) }));
    return worked.length ? [{ focus, worked }] : [];
  });
  if (threads.length === 0) return null;
  const drillLines = threads.flatMap(({ worked }) => worked);
  const inUse = drillLines.flatMap(({ lines }) => lines.filter(({ live }) => live));
  return (
    <Section title={texts.cuesSoFar} told={texts.inUseFor(inUse.length, drillLines.length)}>
      {threads.map(({ focus, worked }) => (
        <Fragment key={focus}>
          <Heading level={3}>{nodeName(focus)}</Heading>
          {worked.map(({ id, lines }) => (
            <View key={id} style={styles.drill}>
              <Text variant="labelLarge">{book.drill(id)?.name ?? id}</Text>
              {totalsWords(page, id, book).map((words) => (
                <Text key={words} variant="bodySmall">
                  {words}
                </Text>
              ))}
              {lines.map((line) => (
                <View key={line.text} style={styles.line}>
                  <View style={styles.grow}>
                    <Text variant="titleSmall">{`“${line.text}”`}</Text>
                    <Text variant="bodySmall">
                      {[
                        cueOwnerNames[line.whose],
                        ...(line.since
                          ? [texts.since(dayWords(dayAt(new Date(line.since), academy.zone), today))]
                          : []),
                        cueCountWords(line),
                      ].join(' · ')}
                    </Text>
                  </View>
                  {line.live ? (
                    <Text variant="labelLarge">{texts.inUse}</Text>
                  ) : (
                    <Button
                      mode="outlined"
                      compact
                      accessibilityLabel={texts.use2(line.text)}
                      onPress={() =>
                        dispatch(
                          log(athlete.id, 'cue-chosen', {
                            athleteId: athlete.id,
                            drill: id,
                            text: line.text,
                            whose: line.whose,
                          }),
                        )
                      }
                    >
                      {texts.useThisOne}
                    </Button>
                  )}
                </View>
              ))}
            </View>
          ))}
        </Fragment>
      ))}
      <Text variant="bodySmall">{texts.theCueInUse}</Text>
    </Section>
  );
}

/** “By level: hold 30 of 40; drive 12 of 20.”, and the same by side. */
function totalsWords({ athlete, drillTotals }: WorkPage, id: string, book: DrillBook): string[] {
  const drill = book.drill(id);
  const ofDrill = drillTotals.filter((total) => total.drill === id);
  const by = <K extends string>(
    title: string,
    keys: readonly K[],
    keyOf: (total: DrillTotal) => string | null,
    nameOf: (key: K) => string,
  ) => {
    const said = keys.flatMap((key) => {
      const own = ofDrill.filter((total) => keyOf(total) === key);
      const clean = own.reduce((sum, total) => sum + total.clean, 0);
      const all = own.reduce((sum, total) => sum + total.clean + total.missed, 0);
      return all ? [texts.of6(nameOf(key), clean, all)] : [];
    });
    return said.length ? [`${title}: ${said.join('; ')}.`] : [];
  };
  if (!drill) return [];
  const dose = parseDose(drill.dose);
  // A level that was taken out keeps its reps.
  const levels = [
    ...(drill.levels ?? []).map(({ name }) => name),
    ...ofDrill.flatMap(({ level }) => level ?? []),
  ];
  return [
    ...by(
      texts.byLevel,
      [...new Set(levels)],
      ({ level }) => level,
      (level) => level,
    ),
    ...by(
      texts.bySide,
      repSides,
      ({ side }) => side,
      (side) => repSideWords(side, athlete.throws, dose),
    ),
  ];
}

const styles = StyleSheet.create({
  drill: { gap: 4 },
  line: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
});
