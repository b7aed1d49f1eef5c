import type { RosterEntry } from '@wrightonic/contract';
import { useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { api } from '../../store/api';
import { FlatList } from '../../ui/FlatList/FlatList';
import { AthleteLine } from '../../ui/AthleteLine/AthleteLine';
import { Choices } from '../../ui/form/Choices';
import { handNames, disciplineNames } from '../../ui/words/kindWords';
import { Empty, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { SearchField } from '../../ui/form/SearchField';
import { ageBands, filtered, focusesOf, noFilter, type AgeBand, type RosterFilter } from './filter';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  head?: ReactNode;
  /** The athlete who is open beside the list. */
  here?: string;
  searching?: boolean;
}

export function RosterList({ head, here, searching }: Props) {
  const { data, error, refetch } = api.useRosterQuery();
  const [filter, setFilter] = useState<RosterFilter>(noFilter);
  const [open, setOpen] = useState(false);
  const shown = useMemo(() => filtered(data ?? [], filter), [data, filter]);
  const set =
    <K extends keyof RosterFilter>(key: K) =>
    (value: RosterFilter[K]) =>
      setFilter((was) => ({ ...was, [key]: value }));
  const narrowed = Object.entries(filter).filter(([key, value]) => key !== 'search' && value).length;
  return (
    <FlatList<RosterEntry>
      data={shown}
      keyExtractor={({ id }) => id}
      renderItem={({ item }) => <AthleteLine athlete={item} here={item.id === here} />}
      ItemSeparatorComponent={Gap}
      contentContainerStyle={styles.content}
      initialNumToRender={12}
      ListHeaderComponent={
        <View style={styles.head}>
          {head}
          <SearchField
            label={texts.searchByName}
            value={filter.search}
            onChange={set('search')}
            autoFocus={searching ?? false}
          />
          <PressableCard onPress={() => setOpen(!open)} aria-expanded={open} style={styles.start}>
            <Text variant="labelLarge">
              {`${open ? texts.hideFilters : texts.filters}${narrowed ? texts.onWord(narrowed) : ''}`}
            </Text>
          </PressableCard>
          {open ? <Filters roster={data ?? []} filter={filter} set={set} /> : null}
          {data ? (
            <Text variant="bodySmall" role="status">
              {shown.length === data.length
                ? texts.athletes(data.length)
                : texts.ofAthletes(shown.length, data.length)}
            </Text>
          ) : null}
          {error ? <ErrorNotice error={error} again={() => void refetch()} /> : null}
          {!data && !error ? <Waiting what={texts.readingTheRoster} /> : null}
        </View>
      }
      ListEmptyComponent={
        data ? (
          data.length === 0 ? (
            <Empty>{texts.nobodyHereYetAdd}</Empty>
          ) : (
            <Empty action={<Button onPress={() => setFilter(noFilter)}>{texts.showEveryone}</Button>}>
              {texts.nobodyMatchesThisSearch}
            </Empty>
          )
        ) : null
      }
    />
  );
}

const Gap = () => <View style={styles.gap} />;

interface FiltersProps {
  roster: readonly RosterEntry[];
  filter: RosterFilter;
  set: <K extends keyof RosterFilter>(key: K) => (value: RosterFilter[K]) => void;
}

function Filters({ roster, filter, set }: FiltersProps) {
  const all = { value: null, text: texts.all };
  return (
    <View style={styles.filters}>
      <Choices
        label={texts.discipline}
        shown
        value={filter.discipline}
        onChange={set('discipline')}
        options={[
          all,
          { value: 'overhand', text: disciplineNames.overhand },
          { value: 'windmill', text: disciplineNames.windmill },
        ]}
      />
      <Choices
        label={texts.throwingHand}
        shown
        value={filter.hand}
        onChange={set('hand')}
        options={[all, { value: 'R', text: handNames.R }, { value: 'L', text: handNames.L }]}
      />
      <Choices<AgeBand | null>
        label={texts.age}
        shown
        value={filter.age}
        onChange={set('age')}
        options={[all, ...(Object.keys(ageBands) as AgeBand[]).map((band) => ({ value: band, text: band }))]}
      />
      <Choices<string | null>
        label={texts.focus}
        shown
        value={filter.focus}
        onChange={set('focus')}
        options={[all, ...focusesOf(roster).map(({ id, name }) => ({ value: id, text: name }))]}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  content: { padding: 16, paddingBottom: 32, width: '100%', maxWidth: 760, alignSelf: 'center' },
  head: { gap: 8, paddingBottom: 10 },
  start: { alignSelf: 'flex-start' },
  filters: { gap: 12, paddingBottom: 8 },
  gap: { height: 8 },
});
