import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { arrayMove, SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { BuildPage, PlanThread } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useColours } from '../../theme/theme';
import { Icon } from '../../ui/Icon/Icon';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { stageWords } from '../../ui/words/stageWords';
import { AddDrill } from './AddDrill';
import { useDragSensors } from '../../ui/drag/dragSensors';
import { keyboardSteps } from '../../ui/drag/keyboardSteps';
import { PlannedDrill } from './PlannedDrill';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  page: BuildPage;
  planId: string;
  thread: PlanThread;
  rung: PlanThread['stages'][number];
  colour: string;
}

const byPlaces = keyboardSteps((id) => id);

/** One stage of a ladder: closed it names its drills, open they are put in order, locked, swapped and added to. */
export function Rung({ page, planId, thread, rung, colour }: Props) {
  const own = useColours();
  const book = useBook();
  const now = rung.stage === thread.stage;
  const [open, setOpen] = useState(now);
  const [adding, setAdding] = useState(false);
  const [place, { error }] = lazyEndpoints.usePlaceDrillMutation();
  /** As it was dropped, until the server says so too. */
  const [dropped, setDropped] = useState<{ of: typeof rung.drills; ids: string[] } | null>(null);
  const sensors = useDragSensors(byPlaces);
  const ids = dropped?.of === rung.drills ? dropped.ids : rung.drills.map(({ id }) => id);
  const drills = ids.flatMap((id) => rung.drills.find((drill) => drill.id === id) ?? []);
  const athleteId = page.athlete.id;
  const move = ({ active, over }: DragEndEvent) => {
    const from = ids.indexOf(String(active.id));
    const to = ids.indexOf(String(over?.id ?? active.id));
    if (from === to) return;
    const next = arrayMove(ids, from, to);
    setDropped({ of: rung.drills, ids: next });
    const { id, locked } = rung.drills.find((drill) => drill.id === active.id)!;
    void place({
      athleteId,
      planId,
      drillId: id,
      body: { id: v7(), after: next[to - 1] ?? null, locked, removed: false },
    }).then((answer) => ('error' in answer ? setDropped(null) : undefined));
  };
  return (
    <View style={styles.rung}>
      <View style={[styles.rail, { borderColor: own.line }]}>
        <View style={[styles.knot, { borderColor: colour, backgroundColor: now ? colour : own.surface }]} />
      </View>
      <View style={styles.drills}>
        <PressableCard
          style={styles.stage}
          aria-expanded={open}
          accessibilityLabel={texts.drillsNow(rung.stage, stageWords[rung.stage], drills.length, now)}
          onPress={() => setOpen(!open)}
        >
          <View style={styles.row}>
            <Text variant="titleLarge" role="heading" aria-level={3} style={styles.name}>
              {rung.stage}
            </Text>
            <Text variant="bodySmall" style={styles.grow}>
              {stageWords[rung.stage]}
            </Text>
            {now ? (
              <Text variant="labelMedium" style={[styles.now, { backgroundColor: own.amberSunk }]}>
                {texts.now}
              </Text>
            ) : null}
            <Icon name={open ? 'chevron-up' : 'chevron-down'} colour={own.inkSoft} />
          </View>
          {open ? null : (
            <Text variant="bodySmall">
              {drills.length
                ? drills.map(({ drill }) => book.drill(drill)?.name ?? drill).join(', ')
                : texts.skippedNoDrillYet}
            </Text>
          )}
        </PressableCard>
        {open ? (
          <>
            {error ? <ErrorNotice error={error} /> : null}
            <DndContext
              sensors={sensors}
              collisionDetection={closestCenter}
              onDragEnd={move}
              accessibility={{
                announcements: {
                  onDragStart: () => texts.liftedArrowKeysMove,
                  onDragOver: ({ over }) =>
                    over ? texts.placeOf(ids.indexOf(String(over.id)) + 1, ids.length) : undefined,
                  onDragEnd: () => texts.dropped,
                  onDragCancel: () => texts.itStaysWhere,
                },
              }}
            >
              <SortableContext items={ids} strategy={verticalListSortingStrategy}>
                {drills.map((drill) => (
                  <PlannedDrill key={drill.id} page={page} planId={planId} planned={drill} />
                ))}
              </SortableContext>
            </DndContext>
            {adding ? (
              <AddDrill
                page={page}
                planId={planId}
                thread={thread}
                stage={rung.stage}
                onDone={() => setAdding(false)}
              />
            ) : (
              <Button mode="text" compact icon="plus" style={styles.start} onPress={() => setAdding(true)}>
                {texts.addADrill(rung.stage)}
              </Button>
            )}
          </>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  rung: { flexDirection: 'row', gap: 10 },
  rail: { width: 14, alignItems: 'center', borderLeftWidth: 2, marginLeft: 8 },
  knot: { width: 16, height: 16, borderRadius: 8, borderWidth: 3, marginLeft: -17, marginTop: 14 },
  drills: { flex: 1, minWidth: 0, gap: 8, paddingBottom: 8 },
  stage: { borderWidth: 0, padding: 0, paddingVertical: 6, backgroundColor: 'transparent' },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  name: { textTransform: 'capitalize' },
  grow: { flex: 1 },
  now: { paddingHorizontal: 10, paddingVertical: 2, borderRadius: 4, overflow: 'hidden' },
  start: { alignSelf: 'flex-start' },
});
