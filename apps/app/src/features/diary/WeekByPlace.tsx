import {
  DndContext,
  pointerWithin,
  rectIntersection,
  useDraggable,
  useDroppable,
  type CollisionDetection,
  type DragEndEvent,
} from '@dnd-kit/core';
import type { Lesson, RosterEntry } from '@wrightonic/contract';
import { takesPlace } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe, useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { DragHandle } from '../../ui/drag/DragHandle';
import { useDragSensors } from '../../ui/drag/dragSensors';
import { keyboardSteps } from '../../ui/drag/keyboardSteps';
import { dayWords, longDay, timeAt, weekday } from '../../ui/words/days';
import { LessonCard, type DiaryDay } from './DayColumn';
import { MoveDialog } from './MoveDialog';
import { RainOff } from './RainOff';
import { texts } from './texts';

interface Props {
  days: readonly DiaryDay[];
  /** Of everyone, to see what stands in the way. */
  all: readonly Lesson[];
  athletes: ReadonlyMap<string, RosterEntry>;
}

const cellId = (date: string, place: string): string => `${date} ${place}`;
const placeOfCell = (id: string): string => id.slice(id.indexOf(' ') + 1);

/** The cell below the pointer; by keys the one that the lifted lesson lies on most. */
const byPointer: CollisionDetection = (args) => {
  const within = pointerWithin(args);
  return within.length ? within : rectIntersection(args);
};

/** A week with a row for each place; a lesson is dragged to another day or place, by keys too. */
export function WeekByPlace({ days, all, athletes }: Props) {
  const own = useColours();
  const today = useToday();
  const places = [...new Set(days.flatMap(({ lessons }) => lessons.map(({ place }) => place.trim())))].sort(
    (a, b) => Number(a === '') - Number(b === '') || a.localeCompare(b),
  );
  const [moving, setMoving] = useState<{ lesson: Lesson; date: string; place: string } | null>(null);
  const lessonOf = (id: unknown): Lesson | undefined => all.find((lesson) => lesson.id === String(id));
  const homeOf = (id: string): string => {
    for (const { date, lessons } of days)
      for (const lesson of lessons) if (lesson.id === id) return cellId(date, lesson.place.trim());
    return '';
  };
  const sensors = useDragSensors(keyboardSteps(homeOf));
  const dropped = ({ active, over }: DragEndEvent) => {
    const lesson = lessonOf(active.id);
    if (!lesson || !over || String(over.id) === homeOf(lesson.id)) return;
    const date = String(over.id).split(' ')[0]!;
    if (date >= today) setMoving({ lesson, date, place: placeOfCell(String(over.id)) });
  };
  const nameOf = (id: unknown): string =>
    athletes.get(lessonOf(id)?.athleteId ?? '')?.givenName ?? texts.theLesson;
  const cellWords = (id: unknown): string =>
    `${longDay(String(id).split(' ')[0]!)}, ${placeOfCell(String(id)) || texts.noPlace}`;
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={byPointer}
      onDragEnd={dropped}
      accessibility={{
        announcements: {
          onDragStart: ({ active }) => texts.isLiftedArrowKeys(nameOf(active.id)),
          onDragOver: ({ active, over }) =>
            over ? texts.isOver(nameOf(active.id), cellWords(over.id)) : undefined,
          onDragEnd: ({ active, over }) =>
            over ? texts.wasDroppedOn(nameOf(active.id), cellWords(over.id)) : undefined,
          onDragCancel: ({ active }) => texts.staysWhereItWas(nameOf(active.id)),
        },
      }}
    >
      <View style={styles.rows}>
        <View style={styles.row}>
          <View style={styles.place} />
          {days.map(({ date, lessons }) => (
            <View key={date} style={styles.day}>
              <Text
                variant="titleMedium"
                role="heading"
                aria-level={2}
                style={date === today ? [styles.today, { borderColor: own.amber }] : null}
              >
                {`${weekday(date)} ${dayWords(date, today)}`}
              </Text>
              <RainOff date={date} lessons={lessons} short />
            </View>
          ))}
        </View>
        {places.length === 0 ? <Text>{texts.noLessonsInThisWeek}</Text> : null}
        {places.map((place) => (
          <View key={place} style={styles.row} role="group" aria-label={place || texts.noPlace2}>
            <View style={styles.place}>
              <Text variant="labelLarge">{place || texts.noPlace2}</Text>
            </View>
            {days.map(({ date, lessons }) => (
              <Cell key={date} id={cellId(date, place)} closed={date < today}>
                {lessons
                  .filter((lesson) => lesson.place.trim() === place)
                  .map((lesson) => (
                    <Dragged key={lesson.id} lesson={lesson} past={date < today} name={nameOf(lesson.id)}>
                      <LessonCard
                        lesson={lesson}
                        date={date}
                        all={all}
                        athletes={athletes}
                        showPlace={false}
                      />
                    </Dragged>
                  ))}
              </Cell>
            ))}
          </View>
        ))}
      </View>
      {moving ? (
        <MoveDialog
          {...moving}
          name={nameOf(moving.lesson.id)}
          athletes={athletes}
          onClose={() => setMoving(null)}
        />
      ) : null}
    </DndContext>
  );
}

function Cell({ id, closed, children }: { id: string; closed: boolean; children: React.ReactNode }) {
  const own = useColours();
  const { setNodeRef, isOver } = useDroppable({ id, disabled: closed });
  return (
    <View
      ref={setNodeRef as never}
      style={[
        styles.day,
        styles.cell,
        { borderColor: isOver ? own.dusk : own.line, backgroundColor: isOver ? own.amberSunk : own.ground },
      ]}
    >
      {children}
    </View>
  );
}

interface DraggedProps {
  lesson: Lesson;
  past: boolean;
  name: string;
  children: React.ReactNode;
}

function Dragged({ lesson, past, name, children }: DraggedProps) {
  const { academy } = useMe();
  const draggable = useDraggable({ id: lesson.id, disabled: past || !takesPlace(lesson) });
  const { setNodeRef, transform, isDragging } = draggable;
  return (
    <View
      ref={setNodeRef as never}
      style={[
        styles.dragged,
        transform ? { transform: [{ translateX: transform.x }, { translateY: transform.y }] } : null,
        isDragging ? styles.lifted : null,
      ]}
    >
      {past || !takesPlace(lesson) ? null : (
        <View style={styles.handle} role="presentation">
          <DragHandle name={`${name}, ${timeAt(lesson.startsAt, academy.zone)}`} draggable={draggable} />
        </View>
      )}
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  rows: { gap: 6 },
  row: { flexDirection: 'row', gap: 6, minHeight: 56 },
  place: { width: 64, justifyContent: 'center' },
  day: { flex: 1, minWidth: 0 },
  cell: { borderWidth: 1, borderRadius: 8, padding: 4, gap: 4 },
  today: { borderBottomWidth: 3 },
  dragged: { minWidth: 0 },
  // Over the corner of the card, beside the time.
  handle: { position: 'absolute', top: 0, right: 0, zIndex: 1 },
  lifted: { zIndex: 10, opacity: 0.9 },
});
