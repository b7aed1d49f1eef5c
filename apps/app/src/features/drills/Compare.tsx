import { partNames, type Drill, type DrillBook } from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';
import { doseOf, effortWords, needsWords } from './drillWords';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const rows: readonly [string, (drill: Drill, book: DrillBook) => string][] = [
  [texts.stage, ({ stage }) => stage],
  [texts.dose, doseOf],
  [texts.effort, effortWords],
  [texts.needs, needsWords],
  [texts.fromAge, ({ minAge }) => String(minAge)],
  [
    texts.leavesOut,
    ({ id }, book) => {
      const part = book.page(id)?.leavesOut;
      return part ? partNames[part] : 'nothing';
    },
  ],
];

/** A drill between its easier and its harder neighbour, row by row. */
export function Compare({ drill }: { drill: Drill }) {
  const own = useColours();
  const book = useBook();
  const easier = drill.easier ? book.drill(drill.easier) : undefined;
  const harder = drill.harder ? book.drill(drill.harder) : undefined;
  if (!easier && !harder) return null;
  const columns = [
    { word: texts.easier, drill: easier },
    { word: texts.thisOne, drill },
    { word: texts.harder, drill: harder },
  ].filter((column): column is { word: string; drill: Drill } => column.drill !== undefined);
  return (
    <Card>
      <Heading>{texts.easierAndHarder}</Heading>
      <View role="table" aria-label={texts.besideTheEasier(drill.name)}>
        <View role="row" style={styles.row}>
          <View role="columnheader" style={styles.what}>
            <Text variant="labelMedium">{texts.beside}</Text>
          </View>
          {columns.map(({ word, drill: each }) => (
            <View key={word} role="columnheader" style={styles.cell}>
              <Text variant="labelMedium">{word}</Text>
              <Text variant="labelLarge">{each.name}</Text>
            </View>
          ))}
        </View>
        {rows.map(([name, words]) => (
          <View key={name} role="row" style={[styles.row, styles.line, { borderColor: own.line }]}>
            <View role="rowheader" style={styles.what}>
              <Text variant="bodySmall">{name}</Text>
            </View>
            {columns.map(({ word, drill: each }) => (
              <View key={word} role="cell" style={styles.cell}>
                <Text variant="bodySmall">{words(each, book)}</Text>
              </View>
            ))}
          </View>
        ))}
      </View>
      <View style={styles.wrap}>
        {columns
          .filter(({ drill: each }) => each !== drill)
          .map(({ word, drill: each }) => (
            <Button
              key={word}
              mode="outlined"
              icon={each === easier ? 'arrow-down' : 'arrow-up'}
              onPress={() => router.navigate(`/drills/${each.id}`)}
            >
              {each.name}
            </Button>
          ))}
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8, paddingVertical: 6 },
  line: { borderTopWidth: 1 },
  what: { width: 68 },
  cell: { flex: 1, minWidth: 0 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
