import { notMedical, stopForPain, type SheetDay, type SheetItem, type WeekSheet } from '@wrightonic/contract';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { more } from '../../store/more';
import { DrillFigure } from '../../ui/body/DrillFigure';
import { Card } from '../../ui/Card';
import { Choices, Picks } from '../../ui/Choices';
import { dayAt, longDay, weekday } from '../../ui/days';
import { Empty, Notice, Trouble, Waiting } from '../../ui/Notice';
import { Pane } from '../../ui/Pane';
import { PageTitle, TitleRow } from '../../ui/Screen';
import { keepTicks, ticksOf } from './ticks';

/** The page behind a link: one athlete’s week, one day a screen, for whoever is at home. */
export function SharedWeek() {
  const { token = '' } = useLocalSearchParams<{ token: string }>();
  const { data, error, refetch } = more.useSharedWeekQuery(token);
  if (error)
    return (
      <View style={styles.whole} role="main">
        <PageTitle>Week</PageTitle>
        <Trouble error={error} again={() => void refetch()} />
      </View>
    );
  return data ? <Week sheet={data} token={token} /> : <Waiting what="Reading the week" />;
}

function Week({ sheet, token }: { sheet: WeekSheet; token: string }) {
  const days = sheet.days.filter(({ items }) => items.length);
  const today = dayAt(new Date(), Intl.DateTimeFormat().resolvedOptions().timeZone);
  const [date, setDate] = useState(
    () => (days.find((day) => day.date === today) ?? days.find((day) => day.date > today) ?? days[0])?.date,
  );
  const [ticks, setTicks] = useState(() => ticksOf(token));
  const day = days.find((each) => each.date === date);
  const tick = (of: string, sets: readonly string[]) => {
    const next = [
      ...ticks.filter((each) => !each.startsWith(`${of} `)),
      ...sets.map((set) => `${of} ${set}`),
    ];
    setTicks(next);
    keepTicks(token, next);
  };
  return (
    <View style={styles.whole} role="main">
      <PageTitle>{`${sheet.givenName}’s week`}</PageTitle>
      <Pane>
        <TitleRow title={`${sheet.givenName}’s week`} />
        <Text>{sheet.academy}</Text>
        {sheet.focus.length ? (
          <Text variant="labelLarge">{`Working on: ${sheet.focus.join('; ')}`}</Text>
        ) : null}
        <Notice>{stopForPain}</Notice>
        {day ? (
          <>
            <Choices
              label="Day"
              value={day.date}
              onChange={setDate}
              options={days.map((each) => ({ value: each.date, text: weekday(each.date) }))}
            />
            <Day day={day} sheet={sheet} ticks={ticks} onTick={tick} />
          </>
        ) : (
          <Empty>Nothing is assigned yet. Come back after the next lesson.</Empty>
        )}
        <View style={styles.row}>
          <Button
            mode="outlined"
            icon="printer"
            onPress={() => void Linking.openURL(`/api/shared/${token}/week.pdf`)}
          >
            Sheet to print
          </Button>
          <Button
            mode="outlined"
            icon="calendar-export"
            onPress={() => void Linking.openURL(`/api/shared/${token}/week.ics`)}
          >
            Calendar
          </Button>
        </View>
        <Text variant="bodySmall">{notMedical}</Text>
      </Pane>
    </View>
  );
}

interface DayProps {
  day: SheetDay;
  sheet: WeekSheet;
  ticks: readonly string[];
  onTick: (of: string, sets: readonly string[]) => void;
}

function Day({ day, sheet, ticks, onTick }: DayProps) {
  return (
    <>
      <Text variant="titleLarge" role="heading" aria-level={2}>
        {longDay(day.date)}
      </Text>
      <Text>{day.throws ? `${Math.round(day.throws)} throws in all` : 'No throws today'}</Text>
      {day.items.map((item) => {
        const of = `${day.date} ${item.drill}`;
        return (
          <Item
            key={item.drill}
            item={item}
            sheet={sheet}
            ticked={ticks
              .filter((each) => each.startsWith(`${of} `))
              .map((each) => each.slice(of.length + 1))}
            onTick={(sets) => onTick(of, sets)}
          />
        );
      })}
    </>
  );
}

interface ItemProps {
  item: SheetItem;
  sheet: WeekSheet;
  ticked: readonly string[];
  onTick: (sets: readonly string[]) => void;
}

function Item({ item, sheet, ticked, onTick }: ItemProps) {
  const [open, setOpen] = useState(false);
  const { page } = item;
  return (
    <Card>
      <View style={styles.head}>
        <DrillFigure
          drill={item.figure}
          hand={sheet.throws}
          width={116}
          height={84}
          label={`Set-up of ${item.name}`}
        />
        <View style={styles.grow}>
          <Text variant="titleMedium">{item.name}</Text>
          <Text variant="labelLarge">{`${item.sets} × ${item.amount}`}</Text>
          <Text>{`“${item.cue}”`}</Text>
        </View>
      </View>
      {item.caution ? <Text variant="bodySmall">{`Care: ${item.caution}`}</Text> : null}
      <Picks
        label={`Sets of ${item.name} that are done`}
        options={Array.from({ length: item.sets }, (_, n) => ({ value: String(n + 1), text: String(n + 1) }))}
        value={ticked}
        onChange={onTick}
      />
      {page ? (
        <Button mode="text" compact style={styles.start} onPress={() => setOpen(!open)}>
          {open ? 'Less' : 'How it goes'}
        </Button>
      ) : null}
      {open && page ? (
        <View style={styles.steps}>
          <Text>{page.setUp}</Text>
          {page.steps.map((step, n) => (
            <Text key={step}>{`${n + 1}. ${step}`}</Text>
          ))}
          <Text variant="labelLarge">{`Good: ${page.good}`}</Text>
        </View>
      ) : null}
    </Card>
  );
}

const styles = StyleSheet.create({
  whole: { flex: 1, minHeight: 0 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  grow: { flex: 1, minWidth: 0, gap: 2 },
  steps: { gap: 4 },
  start: { alignSelf: 'flex-start', marginLeft: -8 },
});
