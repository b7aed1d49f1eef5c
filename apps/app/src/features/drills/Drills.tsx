import {
  cueIn,
  doseWords,
  drillCues,
  drills,
  nodeName,
  parseDose,
  stages,
  voices,
  type Drill,
  type Stage,
  type Thread,
} from '@wrightonic/core';
import { router, useLocalSearchParams } from 'expo-router';
import { memo, useMemo, useState } from 'react';
import { FlatList, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Choices } from '../../ui/Choices';
import { voiceNames } from '../../ui/kindWords';
import { Empty } from '../../ui/Notice';
import { Press } from '../../ui/Press';
import { PageTitle, TitleRow } from '../../ui/Screen';
import { SearchField } from '../../ui/SearchField';
import { threadNames, threads } from '../../ui/threadWords';

const Gap = () => <View style={styles.gap} />;

/** What a drill is found by: its name and words, what it serves, what it needs. */
const told = ({ name, what, targets, equipment }: Drill): string =>
  [name, what, ...targets.map(nodeName), ...equipment.flat()].join(' ').toLowerCase();

/** Every drill of the catalogue, to be found by name, flaw, equipment, thread and stage. */
export function Drills() {
  const [search, setSearch] = useState('');
  const [thread, setThread] = useState<Thread | null>(null);
  const [stage, setStage] = useState<Stage | null>(null);
  const [open, setOpen] = useState<string | null>(null);
  /** A flaw or limit that somebody came from. */
  const { target } = useLocalSearchParams<{ target?: string }>();
  const shown = useMemo(() => {
    const wanted = search.trim().toLowerCase();
    return drills.filter(
      (drill) =>
        (!thread || drill.thread === thread) &&
        (!stage || drill.stage === stage) &&
        (!target || drill.targets.includes(target)) &&
        told(drill).includes(wanted),
    );
  }, [search, thread, stage, target]);
  return (
    <View style={styles.whole} role="main">
      <PageTitle>Drills</PageTitle>
      <FlatList<Drill>
        data={shown}
        extraData={open}
        keyExtractor={({ id }) => id}
        contentContainerStyle={styles.content}
        ItemSeparatorComponent={Gap}
        renderItem={({ item }) => <DrillLine drill={item} open={open === item.id} onPress={setOpen} />}
        ListHeaderComponent={
          <View style={styles.head}>
            <TitleRow title="Drills" />
            <SearchField label="Search drills" value={search} onChange={setSearch} />
            <Choices<Thread | null>
              label="Thread"
              value={thread}
              onChange={setThread}
              options={[
                { value: null, text: 'Both' },
                ...threads.map((value) => ({ value, text: threadNames[value] })),
              ]}
            />
            <Choices<Stage | null>
              label="Stage"
              value={stage}
              onChange={setStage}
              options={[{ value: null, text: 'All' }, ...stages.map((value) => ({ value, text: value }))]}
            />
            {target ? (
              <View style={styles.for}>
                <Text style={styles.grow}>{`For ${nodeName(target)}`}</Text>
                <Button mode="text" compact onPress={() => router.setParams({ target: '' })}>
                  All drills
                </Button>
              </View>
            ) : null}
            <Text variant="bodySmall" role="status">{`${shown.length} of ${drills.length} drills`}</Text>
          </View>
        }
        ListEmptyComponent={<Empty>No drill fits. Search for less, or choose all stages.</Empty>}
      />
    </View>
  );
}

interface LineProps {
  drill: Drill;
  open: boolean;
  onPress: (id: string | null) => void;
}

const DrillLine = memo(function DrillLine({ drill, open, onPress }: LineProps) {
  const needs = drill.equipment.map((any) => any.join(' or ')).join(', ');
  const serves = drill.targets.map((id) => (id === '*' ? 'whatever the focus is' : nodeName(id)));
  return (
    <Press
      onPress={() => onPress(open ? null : drill.id)}
      chosen={open}
      aria-expanded={open}
      style={styles.drill}
    >
      <View style={styles.row}>
        <Text variant="titleMedium" style={styles.grow}>
          {drill.name}
        </Text>
        <Text variant="bodySmall">{`${drill.stage} · ${threadNames[drill.thread].toLowerCase()}`}</Text>
      </View>
      <Text>{drill.what}</Text>
      {open ? (
        <>
          {voices
            .filter((voice) => voice !== 'detail')
            .map((voice) => (
              <View key={voice}>
                <Text variant="labelMedium">{voiceNames[voice]}</Text>
                <Text variant="titleSmall">{`“${cueIn(drill.id, voice)}”`}</Text>
              </View>
            ))}
          {drillCues[drill.id]?.tags.length ? (
            <Text>{`Asks for: ${drillCues[drill.id]!.tags.join(', ')}.`}</Text>
          ) : null}
          <Text>{`Dose: ${doseWords(parseDose(drill.dose))}${drill.throws ? `, ${drill.throws} throws` : ', no throws'}.`}</Text>
          <Text>{`For: ${serves.join('; ')}.`}</Text>
          <Text>{`Needs ${needs || 'nothing'}; ${drill.places.join(' or ')}; from age ${drill.minAge}.`}</Text>
          {drill.caution ? <Text>{`Care: ${drill.caution}`}</Text> : null}
          {drill.avoidWithPainIn.length ? (
            <Text>{`Not with pain in: ${drill.avoidWithPainIn.join(', ')}.`}</Text>
          ) : null}
        </>
      ) : null}
    </Press>
  );
});

const styles = StyleSheet.create({
  whole: { flex: 1, minHeight: 0 },
  content: { padding: 16, paddingBottom: 32, width: '100%', maxWidth: 860, alignSelf: 'center' },
  head: { gap: 10, paddingBottom: 10 },
  gap: { height: 8 },
  drill: { gap: 4 },
  row: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  for: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
});
