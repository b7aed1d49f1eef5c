import type { AssignmentRecord } from '@wrightonic/contract';
import type { DrillBook, WeekItem } from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { useToday } from '../../../store/useAthlete';
import { useBook } from '../../../ui/hooks/useBook';
import { Card } from '../../../ui/Card/Card';
import { dayWords, weekday } from '../../../ui/words/days';
import { Heading } from '../../../ui/Screen/Screen';
import { dayKindNames } from './dayKindNames';

const words = ({ drill, sets }: WeekItem, book: DrillBook): string =>
  `${book.drill(drill)?.name ?? drill} ×${sets}`;

interface Props {
  athleteId: string;
  assignment: AssignmentRecord;
  onAnew: () => void;
}

/** The week as it was given, day by day. */
export function Assigned({ athleteId, assignment, onAnew }: Props) {
  const today = useToday();
  const book = useBook();
  return (
    <Card>
      <Heading>Assigned</Heading>
      {assignment.days.map(({ date, kind }) => {
        const items = assignment.items.filter((item) => item.date === date);
        if (items.length === 0) return null;
        return (
          <View key={date} style={date < today ? styles.past : null}>
            <Text variant="labelLarge">
              {`${weekday(date)} ${dayWords(date, today)} · ${dayKindNames[kind]}${date === today ? ' · today' : ''}`}
            </Text>
            <Text variant="bodySmall">{items.map((item) => words(item, book)).join(', ')}</Text>
          </View>
        );
      })}
      {assignment.reason ? (
        <Text variant="bodySmall">{`Beyond the limits because: ${assignment.reason}`}</Text>
      ) : null}
      <View style={styles.row}>
        <Button mode="contained" onPress={() => router.replace(`/athletes/${athleteId}/work`)}>
          Go to Work
        </Button>
        <Button mode="text" onPress={onAnew}>
          Change the rest
        </Button>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  past: { opacity: 0.75 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
