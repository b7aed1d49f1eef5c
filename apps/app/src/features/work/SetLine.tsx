import type { LogEvent } from '@wrightonic/contract';
import {
  effortChoices,
  repSideWords,
  setNow,
  usualPace,
  type Dose,
  type Hand,
  type RepSide,
  type SideNow,
} from '@wrightonic/core';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { lastRepAt, setsDone } from './sets';
import { useAppSelector } from '../../store/store';
import { HoldTimer } from '../../ui/timer/HoldTimer';
import { beep } from '../../ui/timer/sounds';
import { useCountdown } from '../../ui/timer/useCountdown';
import { selectSound } from '../../store/selectors';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  events: readonly LogEvent[];
  drill: string;
  dose: Dose;
  /** The set is told in another line already. */
  told: boolean;
  /** Percent; null in a dry drill. */
  effort: number | null;
  /** The most that the drill asks for, percent. */
  maxEffort: number;
  age: number;
  /** The side whose turn it is; null where the drill has none. */
  side: SideNow | null;
  hand: Hand;
  onSide: (side: RepSide) => void;
  onEffort: (effort: number) => void;
  /** The drill that comes next; null after the last. */
  onNext: (() => void) | null;
  /** Asks why the last rep was missed; null when there is nothing to ask. */
  onWhy: (() => void) | null;
}

/** Where the set stands, the rest after it, and the effort asked. */
export function SetLine(props: Props) {
  const { events, drill, dose, told, effort, maxEffort, age } = props;
  const { side, hand, onSide, onEffort, onNext, onWhy } = props;
  const own = useColours();
  /** Seconds of a hold; null where nothing is held. */
  const hold = dose.timed ?? dose.lastHold ?? dose.holds[0] ?? null;
  const now = setNow(dose, setsDone(events, drill));
  const last = lastRepAt(events, drill);
  const [skipped, setSkipped] = useState<number | null>(null);
  const resting = now.between && now.set <= now.of && last !== null && skipped !== last;
  const left = useCountdown(resting ? last + usualPace.betweenSets * 1000 : null);
  const done = now.set > now.of;
  const reps = dose.reps && !side ? texts.of(now.rep, now.reps) : '';
  const sound = useAppSelector(selectSound);
  const change = side?.change ?? false;
  useEffect(() => {
    if (change && sound) beep();
  }, [change, sound]);
  const words = done
    ? now.rep
      ? texts.allSetsDoneMore(now.rep)
      : texts.allSetsDone
    : [texts.setOf(now.set, now.of), reps].filter(Boolean).join(' · ');
  const asked = effort === null ? [] : effortChoices(age, effort, maxEffort);
  return (
    <View style={[styles.line, { borderColor: own.line }]}>
      <Text variant="titleMedium" style={styles.grow} role="status">
        {told && !done ? '' : words}
      </Text>
      {hold ? <HoldTimer key={drill} seconds={hold} /> : null}
      {side ? (
        <Button
          compact
          mode={side.change ? 'contained' : 'outlined'}
          icon="swap-horizontal"
          accessibilityLabel={texts.changeSidesOfTap(
            side.change,
            repSideWords(side.side, hand, dose),
            side.rep,
            side.reps,
          )}
          onPress={() => onSide(side.side === 'lead' ? 'trail' : 'lead')}
        >
          {texts.nowOf(side.change, repSideWords(side.side, hand, dose), side.rep, side.reps)}
        </Button>
      ) : null}
      {onWhy ? (
        <Button compact mode="text" onPress={onWhy}>
          {texts.whyMissed}
        </Button>
      ) : null}
      {left > 0 ? (
        <Button
          compact
          mode="contained-tonal"
          icon="timer-outline"
          accessibilityLabel={texts.restingSLeftContinue(left)}
          onPress={() => setSkipped(last)}
        >
          {texts.restS(left)}
        </Button>
      ) : null}
      {done && onNext && !onWhy ? (
        <Button compact mode="contained-tonal" onPress={onNext}>
          {texts.nextDrill}
        </Button>
      ) : null}
      {effort !== null && asked.length > 1 ? (
        <Button
          compact
          mode="outlined"
          accessibilityLabel={texts.effortAskedChange(effort)}
          onPress={() => onEffort(asked[(asked.indexOf(effort) + 1) % asked.length]!)}
        >
          {texts.effort(effort)}
        </Button>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 6,
    paddingHorizontal: 12,
    paddingTop: 6,
    borderTopWidth: 1,
  },
  grow: { flex: 1 },
});
