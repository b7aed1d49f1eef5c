import { ownDrillId, stages, type Drill, type Stage, type Thread } from '@wrightonic/core';
import { router, useLocalSearchParams } from 'expo-router';
import { memo, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { api } from '../../store/api';
import { FlatList } from '../../ui/FlatList/FlatList';
import { useBook } from '../../ui/hooks/useBook';
import { useColours } from '../../theme/theme';
import { DrillFigure } from '../../ui/body/DrillFigure';
import { Choices, CheckboxGroup } from '../../ui/form/Choices';
import { Empty, Waiting } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading, PageTitle, TitleRow } from '../../ui/Screen/Screen';
import { SearchField } from '../../ui/form/SearchField';
import { threadNames, threads } from '../../ui/words/threadWords';
import { useWide } from '../../ui/hooks/useWide';
import { mostCards } from './Cards';
import { DrillFiles } from './DrillFiles';
import { DrillForm } from './DrillForm';
import { DrillPane } from './DrillPane';
import { drillsThat, neededThings, servedTargets } from './filter';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { useMay } from '../../ui/hooks/useMay';

const gridColumns = 3;

const Gap = () => <View style={styles.gap} />;

/** Every drill of the catalogue and the academy's own, to be found by name, flaw, equipment, thread and stage; on a wide screen beside one. */
export function Drills() {
  const wide = useWide();
  const own = useColours();
  const { drill } = useLocalSearchParams<{ drill?: string }>();
  if (!wide || !drill) return drill ? <One id={drill} /> : <DrillList here={null} />;
  return (
    <View style={styles.beside}>
      <View style={[styles.list, { borderColor: own.line }]}>
        <DrillList here={drill} />
      </View>
      <View style={styles.root}>
        <One key={drill} id={drill} />
      </View>
    </View>
  );
}

/** A drill to read, or one of the academy's own to write. */
function One({ id }: { id: string }) {
  const { data: kept } = api.useDrillsQuery();
  const book = useBook();
  const { edit, from } = useLocalSearchParams<{ edit?: string; from?: string }>();
  const own = kept?.find(({ drill }) => drill.id === id);
  if (id === 'new') return <DrillForm key={from ?? ''} book={book} changed={null} from={from || null} />;
  if (edit && own) return <DrillForm book={book} changed={own.drill} from={null} />;
  // An own drill is known as soon as the list is here.
  if (ownDrillId.test(id) && !kept) return <Waiting what={texts.readingTheDrill} />;
  return <DrillPane id={id} kept={own ?? null} />;
}

interface ThingsProps {
  all: readonly Drill[];
  /** Null where equipment does not matter. */
  atHand: string[] | null;
  onChange: (atHand: string[] | null) => void;
}

/** Drills for what is at hand. */
function Things({ all, atHand, onChange }: ThingsProps) {
  const options = useMemo(() => neededThings(all).map((value) => ({ value, text: value })), [all]);
  return (
    <View style={styles.panel}>
      <Text variant="labelMedium">{texts.equipmentYouHave}</Text>
      <CheckboxGroup
        label={texts.equipmentYouHave}
        options={options}
        value={atHand ?? []}
        onChange={onChange}
      />
      <Button mode="text" compact style={styles.start} onPress={() => onChange(null)}>
        {texts.anyEquipment}
      </Button>
    </View>
  );
}

/** The academy's own drills: alone, as a file, and those that were retired. */
function Ours({ ours, onChange }: { ours: boolean; onChange: (ours: boolean) => void }) {
  const coach = useMay('coach');
  const { data: kept = [] } = api.useDrillsQuery();
  return (
    <View style={styles.panel}>
      <Choices
        label={texts.whichDrills}
        value={ours ? 'ours' : 'all'}
        onChange={(value) => onChange(value === 'ours')}
        options={[
          { value: 'all', text: texts.allDrills },
          { value: 'ours', text: texts.onlyOurOwn },
        ]}
      />
      {coach ? <DrillFiles own={kept} /> : null}
      {kept
        .filter(({ retired }) => retired)
        .map(({ drill }) => (
          <Button
            key={drill.id}
            mode="text"
            compact
            style={styles.start}
            onPress={() => router.navigate(`/drills/${drill.id}`)}
          >
            {texts.retired(drill.name)}
          </Button>
        ))}
    </View>
  );
}

function DrillList({ here }: { here: string | null }) {
  const wide = useWide();
  const book = useBook();
  const { all } = book;
  const [search, setSearch] = useState('');
  const [thread, setThread] = useState<Thread | null>(null);
  const [stage, setStage] = useState<Stage | null>(null);
  const [ours, setOurs] = useState(false);
  const [panel, setPanel] = useState<'flaw' | 'things' | 'ours' | null>(null);
  const [atHand, setAtHand] = useState<string[] | null>(null);
  /** A flaw or limit that somebody came from. */
  const { target } = useLocalSearchParams<{ target?: string }>();
  /** All of them as a grid of figures, where nothing else wants the room. */
  const grid = wide && here === null;
  const shown = useMemo(
    () => drillsThat({ search, thread, stage, target: target || null, atHand, ours }, all),
    [search, thread, stage, target, atHand, ours, all],
  );
  const targetOptions = useMemo(() => servedTargets(all), [all]);
  const toggle = (which: 'flaw' | 'things' | 'ours') => setPanel(panel === which ? null : which);
  return (
    <View style={styles.root} role={here === null ? 'main' : 'complementary'} aria-label={texts.allDrills}>
      {here === null ? <PageTitle>{texts.drills2}</PageTitle> : null}
      <FlatList<Drill>
        key={grid ? 'grid' : 'list'}
        numColumns={grid ? gridColumns : 1}
        {...(grid ? { columnWrapperStyle: styles.columns } : {})}
        data={shown}
        extraData={here}
        keyExtractor={({ id }) => id}
        contentContainerStyle={grid ? styles.wideContent : styles.content}
        ItemSeparatorComponent={Gap}
        renderItem={({ item }) => (
          <DrillLine
            drill={item}
            figure={book.figure(item.id)}
            here={item.id === here}
            wide={wide}
            beside={!grid}
          />
        )}
        ListHeaderComponent={
          <View style={styles.head}>
            {here === null ? <TitleRow title={texts.drills2} /> : <Heading>{texts.drills2}</Heading>}
            <View style={grid ? styles.filters : styles.head}>
              <View style={grid ? styles.search : null}>
                <SearchField label={texts.searchDrills} value={search} onChange={setSearch} />
              </View>
              <Choices<Thread | null>
                label={texts.thread}
                value={thread}
                onChange={setThread}
                options={[
                  { value: null, text: texts.both },
                  ...threads.map((value) => ({ value, text: threadNames[value] })),
                ]}
              />
              <Choices<Stage | null>
                label={texts.stage}
                value={stage}
                onChange={setStage}
                options={[
                  { value: null, text: texts.all },
                  ...stages.map((value) => ({ value, text: value })),
                ]}
              />
            </View>
            <View style={styles.row}>
              <Button mode={target ? 'contained' : 'outlined'} onPress={() => toggle('flaw')}>
                {target
                  ? texts.for2(targetOptions.find(({ value }) => value === target)?.text ?? target)
                  : texts.byFlaw}
              </Button>
              <Button mode={atHand ? 'contained' : 'outlined'} onPress={() => toggle('things')}>
                {atHand ? texts.withItems(atHand.length || 'no') : texts.byEquipment}
              </Button>
              <Button mode={ours ? 'contained' : 'outlined'} onPress={() => toggle('ours')}>
                {texts.ourOwn}
              </Button>
            </View>
            {panel === 'flaw' ? (
              <Choices
                label={texts.forThisFlawOr}
                shown
                value={target ?? ''}
                onChange={(value) => {
                  router.setParams({ target: value });
                  setPanel(null);
                }}
                options={[{ value: '', text: texts.any }, ...targetOptions]}
              />
            ) : null}
            {panel === 'things' ? <Things all={all} atHand={atHand} onChange={setAtHand} /> : null}
            {panel === 'ours' ? <Ours ours={ours} onChange={setOurs} /> : null}
            {shown.length && shown.length <= mostCards ? (
              <Button
                mode="text"
                compact
                icon="printer"
                style={styles.start}
                onPress={() => router.navigate(`/drills/cards?ids=${shown.map(({ id }) => id).join(',')}`)}
              >
                {texts.printCards(shown.length)}
              </Button>
            ) : null}
            <Text variant="bodySmall" role="status">
              {texts.ofDrills(shown.length, all.length)}
            </Text>
          </View>
        }
        ListEmptyComponent={<Empty>{texts.noDrillMatchesShorten}</Empty>}
      />
    </View>
  );
}

interface LineProps {
  drill: Drill;
  figure: string | null;
  here: boolean;
  wide: boolean;
  /** It stands in a list beside another drill. */
  beside: boolean;
}

const DrillLine = memo(function DrillLine({ drill, figure, here, wide, beside }: LineProps) {
  return (
    <PressableCard
      role="link"
      chosen={here}
      aria-label={`${drill.name}, ${drill.stage}, ${threadNames[drill.thread].toLowerCase()}`}
      // Beside the list the list stays as it is.
      onPress={() =>
        wide && beside
          ? router.setParams({ drill: drill.id, edit: '', from: '' })
          : router.navigate(`/drills/${drill.id}`)
      }
      style={[styles.drill, wide && !beside ? styles.tile : null]}
    >
      <DrillFigure
        drill={figure}
        hand="R"
        discipline={drill.discipline === 'windmill' ? 'windmill' : 'overhand'}
        label={null}
        width={84}
        height={64}
      />
      <View style={styles.grow}>
        <Text variant="titleMedium">{drill.name}</Text>
        <Text variant="bodySmall">{`${drill.stage} · ${threadNames[drill.thread].toLowerCase()}${ownDrillId.test(drill.id) ? texts.ourOwn2 : ''}`}</Text>
        <Text numberOfLines={2}>{drill.what}</Text>
      </View>
    </PressableCard>
  );
});

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0, minWidth: 0 },
  beside: { flex: 1, flexDirection: 'row', minHeight: 0 },
  list: { width: 420, borderRightWidth: 1 },
  content: { padding: 16, paddingBottom: 32, width: '100%', maxWidth: 860, alignSelf: 'center' },
  head: { gap: 10, paddingBottom: 10 },
  gap: { height: 8 },
  wideContent: { padding: 24, paddingBottom: 32, width: '100%', maxWidth: 1400, alignSelf: 'center' },
  columns: { gap: 8 },
  tile: { flex: 1, minWidth: 0 },
  filters: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 12 },
  search: { flexGrow: 1, flexBasis: 240 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  panel: { gap: 6 },
  start: { alignSelf: 'flex-start' },
  drill: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  grow: { flex: 1, minWidth: 0 },
});
