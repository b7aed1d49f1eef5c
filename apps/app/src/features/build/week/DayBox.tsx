import { useDndContext, useDroppable } from '@dnd-kit/core';
import type { BuildPage } from '@wrightonic/contract';
import { costed, parseDose, type PlannedDay } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { dayWords, weekday, withDays } from '../../../ui/words/days';
import { CheckboxGroup } from '../../../ui/form/Choices';
import { Notice } from '../../../ui/Notice/Notice';
import { allDrills } from '../planDrills';
import { DayForm } from './DayForm';
import { dayKindNames } from './dayKindNames';
import { ItemLine } from './ItemLine';
import type { WeekState } from './useWeek';
import { useBook } from '../../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';
import { IconButton } from '../../../ui/Button/IconButton';

interface Props {
  day: PlannedDay;
  page: BuildPage;
  week: WeekState;
  today: string;
}

/** One day of the week: what it is, its drills in order, and what speaks against it. */
export function DayBox({ day, page, week, today }: Props) {
  const own = useColours();
  const book = useBook();
  const [editing, setEditing] = useState(false);
  const [adding, setAdding] = useState(false);
  const [open, setOpen] = useState<string | null>(null);
  const { setNodeRef, isOver } = useDroppable({ id: day.date });
  // What is dragged out of a day goes over the others.
  const lifted = String(useDndContext().active?.id ?? '').startsWith(day.date);
  const items = week.items.filter(({ date }) => date === day.date);
  const costs = week.input ? items.map((item) => costed(week.input!, item)) : [];
  const minutes = Math.ceil(costs.reduce((sum, cost) => sum + cost.minutes, 0));
  const throws = costs.reduce((sum, cost) => sum + cost.throws, 0);
  const rules = week.rules.filter(({ date }) => date === day.date);
  const others = page.plan
    ? [...new Set(allDrills(page.plan.threads).map(({ drill }) => drill))].filter(
        (drill) => !items.some((item) => item.drill === drill),
      )
    : [];
  const name = `${weekday(day.date)} ${dayWords(day.date, today)}`;
  return (
    <View
      ref={setNodeRef as never}
      role="group"
      aria-label={name}
      style={[
        styles.day,
        { borderColor: isOver ? own.dusk : own.line, backgroundColor: own.surface },
        isOver ? styles.over : null,
        lifted ? styles.lifted : null,
      ]}
    >
      <View style={styles.row}>
        <View style={styles.grow}>
          <Text variant="titleMedium">{name}</Text>
          <Text variant="bodySmall">
            {day.kind === 'off'
              ? texts.off
              : texts.ofMin(dayKindNames[day.kind], minutes, day.minutes, throws ? texts.throws(throws) : '')}
          </Text>
        </View>
        {day.kind === 'off' ? null : (
          <IconButton
            icon="plus"
            accessibilityLabel={texts.addADrillTo(name)}
            onPress={() => setAdding(!adding)}
          />
        )}
        <IconButton
          icon="pencil"
          accessibilityLabel={texts.change(name)}
          onPress={() => setEditing(!editing)}
        />
      </View>
      {editing ? (
        <>
          <DayForm day={day} page={page} onChange={week.changeDay} />
          <Button mode="text" compact style={styles.start} onPress={() => setEditing(false)}>
            {texts.done}
          </Button>
        </>
      ) : null}
      {adding ? (
        <CheckboxGroup
          label={texts.drillsOfThePlan(name)}
          options={others.flatMap((id) => {
            const drill = book.drill(id);
            return drill ? [{ value: id, text: drill.name }] : [];
          })}
          value={[]}
          onChange={([id]) => {
            const drill = id && book.drill(id);
            if (drill) week.add(day.date, drill.id, parseDose(drill.dose).sets);
            setAdding(false);
          }}
        />
      ) : null}
      {items.map((item) => (
        <ItemLine
          key={item.drill}
          item={item}
          week={week}
          open={open === item.drill}
          onOpen={(opened) => setOpen(opened ? item.drill : null)}
        />
      ))}
      {rules.map(({ words }) => (
        <Notice key={words}>{withDays(words, today)}</Notice>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  day: { borderWidth: 1, borderRadius: 8, padding: 10, gap: 6, flexGrow: 1, flexBasis: 260, minWidth: 0 },
  over: { borderWidth: 3, padding: 8 },
  lifted: { zIndex: 5 },
  row: { flexDirection: 'row', alignItems: 'center' },
  grow: { flex: 1, minWidth: 0 },
  start: { alignSelf: 'flex-start' },
});
