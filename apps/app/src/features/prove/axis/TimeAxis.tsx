import type { Target } from '@wrightonic/contract';
import {
  daysBetween,
  laneNames,
  lanes,
  sessionTrend,
  trendBand,
  type Lane,
  type SessionVelocity,
  type TimelineEntry,
  type VelocityUnit,
} from '@wrightonic/core';
import { useMemo, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { CheckboxGroup } from '../../../ui/form/Choices';
import { useWide } from '../../../ui/hooks/useWide';
import { Heading } from '../../../ui/Screen/Screen';
import { dayWords } from '../../../ui/words/days';
import { DayEntries } from './DayEntries';
import { axisPicture } from './layers';
import { TargetForm } from './TargetForm';
import { TimePlot, type AxisSetter } from './TimePlot';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  athleteId: string;
  entries: readonly TimelineEntry[];
  /** Sessions that can be set against each other. */
  sessions: readonly SessionVelocity[];
  target: Target | null;
  unit: VelocityUnit;
}

const stretching: readonly Lane[] = ['velocity', 'stages', 'looks', 'screens', 'camps', 'throws'];
/** Where there is no room the lanes fold, but for these. */
const openOnPhone: readonly Lane[] = ['stages', 'looks'];
const spans = [
  { text: texts.everything, days: null },
  { text: texts.aYear, days: 365 },
  { text: texts.months, days: 91 },
] as const;

/** Velocity with everything else on one axis of time. */
export function TimeAxis({ athleteId, entries, sessions, target, unit }: Props) {
  const today = useToday();
  const wide = useWide();
  const there = lanes.filter((lane) => lane !== 'velocity' && entries.some((entry) => entry.lane === lane));
  const [picked, setPicked] = useState<readonly Lane[] | null>(null);
  const [day, setDay] = useState<string | null>(null);
  const [aiming, setAiming] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const setter = useRef<AxisSetter>(null);
  const open = picked ?? (wide ? there : there.filter((lane) => openOnPhone.includes(lane)));
  const openLanes = open.join(' ');
  const trend = useMemo(() => sessionTrend(sessions), [sessions]);
  const picture = useMemo(
    () =>
      axisPicture({
        entries,
        open: lanes.filter((lane) => openLanes.split(' ').includes(lane)),
        trend: trendBand(sessions, trend),
        target,
        unit,
        names: { ...laneNames, stages: texts.planStagesLowerHalf },
        today,
      }),
    [entries, openLanes, sessions, trend, target, unit, today],
  );
  const days = entries.map(({ from }) => from).sort();
  // What was long before the first look, such as an old injury, is told below and does not stretch the axis.
  const first = entries
    .filter(({ lane }) => stretching.includes(lane))
    .map(({ from }) => from)
    .sort()[0];
  if (!first) return null;
  const ahead = trendBand(sessions, trend).at(-1)?.date ?? today;
  const last = ahead > today ? ahead : today;
  return (
    <Card>
      <Heading>{texts.overTime}</Heading>
      <View style={styles.row}>
        {spans.map(({ text, days: count }) => (
          <Button
            key={text}
            compact
            mode="outlined"
            onPress={() => setter.current?.show(count && count + daysBetween(today, last))}
          >
            {text}
          </Button>
        ))}
        <Button compact mode="text" icon="flag-outline" onPress={() => setAiming(!aiming)}>
          {target ? texts.changeTarget : texts.setATarget}
        </Button>
        {wide ? null : (
          <Button
            compact
            mode="text"
            icon={choosing ? 'chevron-up' : 'chevron-down'}
            onPress={() => setChoosing(!choosing)}
          >
            {texts.lanesOf(open.length, there.length)}
          </Button>
        )}
      </View>
      {aiming ? (
        <TargetForm
          key={JSON.stringify(target)}
          athleteId={athleteId}
          target={target}
          unit={unit}
          onDone={() => setAiming(false)}
        />
      ) : null}
      {wide || choosing ? (
        <CheckboxGroup
          label={texts.lanesThatAreOpen}
          options={there.map((value) => ({ value, text: laneNames[value] }))}
          value={open}
          onChange={setPicked}
        />
      ) : null}
      <TimePlot
        picture={picture}
        first={first}
        last={last}
        label={texts.axisOfTimeFrom(dayWords(first, today))}
        day={day}
        onDay={setDay}
        setter={setter}
      />
      <Text variant="bodySmall">
        {trend ? texts.lineWithDotsUsual(trend.real) : texts.lineWithDotsUsualOfEach}
      </Text>
      <DayEntries entries={entries} day={day ?? days.at(-1)!} onDay={setDay} />
      {day === null ? <Text variant="bodySmall">{texts.tapTheAxis}</Text> : null}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 6, alignItems: 'center' },
});
