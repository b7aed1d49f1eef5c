import { homeTotal, type HomeWeek } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';
import { useBook } from '../../ui/hooks/useBook';
import { dayWords } from '../../ui/words/days';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** So many weeks at first. */
const fewWeeks = 4;

const doneWords = ({ assigned, done, late }: Pick<HomeWeek, 'assigned' | 'done' | 'late'>): string =>
  texts.ofSets(done, assigned, late ? texts.late(late) : '');
const cleanWords = ({ clean, missed }: Pick<HomeWeek, 'clean' | 'missed'>): string =>
  clean + missed ? texts.ofCountedRepsClean(clean, clean + missed) : '';

/** Assigned against done at home, week by week and drill by drill. */
export function HomeWork({ weeks }: { weeks: readonly HomeWeek[] }) {
  const book = useBook();
  const today = useToday();
  const own = useColours();
  const [all, setAll] = useState(false);
  const [open, setOpen] = useState<string | null>(null);
  if (weeks.length === 0) return null;
  const newest = [...weeks].reverse();
  const shown = all ? newest : newest.slice(0, fewWeeks);
  const total = homeTotal(weeks);
  return (
    <Card>
      <Heading>{texts.workAtHome}</Heading>
      <Text variant="bodyLarge">{`${doneWords(total)}${cleanWords(total)}.`}</Text>
      {shown.map((week) => (
        <View key={week.week} style={styles.week}>
          <View style={styles.row}>
            <Text style={styles.name}>{texts.weekOf(dayWords(week.week, today))}</Text>
            <View
              style={[styles.bar, { borderColor: own.line }]}
              role="img"
              aria-label={texts.ofSetsDone(week.done, week.assigned)}
            >
              <View
                style={{
                  width: `${(100 * week.done) / week.assigned}%`,
                  height: '100%',
                  backgroundColor: own.grass,
                }}
              />
            </View>
            <Button
              compact
              mode="text"
              accessibilityLabel={texts.drillsOfTheWeek(dayWords(week.week, today))}
              onPress={() => setOpen(open === week.week ? null : week.week)}
            >
              {texts.of(week.done, week.assigned, week.late ? texts.late(week.late) : '')}
            </Button>
          </View>
          {open === week.week
            ? week.drills.map((drill) => (
                <Text key={drill.drill} variant="bodySmall" style={styles.drill}>
                  {`${book.drill(drill.drill)?.name ?? drill.drill}: ${doneWords(drill)}${cleanWords(drill)}`}
                </Text>
              ))
            : null}
        </View>
      ))}
      {weeks.length > fewWeeks ? (
        <Button mode="text" compact onPress={() => setAll(!all)}>
          {all ? texts.showFewerWeeks : texts.showAllWeeks(weeks.length)}
        </Button>
      ) : null}
      <Text variant="bodySmall">{texts.lateMeansTickedAfter}</Text>
    </Card>
  );
}

const styles = StyleSheet.create({
  week: { gap: 2 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  name: { width: 120 },
  bar: { flex: 1, height: 14, borderWidth: 1, borderRadius: 3, overflow: 'hidden', minWidth: 40 },
  drill: { paddingLeft: 12 },
});
