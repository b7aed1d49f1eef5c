import type { AssignmentRecord } from '@wrightonic/contract';
import { doseWords, parseDose, withSets, type WeekItem } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../../store/useAthlete';
import { useColours } from '../../../theme/theme';
import { useBook } from '../../../ui/hooks/useBook';
import { useWide } from '../../../ui/hooks/useWide';
import { Card } from '../../../ui/Card/Card';
import { dayWords, weekday } from '../../../ui/words/days';
import { WeekStrip } from '../../../ui/WeekStrip/WeekStrip';
import { Heading } from '../../../ui/Screen/Screen';
import { dayKindNames, stripDay } from './dayKindNames';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  assignment: AssignmentRecord;
  onAnew: () => void;
}

/** The week as it was given: one day of it on a phone, all seven side by side where there is room. */
export function Assigned({ assignment, onAnew }: Props) {
  const today = useToday();
  const wide = useWide();
  const itemsOf = (date: string) => assignment.items.filter((item) => item.date === date);
  const days = assignment.days.map(({ date, kind }) => ({ date, kind, count: itemsOf(date).length }));
  const [chosen, setChosen] = useState(
    days.find(({ date, count }) => date >= today && count > 0)?.date ?? days[0]?.date ?? today,
  );
  const shown = wide ? days.filter(({ count }) => count > 0) : days.filter(({ date }) => date === chosen);
  return (
    <Card>
      <View style={styles.row}>
        <Heading>{texts.assigned}</Heading>
        <Button mode="text" icon="pencil" style={styles.end} onPress={onAnew}>
          {texts.changeTheWeek}
        </Button>
      </View>
      {wide ? null : (
        <WeekStrip
          label={texts.daysOfTheWeek}
          days={days.map(({ date, kind, count }) => stripDay(date, kind, count))}
          chosen={chosen}
          today={today}
          onChoose={setChosen}
        />
      )}
      <View style={wide ? styles.beside : null}>
        {shown.map(({ date, kind }) => (
          <View key={date} style={[wide ? styles.day : null, date < today ? styles.past : null]}>
            <Text variant="labelLarge">
              {`${weekday(date)} ${dayWords(date, today)} · ${dayKindNames[kind]}${date === today ? texts.today : ''}`}
            </Text>
            {itemsOf(date).map((item) => (
              <Planned key={item.drill} item={item} />
            ))}
            {itemsOf(date).length === 0 ? <Text>{texts.nothingIsPlanned}</Text> : null}
          </View>
        ))}
      </View>
      {assignment.reason ? (
        <Text variant="bodySmall">{texts.goesBeyondTheLimits(assignment.reason)}</Text>
      ) : null}
    </Card>
  );
}

function Planned({ item: { drill, sets } }: { item: WeekItem }) {
  const own = useColours();
  const known = useBook().drill(drill);
  return (
    <View style={[styles.line, { borderColor: own.line }]}>
      <Text style={styles.grow}>{known?.name ?? drill}</Text>
      <Text variant="labelMedium">
        {known ? doseWords(parseDose(withSets(known.dose, sets))) : `×${sets}`}
      </Text>
    </View>
  );
}

const styles = StyleSheet.create({
  past: { opacity: 0.75 },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  end: { marginLeft: 'auto' },
  beside: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
  day: { flexGrow: 1, flexBasis: 220, maxWidth: 340 },
  line: { flexDirection: 'row', gap: 8, borderBottomWidth: 1, paddingVertical: 6 },
  grow: { flex: 1, minWidth: 0 },
});
