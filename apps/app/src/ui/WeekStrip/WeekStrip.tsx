import { useDroppable } from '@dnd-kit/core';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { groupKeys, groupStop } from '../form/groupKeys';
import { dayWords, weekday } from '../words/days';

export interface StripDay {
  date: string;
  /** How much there is on it; null for a day off. */
  count: number | null;
  /** Read aloud after the day: “Lesson, 5 drills”. */
  words: string;
}

interface Props {
  label: string;
  days: readonly StripDay[];
  chosen: string;
  today: string;
  onChoose: (date: string) => void;
}

/** A week in one row: a dot for a day off, else how much there is on it. One day is open; things can be dropped on the others. */
export function WeekStrip({ label, days, chosen, today, onChoose }: Props) {
  const at = days.findIndex(({ date }) => date === chosen);
  return (
    <View role="tablist" aria-label={label} style={styles.row} {...groupKeys}>
      {days.map((day, n) => (
        <Cell
          key={day.date}
          day={day}
          today={today}
          chosen={n === at}
          tabIndex={groupStop(at, n)}
          onPress={() => onChoose(day.date)}
        />
      ))}
    </View>
  );
}

interface CellProps {
  day: StripDay;
  today: string;
  chosen: boolean;
  tabIndex: 0 | -1;
  onPress: () => void;
}

/** The day of what can be dropped on, by the id of a cell. */
export const dateOfCell = (id: unknown): string => String(id).split(' ')[0]!;

function Cell({ day: { date, count, words }, today, chosen, tabIndex, onPress }: CellProps) {
  const own = useColours();
  const { setNodeRef, isOver } = useDroppable({ id: `${date} strip` });
  const ink = chosen ? own.onDusk : count === null ? own.inkSoft : own.ink;
  return (
    <Pressable
      ref={setNodeRef as never}
      role="tab"
      aria-selected={chosen}
      tabIndex={tabIndex}
      aria-label={`${weekday(date)} ${dayWords(date, today)}, ${words}`}
      onPress={onPress}
      style={styles.cell}
    >
      <View
        style={[
          styles.box,
          {
            backgroundColor: chosen ? own.dusk : isOver ? own.amberSunk : own.surface,
            borderColor: date === today ? own.amber : chosen ? own.dusk : own.line,
          },
          date === today ? styles.today : null,
        ]}
      >
        <Text variant="labelSmall" style={{ color: ink }}>
          {weekday(date)}
        </Text>
        <Text variant="labelSmall" style={{ color: ink }}>
          {Number(date.slice(8))}
        </Text>
        <Text variant="titleLarge" style={{ color: ink }}>
          {count ?? '·'}
        </Text>
      </View>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  // Into the margin of its card: seven days have 44 px each on a phone of 360.
  row: { flexDirection: 'row', marginHorizontal: -8 },
  // What can be tapped has no gaps; what is drawn has.
  cell: { flex: 1, minWidth: 0, paddingHorizontal: 2 },
  box: {
    minHeight: 64,
    paddingVertical: 4,
    borderWidth: 1,
    borderRadius: 8,
    alignItems: 'center',
    justifyContent: 'center',
  },
  today: { borderWidth: 3 },
});
