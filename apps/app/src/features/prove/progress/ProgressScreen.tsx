import type { Progress } from '@wrightonic/contract';
import { addDays, velocityIn, writeProgress } from '@wrightonic/core';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { Choices } from '../../../ui/form/Choices';
import { DateField } from '../../../ui/form/DateField';
import { useWide } from '../../../ui/hooks/useWide';
import { saveFile } from '../../../ui/ImportPreview/saveFile';
import { Empty, ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { Screen } from '../../../ui/Screen/Screen';
import { VirtualLines } from '../../../ui/VirtualLines/VirtualLines';
import { dayWords } from '../../../ui/words/days';
import { ordered, reachOf, type ProgressFilter, type ProgressOrder } from './order';
import { StripLine } from './StripLine';
import { Worth } from './Worth';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const spans = [
  { value: 91, text: texts.months },
  { value: 182, text: texts.months2 },
  { value: 365, text: texts.aYear },
];

/** Over the whole roster: who moved, who did not, who was not measured, and what it was worth. */
export function ProgressScreen() {
  const today = useToday();
  const { person } = useMe();
  const [days, setDays] = useState<number | null>(182);
  const [span, setSpan] = useState({ from: addDays(today, -182), to: today });
  const [part, setPart] = useState<'athletes' | 'worth'>('athletes');
  const { currentData, error, refetch } = lazyEndpoints.useProgressQuery(span, {
    refetchOnMountOrArgChange: true,
    skip: span.from > span.to,
  });
  const last = (count: number) => {
    setDays(count);
    setSpan({ from: addDays(today, -count), to: today });
  };
  const dated = (end: 'from' | 'to', day: string) => {
    setDays(null);
    setSpan({ ...span, [end]: day });
  };
  return (
    <Screen title={texts.progress} back={{ label: texts.back, to: '/roster' }}>
      <Choices
        label={texts.whatIsShown}
        value={part}
        onChange={setPart}
        options={[
          { value: 'athletes', text: texts.athletes },
          { value: 'worth', text: texts.whatItWasWorth },
        ]}
      />
      {part === 'worth' ? (
        <Worth unit={person.velocityUnit} />
      ) : (
        <>
          <Choices<number | null>
            label={texts.over}
            value={days}
            onChange={(count) => (count === null ? undefined : last(count))}
            options={spans}
          />
          <View style={styles.row}>
            <DateField label={texts.from} value={span.from} onChange={(day) => dated('from', day)} />
            <DateField label={texts.to} value={span.to} onChange={(day) => dated('to', day)} />
          </View>
          {span.from > span.to ? <Text role="alert">{texts.fromMustNotBe}</Text> : null}
          {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
          {!currentData && !error ? <Waiting what={texts.comparingEveryone} /> : null}
          {currentData ? <Strips progress={currentData} /> : null}
        </>
      )}
    </Screen>
  );
}

function Strips({ progress: { from, to, athletes } }: { progress: Progress }) {
  const today = useToday();
  const wide = useWide();
  const unit = useMe().person.velocityUnit;
  const [filter, setFilter] = useState<ProgressFilter>('all');
  const [order, setOrder] = useState<ProgressOrder>('change');
  const shown = useMemo(() => ordered(athletes, filter, order), [athletes, filter, order]);
  const reach = useMemo(() => reachOf(athletes), [athletes]);
  const of = (verdict: string) => athletes.filter((each) => each.verdict === verdict).length;
  const counts: Readonly<Record<ProgressFilter, number>> = {
    all: athletes.length,
    moved: of('faster') + of('slower'),
    same: of('unchanged'),
    unmeasured: of('one session') + of('not measured'),
  };
  const save = () =>
    saveFile(new Blob([writeProgress(shown, unit)], { type: 'text/csv' }), `progress-${from}-${to}.csv`);
  if (athletes.length === 0) return <Empty>{texts.thereIsNobody}</Empty>;
  return (
    <>
      <Text variant="bodyLarge">
        {texts.fasterSlowerWithout(
          of('faster'),
          of('slower'),
          counts.same,
          counts.unmeasured,
          dayWords(from, today),
          dayWords(to, today),
        )}
      </Text>
      <Choices<ProgressFilter>
        label={texts.who}
        value={filter}
        onChange={setFilter}
        options={[
          { value: 'all', text: texts.all(counts.all) },
          { value: 'moved', text: texts.moved(counts.moved) },
          { value: 'same', text: texts.noRealChange2(counts.same) },
          { value: 'unmeasured', text: texts.notMeasured2(counts.unmeasured) },
        ]}
      />
      <View style={styles.row}>
        <View style={styles.grow}>
          <Choices<ProgressOrder>
            label={texts.sortedBy}
            value={order}
            onChange={setOrder}
            options={[
              { value: 'change', text: texts.change },
              { value: 'home', text: texts.homeWork },
              { value: 'name', text: texts.name },
            ]}
          />
        </View>
        <Button mode="outlined" icon="tray-arrow-down" onPress={save}>
          {texts.csv}
        </Button>
      </View>
      <Text variant="bodySmall">{texts.theDot(velocityIn(reach, unit).toFixed(1), unit)}</Text>
      <VirtualLines count={shown.length} height={84} gap={8} lanes={wide ? 2 : 1} keyOf={(n) => shown[n]!.id}>
        {(n) => <StripLine entry={shown[n]!} unit={unit} reach={reach} />}
      </VirtualLines>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
});
