import { entriesOn, laneNames, type TimelineEntry } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../../store/useAthlete';
import { dayWords } from '../../../ui/words/days';
import { texts } from './texts';
import { IconButton } from '../../../ui/Button/IconButton';

interface Props {
  entries: readonly TimelineEntry[];
  day: string;
  onDay: (day: string) => void;
}

/** Everything of one day, and the days before and after it on which something begins. */
export function DayEntries({ entries, day, onDay }: Props) {
  const today = useToday();
  const days = [...new Set(entries.map(({ from }) => from))].sort();
  const before = days.findLast((each) => each < day);
  const after = days.find((each) => each > day);
  const here = entriesOn(entries, day);
  const step = (icon: string, label: string, to: string | undefined) => (
    <IconButton
      icon={icon}
      mode="outlined"
      accessibilityLabel={label}
      disabled={to === undefined}
      onPress={() => to && onDay(to)}
    />
  );
  return (
    <View role="group" aria-label={texts.theChosenDay} style={styles.root}>
      <View style={styles.row}>
        {step('chevron-left', texts.previousDayWith, before)}
        <Text variant="titleMedium" style={styles.grow} role="status">
          {dayWords(day, today)}
        </Text>
        {step('chevron-right', texts.nextDayWith, after)}
      </View>
      {here.length ? (
        here.map(({ lane, text, from }, n) => (
          <Text key={`${lane} ${n}`}>
            <Text variant="labelMedium">{laneNames[lane]}</Text>
            {`  ${text}${from < day ? texts.since(dayWords(from, today)) : ''}`}
          </Text>
        ))
      ) : (
        <Text>{texts.nothingWasRecorded}</Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 4 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 6 },
  grow: { flex: 1, textAlign: 'center' },
});
