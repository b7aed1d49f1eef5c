import { useDraggable } from '@dnd-kit/core';
import { costed, doseWords, parseDose, withSets, type WeekItem } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../../theme/theme';
import { Choices } from '../../../ui/form/Choices';
import { weekday } from '../../../ui/words/days';
import { Icon } from '../../../ui/Icon/Icon';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { DragHandle } from '../../../ui/drag/DragHandle';
import type { WeekState } from './useWeek';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';
import { IconButton } from '../../../ui/Button/IconButton';

interface Props {
  item: WeekItem;
  week: WeekState;
  open: boolean;
  onOpen: (open: boolean) => void;
}

/** A drill of a day: taken hold of to move it, tapped to change it. */
export function ItemLine({ item, week, open, onOpen }: Props) {
  const own = useColours();
  const draggable = useDraggable({ id: `${item.date} ${item.drill}`, data: { item } });
  const candidate = week.input?.candidates.find(({ drill }) => drill.id === item.drill);
  if (!candidate || !week.input) return null;
  const { drill } = candidate;
  const { minutes, throws } = costed(week.input, item);
  const { transform, setNodeRef, isDragging } = draggable;
  const kept = week.isKept(item);
  return (
    <View
      ref={setNodeRef as never}
      style={[
        styles.item,
        { borderColor: own.line, backgroundColor: own.ground },
        transform ? { transform: [{ translateX: transform.x }, { translateY: transform.y }] } : null,
        isDragging ? [styles.lifted, { borderColor: own.dusk }] : null,
      ]}
    >
      <View style={styles.row}>
        <DragHandle name={drill.name} draggable={draggable} />
        <PressableCard
          style={styles.name}
          aria-expanded={open}
          accessibilityLabel={`${drill.name}, ${doseWords(parseDose(withSets(drill.dose, item.sets)))}${kept ? texts.kept : ''}`}
          onPress={() => onOpen(!open)}
        >
          <Text variant="labelLarge">{drill.name}</Text>
          <Text variant="bodySmall">
            {texts.min(
              doseWords({ ...candidate.dose, sets: item.sets }),
              throws ? texts.throws(throws) : '',
              Math.ceil(minutes),
            )}
          </Text>
        </PressableCard>
        {kept ? <Icon name="pin" size={18} colour={own.dusk} /> : null}
      </View>
      {open ? (
        <View style={styles.panel}>
          <View style={styles.row}>
            <Text>{texts.sets}</Text>
            <IconButton
              icon="minus"
              accessibilityLabel={texts.fewerSetsOf(drill.name)}
              onPress={() => week.setSets(item, item.sets - 1)}
              disabled={item.sets < 2}
            />
            <Text variant="titleMedium">{item.sets}</Text>
            <IconButton
              icon="plus"
              accessibilityLabel={texts.moreSetsOf(drill.name)}
              onPress={() => week.setSets(item, item.sets + 1)}
            />
          </View>
          <Choices
            label={texts.dayOf(drill.name)}
            options={week.days
              .filter(({ kind }) => kind !== 'off')
              .map(({ date }) => ({ value: date, text: weekday(date) }))}
            value={item.date}
            onChange={(date) => (date === item.date ? undefined : week.move(item, date))}
          />
          <View style={styles.wrap}>
            <Button
              mode="text"
              compact
              icon={kept ? 'pin' : 'pin-outline'}
              onPress={() => week.toggleKept(item)}
            >
              {kept ? texts.keptWhenRePlanning : texts.keepItHere}
            </Button>
            <Button mode="text" compact icon="close" onPress={() => week.setSets(item, 0)}>
              {texts.remove}
            </Button>
          </View>
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  item: { borderWidth: 1, borderRadius: 8 },
  lifted: { zIndex: 10, borderWidth: 2, opacity: 0.95 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 4, paddingRight: 8 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap' },
  name: {
    flex: 1,
    minWidth: 0,
    borderWidth: 0,
    paddingHorizontal: 4,
    paddingVertical: 6,
    backgroundColor: 'transparent',
  },
  panel: { paddingHorizontal: 10, paddingBottom: 8, gap: 6 },
});
