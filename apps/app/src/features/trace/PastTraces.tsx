import type { TracePage, PastTrace } from '@wrightonic/contract';
import { nodeName, percent, sameFocus, type Call, type Trace } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { dayAt, dayWords } from '../../ui/words/days';
import { Empty, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading } from '../../ui/Screen/Screen';
import { Seam } from '../../ui/seam/Seam';
import { threadNames } from '../../ui/words/threadWords';
import { useTracing } from './useTracing';
import { texts } from './texts';

const outcomeWords: Record<Call['outcome'], string> = {
  better: texts.betterAtTheNext,
  same: texts.theSame,
  worse: texts.worseAtTheNext,
  open: texts.notLookedAtSince,
};

const callWords = ({ thread, proposed, chosen, overruled, outcome }: Call): string =>
  overruled
    ? texts.insteadOf(
        threadNames[thread],
        chosen ? nodeName(chosen) : texts.noFocus2,
        proposed ? nodeName(proposed) : 'none',
        outcomeWords[outcome],
      )
    : `${threadNames[thread]}: ${nodeName(chosen!)}, ${outcomeWords[outcome]}`;

/** Every trace of the athlete as it stood: what was proposed, what was chosen, and how it turned out. */
export function PastTraces({ page }: { page: TracePage }) {
  const today = useToday();
  const { academy } = useMe();
  const { data, error, refetch } = lazyEndpoints.usePastTracesQuery(page.athlete.id);
  const [open, setOpen] = useState<string | null>(null);
  if (!data)
    return error ? (
      <ErrorNotice error={error} again={() => void refetch()} />
    ) : (
      <Waiting what={texts.readingTheEarlierTraces} />
    );
  if (data.length === 0 && page.strikes.length === 0) return <Empty>{texts.noFocusWasAccepted}</Empty>;
  return (
    <View style={styles.root}>
      {data.map((past) => (
        <View key={past.id} style={styles.root}>
          <PressableCard
            chosen={open === past.id}
            aria-expanded={open === past.id}
            onPress={() => setOpen(open === past.id ? null : past.id)}
          >
            <Text variant="titleMedium">{texts.by(dayWords(past.date, today), past.by)}</Text>
            {past.calls.map((call) => (
              <Text key={call.thread}>{callWords(call)}</Text>
            ))}
            {past.reason ? <Text variant="bodySmall">{texts.why(past.reason)}</Text> : null}
            <Text variant="bodySmall">
              {texts.linksOfVersion(
                past.result.catalogue,
                past.result.removedLinks.length ? texts.struck(past.result.removedLinks.length) : '',
              )}
            </Text>
          </PressableCard>
          {open === past.id ? <Compared page={page} past={past} /> : null}
        </View>
      ))}
      {page.strikes.length ? <Heading level={3}>{texts.linksStruckAndRestored}</Heading> : null}
      {[...page.strikes].reverse().map(({ id, cause, effect, struck, reason, by, at }) => (
        <Text key={id}>
          {texts.causesStruck(
            dayWords(dayAt(new Date(at), academy.zone), today),
            by,
            nodeName(cause),
            nodeName(effect),
            struck,
            reason,
          )}
        </Text>
      ))}
    </View>
  );
}

const rootIn = (result: Trace, id: string) => result.roots.find((root) => root.id === id);

/** The same look then and with today's links, approach and strikes. */
function Compared({ page, past }: { page: TracePage; past: PastTrace }) {
  const look = page.looks.find(({ id }) => id === past.lookId);
  return look ? <Beside page={page} past={past} look={look} /> : <Text>{texts.thisLookIsNot}</Text>;
}

function Beside({
  page,
  past,
  look,
}: {
  page: TracePage;
  past: PastTrace;
  look: TracePage['looks'][number];
}) {
  const { result: now, set } = useTracing(page, look, null);
  const then = past.result;
  const ids = [...new Set([...then.roots.slice(0, 6), ...now.roots.slice(0, 6)].map(({ id }) => id))];
  const share = (result: Trace, id: string) => {
    const root = rootIn(result, id);
    return root ? `${root.score.toFixed(1)} (${percent(root.share)})` : 'none';
  };
  return (
    <View style={styles.root}>
      <Heading level={3}>{texts.thenAndToday}</Heading>
      <Seam
        discipline={page.athlete.discipline}
        findings={past.findings ?? look.findings}
        size="row"
        label={texts.asItWasSeen}
      />
      <View style={styles.row}>
        <Text style={styles.name} variant="labelMedium">
          {texts.accountsFor}
        </Text>
        <Text style={styles.figure} variant="labelMedium">
          {texts.then(then.catalogue)}
        </Text>
        <Text style={styles.figure} variant="labelMedium">
          {texts.today(set.version)}
        </Text>
      </View>
      {ids.map((id) => (
        <View key={id} style={styles.row}>
          <Text style={styles.name}>{nodeName(id)}</Text>
          <Text style={styles.figure}>{share(then, id)}</Text>
          <Text style={styles.figure}>{share(now, id)}</Text>
        </View>
      ))}
      <Text variant="bodySmall">
        {sameFocus(then.focus, now.focus)
          ? texts.theSameFocusWould
          : texts.todayTheProposalWould(
              [now.focus.lower, now.focus.arm]
                .filter((id) => id !== null)
                .map(nodeName)
                .join(' and ') || texts.noFocus2,
            )}
      </Text>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
  name: { flex: 2 },
  figure: { flex: 1, textAlign: 'right' },
});
