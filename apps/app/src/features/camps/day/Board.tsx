import type { CampRecord } from '@wrightonic/contract';
import { router } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { PageTitle } from '../../../ui/Screen/Screen';
import { useWide } from '../../../ui/hooks/useWide';
import { useWakeLock } from '../../../ui/hooks/useWakeLock';
import { blockWords } from '../../../ui/words/campWords';
import { dayWords } from '../../../ui/words/days';
import { calledIn, stateOn, stationsIn, useCamp, useCampClock } from '../useCamp';
import { movesOf } from './Moves';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** The board at the fence: who is where now and next, by the clock, readable from three metres. */
export function Board() {
  const { camp } = useCamp();
  return camp ? <Shown camp={camp} /> : null;
}

function Shown({ camp }: { camp: CampRecord }) {
  useWakeLock();
  const own = useColours();
  const wide = useWide();
  const { now, next, nextSlot, left, today, time } = useCampClock(camp.setup.blocks);
  const running = now?.kind === 'slot' ? now : null;
  const slot = running ?? nextSlot;
  const after = running ? nextSlot : null;
  const moves = movesOf(camp, camp.setup.surnames).filter(
    (move) => move.slot === slot?.id || move.slot === after?.id,
  );
  const called = calledIn(camp);
  const missing = camp.members.filter((member) => stateOn(member, today)?.state === 'absent');
  const size = wide ? styles.large : styles.small;
  return (
    <View style={[styles.root, { backgroundColor: own.ground }]} role="main">
      <PageTitle>{texts.board(camp.setup.name)}</PageTitle>
      <View style={[styles.head, { backgroundColor: own.surface, borderColor: own.line }]}>
        <View style={styles.grow}>
          <Text style={[size, styles.bold]} role="heading" aria-level={1} aria-live="polite">
            {now
              ? texts.min(blockWords[now.kind], left)
              : next
                ? texts.beginsAt(next.start)
                : texts.doneForToday}
          </Text>
          <Text variant="titleMedium">
            {[
              time,
              slot && slot.day !== today
                ? texts.nextOn(dayWords(slot.day, today), slot.start)
                : slot
                  ? texts.slot(slot.start)
                  : '',
              after && after.day === today ? texts.then(after.start) : '',
            ]
              .filter(Boolean)
              .join(' · ')}
          </Text>
        </View>
        <Button onPress={() => router.navigate(`/camps/${camp.id}/day`)}>{texts.close}</Button>
      </View>
      <ScrollView tabIndex={0} contentContainerStyle={styles.content}>
        {moves.length ? (
          <View
            style={[styles.moves, { backgroundColor: own.amberSunk, borderColor: own.amber }]}
            role="alert"
          >
            <Text style={[size, styles.bold]}>{texts.changed}</Text>
            {moves.map(({ key, words }) => (
              <Text key={key} style={size}>
                {words}
              </Text>
            ))}
          </View>
        ) : null}
        {slot && camp.plan ? (
          <Stations camp={camp} slotId={slot.id} afterId={after?.id ?? null} />
        ) : (
          <Text style={size}>{texts.noSlotIsLeft}</Text>
        )}
        {missing.length ? (
          <Text style={size}>{texts.missing(missing.map(({ id }) => called(id)).join(', '))}</Text>
        ) : null}
      </ScrollView>
    </View>
  );
}

function Stations({ camp, slotId, afterId }: { camp: CampRecord; slotId: string; afterId: string | null }) {
  const own = useColours();
  const wide = useWide();
  const called = calledIn(camp);
  const there = stationsIn(camp, slotId);
  const later = afterId ? stationsIn(camp, afterId) : null;
  const area = new Map(camp.setup.areas.map(({ id, name }) => [id, name]));
  const size = wide ? styles.large : styles.small;
  const names = (ids: readonly string[]) =>
    ids
      .map(called)
      .sort((a, b) => a.localeCompare(b))
      .join(', ');
  return (
    <View style={styles.grid}>
      {camp.setup.stations.map((station) => {
        const ids = there.get(station.id) ?? [];
        const next = later?.get(station.id) ?? [];
        if (ids.length === 0 && next.length === 0) return null;
        return (
          <View
            key={station.id}
            style={[
              styles.cell,
              wide ? styles.half : styles.whole,
              { backgroundColor: own.surface, borderColor: own.line },
            ]}
          >
            <Text style={[size, styles.bold]}>{station.name}</Text>
            <Text variant="bodySmall">{area.get(station.areaId)}</Text>
            <Text style={size}>{ids.length ? names(ids) : texts.closed}</Text>
            {later ? (
              <Text variant="bodyMedium">{texts.then2(next.length ? names(next) : 'closed')}</Text>
            ) : null}
          </View>
        );
      })}
      {there.get(null)?.length ? (
        <View style={[styles.cell, styles.whole, { backgroundColor: own.surface, borderColor: own.line }]}>
          <Text style={[size, styles.bold]}>{texts.atNoStation}</Text>
          <Text style={size}>{names(there.get(null)!)}</Text>
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0 },
  head: { flexDirection: 'row', alignItems: 'center', padding: 12, borderBottomWidth: 1 },
  grow: { flex: 1 },
  content: { padding: 12, gap: 12 },
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  cell: { borderWidth: 1, borderRadius: 8, padding: 12, gap: 4 },
  whole: { width: '100%' },
  half: { flexBasis: '45%', flexGrow: 1 },
  moves: { borderLeftWidth: 6, borderRadius: 8, padding: 12 },
  bold: { fontWeight: '700' },
  large: { fontSize: 34, lineHeight: 42 },
  small: { fontSize: 20, lineHeight: 26 },
});
