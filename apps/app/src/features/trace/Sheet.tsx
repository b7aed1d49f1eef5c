import type { TracePage, LookRecord } from '@wrightonic/contract';
import {
  focusWords,
  gainWords,
  leaveWords,
  listed,
  nodeName,
  percent,
  plainWords,
  bodyWords,
  type Trace,
} from '@wrightonic/core';
import { router, useLocalSearchParams } from 'expo-router';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { PaperProvider, Text } from 'react-native-paper';
import { useAthlete, useMe, useToday } from '../../store/useAthlete';
import { themes } from '../../theme/theme';
import { longDay } from '../../ui/words/days';
import { kindWords } from '../../ui/words/kindWords';
import { Empty, NotRead } from '../../ui/Notice/Notice';
import { Heading, PageTitle } from '../../ui/Screen/Screen';
import { threadNames, threads } from '../../ui/words/threadWords';
import { TracePicture } from './TracePicture';
import { useTracing } from './useTracing';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** What a printed page leaves inside its margins, px; `public/index.html` undoes the zoom for the printer. */
const pageWidth = 700;
const pageHeight = 1016;
const shownRoots = 7;
/** What is left alone is told with its reason for so many. */
const shownLeft = 2;

/** A trace on one page, for the wall of the cage or the parent’s bag. */
export function Sheet() {
  const { id, page, error: unread, again } = useAthlete('trace');
  const { look: wanted } = useLocalSearchParams<{ look?: string }>();
  if (!page) return <NotRead error={unread} again={again} />;
  const finished = page.looks.filter((look) => look.finished);
  const look = finished.find((each) => each.id === wanted) ?? finished.at(-1);
  if (!look) return <Empty>{texts.thereIsNoFinished}</Empty>;
  return <Printed key={look.id} id={id} page={page} look={look} />;
}

/** What to look at next, where the body comes first, and what to leave alone. */
function BesideRoots({ result }: { result: Trace }) {
  const further = result.left.slice(shownLeft, 6);
  return (
    <View style={styles.grow}>
      {result.gains.length ? <Heading>{texts.lookNext}</Heading> : null}
      {result.gains.map(({ id: node, gain }) => (
        <Text
          key={node}
          variant="bodySmall"
          style={styles.tight}
        >{`${nodeName(node)}. ${gainWords(gain, result.total)}`}</Text>
      ))}
      {bodyWords(result.bodyFirst.slice(0, 2)).map((words) => (
        <Text key={words} variant="bodySmall" style={styles.tight}>
          {words}
        </Text>
      ))}
      {result.left.length ? <Heading>{texts.leaveAlone}</Heading> : null}
      {result.left.slice(0, shownLeft).map((left) => (
        <Text
          key={left.id}
          variant="bodySmall"
          style={styles.tight}
        >{`${nodeName(left.id)}. ${leaveWords(left, result.approach)}`}</Text>
      ))}
      {further.length ? (
        <Text
          variant="bodySmall"
          style={styles.tight}
        >{`${listed(further.map((each) => nodeName(each.id)))}.`}</Text>
      ) : null}
    </View>
  );
}

function Printed({ id, page, look }: { id: string; page: TracePage; look: LookRecord }) {
  const { athlete } = page;
  const { academy, person } = useMe();
  const today = useToday();
  const screen = useWindowDimensions().width;
  const { result, input } = useTracing(page, look, null);
  const accepted = page.trace?.lookId === look.id ? page.trace : null;
  const focus = accepted?.chosen ?? result.focus;
  const plain = plainWords(result, focus, athlete.voice);
  const zoom = Math.min(1, (screen - 24) / pageWidth);
  const rest = result.roots.slice(shownRoots);
  return (
    <View style={styles.root} role="main">
      <PageTitle>{texts.traceOf(athlete.givenName, athlete.familyName)}</PageTitle>
      <View id="sheet-tools" style={styles.tools}>
        <Button mode="text" icon="chevron-left" onPress={() => router.navigate(`/athletes/${id}/trace`)}>
          {texts.backToTheTrace}
        </Button>
        <Button mode="contained" icon="printer" onPress={() => window.print()}>
          {texts.printThisPage}
        </Button>
      </View>
      <ScrollView style={styles.root} contentContainerStyle={styles.middle} tabIndex={0}>
        <PaperProvider theme={themes.day}>
          <View id="sheet" style={[styles.sheet, { zoom } as object]}>
            <View style={styles.row}>
              <View style={styles.grow}>
                <Text variant="headlineMedium" role="heading" aria-level={1}>
                  {`${athlete.givenName} ${athlete.familyName}`}
                </Text>
                <Text variant="bodySmall">
                  {texts.lookOfBy(kindWords(athlete), longDay(look.date), look.by)}
                </Text>
              </View>
              <View style={styles.end}>
                <Text variant="titleMedium">{academy.name}</Text>
                <Text variant="bodySmall">{`${person.name}, ${longDay(today)}`}</Text>
              </View>
            </View>
            <TracePicture
              discipline={athlete.discipline}
              findings={input.findings}
              flows={result.flows}
              roots={result.roots}
              label={texts.theDeliveryWithThreads}
              marked={[focus.lower, focus.arm].filter((each) => each !== null)}
              chosen={null}
              grand
              low
              width={pageWidth}
            />
            <View style={styles.row}>
              {threads.map((thread) => {
                const on = focus[thread];
                const reason = result.reasons.find((each) => each.id === on);
                return (
                  <View key={thread} style={styles.grow}>
                    <Text variant="labelMedium">{threadNames[thread]}</Text>
                    <Text variant="titleMedium">{on ? nodeName(on) : texts.noFocus}</Text>
                    {reason ? <Text variant="bodySmall">{focusWords(reason, result)}</Text> : null}
                  </View>
                );
              })}
            </View>
            {plain ? <Text variant="bodyMedium">{plain.athlete}</Text> : null}
            <View style={[styles.row, styles.rest]}>
              <View style={styles.grow}>
                <Heading>{texts.causes}</Heading>
                {result.roots.slice(0, shownRoots).map((root) => (
                  <Text key={root.id} variant="bodySmall" style={styles.tight}>
                    {`${percent(root.share)}  ${nodeName(root.id)}`}
                  </Text>
                ))}
                {rest.length ? (
                  <Text variant="bodySmall" style={styles.tight}>
                    {texts.smallerOnes(percent(rest.reduce((sum, { share }) => sum + share, 0)), rest.length)}
                  </Text>
                ) : null}
              </View>
              <BesideRoots result={result} />
            </View>
            <Text variant="bodySmall" style={styles.small}>
              {texts.linksOfVersionThick(
                result.catalogue,
                result.removedLinks.length ? texts.struckForThisAthlete(result.removedLinks.length) : '',
              )}
            </Text>
          </View>
        </PaperProvider>
      </ScrollView>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0 },
  tools: { flexDirection: 'row', justifyContent: 'space-between', padding: 8 },
  middle: { alignItems: 'center' },
  sheet: { width: pageWidth, height: pageHeight, backgroundColor: '#FFFFFF', gap: 8, paddingVertical: 4 },
  // However much was found, the last line with its caution stays on the page.
  rest: { flex: 1, minHeight: 0, overflow: 'hidden' },
  row: { flexDirection: 'row', gap: 20 },
  grow: { flex: 1 },
  end: { alignItems: 'flex-end' },
  tight: { fontSize: 13, lineHeight: 16 },
  small: { fontSize: 11, lineHeight: 14 },
});
