import { stages } from '@wrightonic/core';
import { addDays } from '@wrightonic/core/day';
import {
  createColumnHelper,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type Header,
  type Row,
  type SortingState,
} from '@tanstack/react-table';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { api } from '../../../store/api';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { useColours } from '../../../theme/theme';
import { SelectField } from '../../../ui/form/SelectField';
import { Icon } from '../../../ui/Icon/Icon';
import { Empty, ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { VirtualLines } from '../../../ui/VirtualLines/VirtualLines';
import { agoWords } from '../../../ui/words/days';
import { signed } from '../../../ui/words/velocityWords';
import { fitsTable, noTableFilter, rosterRows, type RosterRow, type TableFilter } from './rows';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** The change of velocity and the work at home are told over so many days. */
const spanDays = 182;
const column = createColumnHelper<RosterRow>();

/** Whoever has no figure comes last, whichever way it is sorted. */
const missingLast = { sortUndefined: 'last' } as const;
const columns = [
  column.accessor('name', { header: 'Name' }),
  column.accessor((row) => row.focus[0] ?? undefined, { id: 'focus', header: 'Focus', ...missingLast }),
  column.accessor((row) => (row.stage ? stages.indexOf(row.stage) : undefined), {
    id: 'stage',
    header: 'Stage',
    ...missingLast,
  }),
  column.accessor((row) => row.seenOn ?? undefined, {
    id: 'seen',
    header: 'Last seen',
    sortDescFirst: true,
    ...missingLast,
  }),
  column.accessor((row) => row.change ?? undefined, {
    id: 'change',
    header: 'Velocity',
    sortDescFirst: true,
    ...missingLast,
  }),
  column.accessor((row) => row.lock ?? undefined, { id: 'pain', header: 'Pain', ...missingLast }),
  column.accessor((row) => row.home ?? undefined, {
    id: 'home',
    header: 'Home work',
    sortDescFirst: true,
    ...missingLast,
  }),
];

const widths: Readonly<Record<string, number>> = { name: 3, focus: 4, stage: 2, change: 2 };
const widthOf = (id: string): number => widths[id] ?? 2;

/** The roster as a table that is sorted and filtered, beside the list of cards. */
export function RosterTable() {
  const today = useToday();
  const { data: roster, error: unread, refetch } = api.useRosterQuery();
  const { currentData: progress, error } = lazyEndpoints.useProgressQuery({
    from: addDays(today, -spanDays),
    to: today,
  });
  const [filter, setFilter] = useState<TableFilter>(noTableFilter);
  const [sorting, setSorting] = useState<SortingState>([{ id: 'name', desc: false }]);
  const rows = useMemo(() => rosterRows(roster ?? [], progress?.athletes ?? []), [roster, progress]);
  const shown = useMemo(() => rows.filter((row) => fitsTable(row, filter, today)), [rows, filter, today]);
  // What it gives is drawn at once and handed on to nothing that is memoized.
  // oxlint-disable-next-line react/incompatible-library
  const table = useReactTable({
    data: shown,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    enableSortingRemoval: false,
  });
  if (unread) return <ErrorNotice error={unread} again={() => void refetch()} />;
  if (!roster) return <Waiting what={texts.readingTheRoster} />;
  const sorted = table.getRowModel().rows;
  return (
    <View style={styles.root}>
      <Filters rows={rows} filter={filter} onChange={setFilter} />
      <Text variant="bodySmall" role="status">
        {shown.length === rows.length
          ? texts.athletesVelocityAndHome(rows.length)
          : texts.ofAthletesVelocity(shown.length, rows.length)}
      </Text>
      {error ? <ErrorNotice error={error} /> : null}
      <View role="table" aria-label={texts.roster} aria-rowcount={sorted.length + 1}>
        <View role="row" style={styles.row}>
          {table.getHeaderGroups()[0]!.headers.map((header) => (
            <Head key={header.id} header={header} />
          ))}
        </View>
        {sorted.length === 0 ? (
          <Empty action={<Button onPress={() => setFilter(noTableFilter)}>{texts.clearTheFilters}</Button>}>
            {texts.noAthleteMatchesThese}
          </Empty>
        ) : (
          <VirtualLines count={sorted.length} height={56} gap={0} keyOf={(n) => sorted[n]!.original.id}>
            {(n) => <Line row={sorted[n]!} today={today} />}
          </VirtualLines>
        )}
      </View>
    </View>
  );
}

interface FiltersProps {
  rows: readonly RosterRow[];
  filter: TableFilter;
  onChange: (filter: TableFilter) => void;
}

function Filters({ rows, filter, onChange }: FiltersProps) {
  const any = { value: '', text: texts.any };
  const options = (texts: readonly string[]) => [any, ...texts.map((text) => ({ value: text, text }))];
  const set =
    <K extends keyof TableFilter>(key: K) =>
    (value: string) =>
      onChange({ ...filter, [key]: value });
  return (
    <View style={styles.filters}>
      <SelectField
        beside
        label={texts.focus}
        value={filter.focus}
        onChange={set('focus')}
        options={options([...new Set(rows.flatMap(({ focus }) => focus))].sort())}
      />
      <SelectField
        beside
        label={texts.stage}
        value={filter.stage}
        onChange={set('stage')}
        options={options(stages)}
      />
      <SelectField
        beside
        label={texts.lastSeen}
        value={filter.seen}
        onChange={set('seen')}
        options={[
          any,
          { value: 'recent', text: texts.inTheLastTwo },
          { value: 'fortnight', text: texts.twoWeeksAgoOr },
          { value: 'month', text: texts.fourWeeksAgoOr },
        ]}
      />
      <SelectField
        beside
        label={texts.velocity}
        value={filter.change}
        onChange={set('change')}
        options={[
          any,
          { value: 'faster', text: texts.faster },
          { value: 'slower', text: texts.slower },
          { value: 'unchanged', text: texts.noRealChange },
          { value: 'not measured', text: texts.notMeasured },
        ]}
      />
      <SelectField
        beside
        label={texts.pain}
        value={filter.pain}
        onChange={set('pain')}
        options={[any, { value: 'locked', text: texts.throwsLocked }]}
      />
      <SelectField
        beside
        label={texts.homeWork}
        value={filter.home}
        onChange={set('home')}
        options={[any, { value: 'little', text: texts.underHalfDone }]}
      />
    </View>
  );
}

function Head({ header: { id, column: of } }: { header: Header<RosterRow, unknown> }) {
  const own = useColours();
  const direction = of.getIsSorted();
  const name = String(of.columnDef.header);
  return (
    <View
      role="columnheader"
      aria-sort={direction === 'asc' ? 'ascending' : direction === 'desc' ? 'descending' : 'none'}
      style={{ flex: widthOf(id), minWidth: 0 }}
    >
      <Pressable
        role="button"
        aria-label={texts.sortBy(name.toLowerCase())}
        onPress={() => of.toggleSorting()}
        style={[styles.head, { borderColor: own.ink }]}
      >
        <Text variant="labelLarge" numberOfLines={1}>
          {name}
        </Text>
        {direction ? (
          <Icon name={direction === 'asc' ? 'arrow-up' : 'arrow-down'} size={16} colour={own.ink} />
        ) : null}
      </Pressable>
    </View>
  );
}

function Line({ row: { original: row }, today }: { row: Row<RosterRow>; today: string }) {
  const own = useColours();
  const { velocityUnit } = useMe().person;
  const cells: Record<string, string> = {
    focus: row.focus.join(' · ') || '–',
    stage: row.stage ?? '–',
    seen: row.seenOn ? agoWords(row.seenOn, today) : texts.notYet,
    change: row.change === null ? '–' : signed(row.change, velocityUnit),
    pain: row.lock ? `locked: ${row.lock}` : '–',
    home: row.home === null ? '–' : `${Math.round(100 * row.home)} %`,
  };
  const real = row.verdict === 'faster' || row.verdict === 'slower';
  return (
    <View role="row" style={[styles.row, styles.line, { borderColor: own.line }]}>
      <View role="cell" style={[styles.cell, { flex: widthOf('name') }]}>
        <Pressable
          role="link"
          style={styles.open}
          onPress={() => router.navigate(`/athletes/${row.id}/${row.due.verb}`)}
        >
          <Text variant="labelLarge" style={{ color: own.dusk }} numberOfLines={2}>
            {row.name}
          </Text>
        </Pressable>
      </View>
      {Object.entries(cells).map(([id, text]) => (
        <View key={id} role="cell" style={[styles.cell, { flex: widthOf(id) }]}>
          <Text variant={id === 'change' && real ? 'labelLarge' : 'bodySmall'} numberOfLines={2}>
            {text}
          </Text>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 10 },
  filters: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
  line: { borderBottomWidth: 1, minHeight: 56, alignItems: 'center' },
  head: { flexDirection: 'row', alignItems: 'center', gap: 4, minHeight: 44, borderBottomWidth: 2 },
  cell: { minWidth: 0 },
  open: { minHeight: 44, justifyContent: 'center' },
});
