import {
  daysBetween,
  followedWords,
  movedBetween,
  movedOrders,
  nodeName,
  type History,
  type Moved,
  type MovedOrder,
} from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { Heading } from '../../ui/Screen/Screen';
import { StitchSign } from '../../ui/seam/Stitches';
import { severityNames } from '../../ui/seam/words';
import { dayWords, withDays } from '../../ui/words/days';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  timeline: History['timeline'];
  /** Days of the first and of the last look. */
  from: string;
  to: string;
}

const orderNames: Record<MovedOrder, string> = {
  'changed most': texts.changedMost,
  slipped: texts.slipped,
  'came first': texts.fixedFirst,
};
/** So many rows at first. */
const few = 8;

/** The grades of each checkpoint on one axis of time: which change came before which. */
export function WhatMoved({ timeline, from, to }: Props) {
  const today = useToday();
  const [order, setOrder] = useState<MovedOrder>('changed most');
  const [all, setAll] = useState(false);
  const moved = movedBetween(timeline, order);
  if (moved.length === 0) return null;
  const said = followedWords(moved, nodeName);
  const shown = all ? moved : moved.slice(0, few);
  return (
    <Card>
      <Heading>{texts.whatMovedWhen}</Heading>
      {said ? <Text variant="bodyLarge">{withDays(said, today)}</Text> : null}
      <Choices
        label={texts.sortedBy}
        value={order}
        onChange={setOrder}
        options={movedOrders.map((value) => ({ value, text: orderNames[value] }))}
      />
      {shown.map((each) => (
        <Row key={each.id} moved={each} from={from} to={to} today={today} />
      ))}
      <View style={styles.ends}>
        <Text variant="bodySmall">{dayWords(from, today)}</Text>
        <Text variant="bodySmall">{dayWords(to, today)}</Text>
      </View>
      {moved.length > few ? (
        <Button mode="text" compact onPress={() => setAll(!all)}>
          {all ? texts.showFewer : texts.showAll(moved.length)}
        </Button>
      ) : null}
      <Text variant="bodySmall">{texts.theOrderOfDates}</Text>
    </Card>
  );
}

interface RowProps {
  moved: Moved;
  from: string;
  to: string;
  today: string;
}

function Row({ moved: { id, grades }, from, to, today }: RowProps) {
  const own = useColours();
  const whole = Math.max(1, daysBetween(from, to));
  const words = grades.map(({ date, severity }) => `${severityNames[severity]} ${dayWords(date, today)}`);
  return (
    <View role="img" aria-label={`${nodeName(id)}: ${words.join(', ')}`}>
      <Text variant="bodyMedium">{nodeName(id)}</Text>
      <View style={styles.axis}>
        <View style={[styles.line, { backgroundColor: own.line }]} />
        {grades.map(({ date, severity }, n) => (
          <View key={n} style={[styles.mark, { left: `${(100 * daysBetween(from, date)) / whole}%` }]}>
            <StitchSign grade={severity} size={4} ink={severity > 0 ? own.clay : own.ink} />
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  axis: { height: 26, marginHorizontal: 12 },
  line: { position: 'absolute', left: 0, right: 0, top: 15, height: 1 },
  mark: { position: 'absolute', top: 2, marginLeft: -12 },
  ends: { flexDirection: 'row', justifyContent: 'space-between' },
});
