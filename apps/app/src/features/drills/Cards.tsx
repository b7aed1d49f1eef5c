import { cueIn, type Drill } from '@wrightonic/core';
import { useLocalSearchParams } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { PaperProvider, Text } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { themes } from '../../theme/theme';
import { DrillStages } from '../../ui/body/DrillStages';
import { useBook } from '../../ui/hooks/useBook';
import { Empty } from '../../ui/Notice/Notice';
import { goBack } from '../../ui/Screen/goBack';
import { PageTitle } from '../../ui/Screen/Screen';
import { doseOf, needsWords } from './drillWords';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** So many go onto paper at once. */
export const mostCards = 24;

/** Drills as cards for paper, four to a page: what to set up, how one rep goes, the cue. */
export function DrillCards() {
  const { ids } = useLocalSearchParams<{ ids?: string }>();
  const book = useBook();
  const drills = (ids ?? '')
    .split(',')
    .slice(0, mostCards)
    .flatMap((id) => book.drill(id) ?? []);
  return (
    <View style={styles.root} role="main">
      <PageTitle>{texts.drillCards}</PageTitle>
      <View id="sheet-tools" style={styles.tools}>
        <Button mode="text" icon="chevron-left" onPress={() => goBack('/drills')}>
          {texts.back}
        </Button>
        <Button mode="contained" icon="printer" disabled={!drills.length} onPress={() => window.print()}>
          {texts.printCards(drills.length)}
        </Button>
      </View>
      {drills.length === 0 ? <Empty>{texts.thereIsNoDrill}</Empty> : null}
      <ScrollView tabIndex={0}>
        <PaperProvider theme={themes.day}>
          <View id="cards" style={styles.cards}>
            {drills.map((drill) => (
              <DrillCard key={drill.id} drill={drill} />
            ))}
          </View>
        </PaperProvider>
      </ScrollView>
    </View>
  );
}

function DrillCard({ drill }: { drill: Drill }) {
  const { hand } = useMe().person;
  const book = useBook();
  const page = book.page(drill.id);
  return (
    <View style={styles.card} role="group" aria-label={drill.name}>
      <Text variant="titleLarge" role="heading" aria-level={2}>
        {drill.name}
      </Text>
      <Text variant="titleMedium">{`“${cueIn(drill.id, 'plain', book)}”`}</Text>
      <DrillStages drill={drill} hand={hand} width={104} height={96} />
      {page ? (
        <>
          <Text variant="bodySmall">{page.setUp}</Text>
          {page.steps.map((step, n) => (
            <Text key={step} variant="bodySmall">{`${n + 1}. ${step}`}</Text>
          ))}
        </>
      ) : (
        <Text variant="bodySmall">{drill.what}</Text>
      )}
      <Text variant="labelMedium">{texts.cardFoot(doseOf(drill), needsWords(drill))}</Text>
      {drill.caution ? <Text variant="labelMedium">{texts.care2(drill.caution)}</Text> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0 },
  tools: { flexDirection: 'row', justifyContent: 'space-between', padding: 8 },
  cards: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, padding: 8, backgroundColor: '#FFFFFF' },
  card: {
    flexGrow: 1,
    flexBasis: 330,
    maxWidth: 360,
    borderWidth: 1,
    borderColor: '#8A8574',
    borderRadius: 8,
    padding: 12,
    gap: 4,
    // A card is never cut in two by the end of a page.
    breakInside: 'avoid',
  } as object,
});
