import { DndContext, pointerWithin, useDraggable, useDroppable, type DragEndEvent } from '@dnd-kit/core';
import type { CampPlanRecord, CampRecord } from '@wrightonic/contract';
import { placesAt, slotsOf, type PlannedStation } from '@wrightonic/core';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { useDragSensors } from '../../../ui/drag/dragSensors';
import { Choices } from '../../../ui/form/Choices';
import { Icon } from '../../../ui/Icon/Icon';
import { ErrorNotice, Notice } from '../../../ui/Notice/Notice';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { Heading } from '../../../ui/Screen/Screen';
import { useWide } from '../../../ui/hooks/useWide';
import { weekday } from '../../../ui/words/days';
import { useNamed } from '../Problems';
import { calledIn } from '../useCamp';
import { MoveSheet } from './MoveSheet';
import { isPinned, usePlanChanging } from './usePlanning';
import { useDraft, type Draft } from './useDraft';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const fewFaults = 5;

interface Props {
  camp: CampRecord;
  plan: CampPlanRecord;
}

/** Who is where, slot by slot; athletes and whole stations can be dragged, or moved with a tap. */
export function PlanGrid({ camp, plan }: Props) {
  const slots = slotsOf(camp.setup);
  const [slotId, setSlot] = useState(slots[0]?.id ?? '');
  const [open, setOpen] = useState<string | null>(null);
  const draft = useDraft(camp, plan);
  const named = useNamed(camp);
  const changing = usePlanChanging();
  const t = Math.max(
    0,
    slots.findIndex(({ id }) => id === slotId),
  );
  const slot = slots[t];
  const sensors = useDragSensors(() => undefined);
  if (!slot) return null;
  const oneDay = camp.setup.firstDay === camp.setup.lastDay;
  const fixed = draft.fixedBefore !== null && t < slots.findIndex(({ id }) => id === draft.fixedBefore);
  const dropped = ({ active, over }: DragEndEvent) => {
    const to = over ? String(over.id) : null;
    const [kind, id] = String(active.id).split(' ') as ['athlete' | 'station', string];
    if (!to || fixed) return;
    if (kind === 'athlete') draft.move(id, slot.id, to === 'nowhere' ? null : to);
    else if (to !== 'nowhere' && to !== id) draft.swap(slot.id, id, to);
  };
  const at = new Map<string | null, string[]>();
  const coming = new Set(camp.members.map(({ id }) => id));
  for (const { athlete, stations } of draft.routes)
    if (coming.has(athlete)) at.set(stations[t] ?? null, [...(at.get(stations[t] ?? null) ?? []), athlete]);
  return (
    <View style={styles.root}>
      <Heading>{texts.whoIsWhere}</Heading>
      <Choices
        label={texts.slot}
        value={slot.id}
        onChange={setSlot}
        options={slots.map(({ id, day, start }) => ({
          value: id,
          text: oneDay ? start : `${weekday(day)} ${start}`,
        }))}
      />
      <Changes draft={draft} named={named} changing={changing} />
      <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={dropped}>
        <View style={styles.grid}>
          {camp.setup.stations.map((station) => (
            <Station
              key={station.id}
              camp={camp}
              station={station}
              coach={coachName(camp, plan, slot.id, station.id)}
              there={at.get(station.id) ?? []}
              isPinned={(athlete) => isPinned(draft.pinned, athlete, slot.id)}
              onOpen={fixed ? null : setOpen}
            />
          ))}
          <Waiting there={at.get(null) ?? []} camp={camp} onOpen={fixed ? null : setOpen} />
        </View>
      </DndContext>
      {fixed ? <Text variant="bodySmall">{texts.thisSlotIsOver}</Text> : null}
      {open ? (
        <MoveSheet camp={camp} draft={draft} slot={slot} athlete={open} onClose={() => setOpen(null)} />
      ) : null}
    </View>
  );
}

const coachName = (camp: CampRecord, plan: CampPlanRecord, slot: string, station: string): string | null => {
  const coach = plan.coaches[slot]?.[station];
  return camp.setup.staff.find(({ id }) => id === coach)?.name ?? null;
};

interface ChangesProps {
  draft: Draft;
  named: (words: string) => string;
  changing: boolean;
}

/** What was changed and not saved yet, with the rules that it breaks. */
function Changes({ draft, named, changing }: ChangesProps) {
  const { changed, faults, saving, error, save, discard } = draft;
  if (!changed && !error) return null;
  return (
    <Notice>
      <Text variant="labelLarge" role="status">
        {faults.length ? texts.ruleIsBroken(faults.length) : texts.changedByHandEvery}
      </Text>
      {faults.slice(0, fewFaults).map((words) => (
        <Text key={words}>{named(words)}</Text>
      ))}
      {error ? <ErrorNotice error={error} /> : null}
      <View style={styles.row}>
        <Button
          mode="contained"
          disabled={faults.length > 0 || changing}
          loading={saving}
          onPress={() => void save()}
        >
          {texts.saveTheChange}
        </Button>
        <Button onPress={discard}>{texts.discardChange}</Button>
      </View>
    </Notice>
  );
}

interface StationProps {
  camp: CampRecord;
  station: PlannedStation;
  coach: string | null;
  there: readonly string[];
  isPinned: (athlete: string) => boolean;
  onOpen: ((athlete: string) => void) | null;
}

function Station({ camp, station, coach, there, isPinned: pinned, onOpen }: StationProps) {
  const wide = useWide();
  const called = calledIn(camp, true);
  return (
    <Column id={station.id} wide={wide}>
      <Dragged id={`station ${station.id}`} label={texts.dragOntoAnotherStation(station.name)}>
        <Text variant="titleMedium">{station.name}</Text>
        <Text variant="bodySmall">
          {[
            texts.of(there.length, placesAt(station)),
            coach ?? (camp.setup.staff.length ? texts.noCoach : ''),
          ]
            .filter(Boolean)
            .join(' · ')}
        </Text>
      </Dragged>
      {there.map((athlete) => (
        <Chip
          key={athlete}
          athlete={athlete}
          name={called(athlete)}
          pinned={pinned(athlete)}
          onOpen={onOpen}
        />
      ))}
    </Column>
  );
}

function Waiting({ camp, there, onOpen }: Pick<StationProps, 'camp' | 'there' | 'onOpen'>) {
  const wide = useWide();
  const called = calledIn(camp, true);
  if (there.length === 0) return null;
  return (
    <Column id="nowhere" wide={wide}>
      <Text variant="titleMedium">{texts.atNoStation}</Text>
      {there.map((athlete) => (
        <Chip key={athlete} athlete={athlete} name={called(athlete)} pinned={false} onOpen={onOpen} />
      ))}
    </Column>
  );
}

function Column({ id, wide, children }: { id: string; wide: boolean; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  const own = useColours();
  return (
    <View
      ref={setNodeRef as never}
      style={[
        styles.column,
        wide ? styles.third : styles.whole,
        { borderColor: isOver ? own.amber : own.line, backgroundColor: own.surface },
      ]}
    >
      {children}
    </View>
  );
}

/** Something that a pointer can carry to another station. */
function Dragged({ id, label, children }: { id: string; label: string; children: ReactNode }) {
  const { setNodeRef, listeners, transform } = useDraggable({ id });
  return (
    <View
      ref={setNodeRef as never}
      aria-label={label}
      {...(listeners as object)}
      style={
        transform
          ? { transform: [{ translateX: transform.x }, { translateY: transform.y }], zIndex: 2 }
          : null
      }
    >
      {children}
    </View>
  );
}

interface ChipProps {
  athlete: string;
  name: string;
  pinned: boolean;
  onOpen: ((athlete: string) => void) | null;
}

function Chip({ athlete, name, pinned, onOpen }: ChipProps) {
  return (
    <Dragged id={`athlete ${athlete}`} label={texts.dragToAnotherStation(name)}>
      <PressableCard
        style={styles.chip}
        disabled={!onOpen}
        aria-label={pinned ? texts.movePinned(name) : texts.move(name)}
        onPress={() => onOpen?.(athlete)}
      >
        <Text style={styles.grow}>{name}</Text>
        {pinned ? <Icon name="pin" size={16} /> : null}
      </PressableCard>
    </Dragged>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  column: { borderWidth: 2, borderRadius: 8, padding: 8, gap: 4 },
  whole: { width: '100%' },
  third: { flexBasis: '31%', flexGrow: 1, minWidth: 240 },
  chip: { minHeight: 44, paddingVertical: 8, flexDirection: 'row', alignItems: 'center' },
  grow: { flex: 1 },
});
