import { levelWords, type Discipline, type Hand, type SheetItem } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { DrillFigure } from '../../ui/body/DrillFigure';
import { DrillInMotion } from '../../ui/body/DrillInMotion';
import { SeeItMove } from '../../ui/body/SeeItMove';
import { Card } from '../../ui/Card/Card';
import { CheckboxGroup } from '../../ui/form/Choices';
import { Notice } from '../../ui/Notice/Notice';
import { HoldTimer } from '../../ui/timer/HoldTimer';
import type { Home } from './useHome';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { IconButton } from '../../ui/Button/IconButton';

interface Props {
  item: SheetItem;
  date: string;
  hand: Hand;
  discipline: Discipline;
  home: Home;
  /** Why it is not for today. */
  locked: string | null;
}

/** A drill of a day: its figure, its one cue, a timer where something is held, and sets to tick. */
export function SharedItem({ item, date, hand, discipline, home, locked }: Props) {
  const [open, setOpen] = useState(false);
  const [moves, setMoves] = useState(false);
  const figure = { drill: item.figure, hand, discipline };
  const { page, drill } = item;
  const done = home.home.sets.filter((each) => each.date === date && each.drill === drill);
  const newest = [...done].sort((a, b) => a.set - b.set).at(-1);
  const tick = (sets: readonly string[]) => {
    const was = new Set(done.map(({ set }) => String(set)));
    for (const set of sets)
      if (!was.has(set)) home.log('set-ticked', { date, drill, set: Number(set), clean: null, missed: null });
    for (const set of was)
      if (!sets.includes(set)) home.log('set-unticked', { date, drill, set: Number(set) });
  };
  const count = (clean: number) =>
    newest &&
    home.log('set-ticked', { date, drill, set: newest.set, clean, missed: (item.reps ?? clean) - clean });
  return (
    <Card>
      <View style={styles.head}>
        {item.figure ? (
          <SeeItMove name={item.name} moves={moves} onToggle={() => setMoves(!moves)}>
            <DrillFigure {...figure} width={116} height={84} label={texts.setUpOf(item.name)} />
          </SeeItMove>
        ) : null}
        <View style={styles.grow}>
          <Text variant="titleMedium">{item.name}</Text>
          <Text variant="labelLarge">{`${item.sets} × ${item.amount}`}</Text>
          <Text>{`“${item.cue}”`}</Text>
          {item.level ? <Text variant="bodySmall">{levelWords(item.level)}</Text> : null}
        </View>
      </View>
      {moves ? <DrillInMotion {...figure} name={item.name} /> : null}
      {item.caution ? <Text variant="bodySmall">{texts.care(item.caution)}</Text> : null}
      {locked ? (
        <Notice alert>{locked}</Notice>
      ) : (
        <View style={styles.sets}>
          <View style={styles.grow}>
            <CheckboxGroup
              label={texts.setsOfThatAre(item.name)}
              options={Array.from({ length: item.sets }, (_, n) => ({
                value: String(n + 1),
                text: String(n + 1),
              }))}
              value={done.map(({ set }) => String(set))}
              onChange={tick}
            />
          </View>
          {item.hold ? <HoldTimer seconds={item.hold} /> : null}
        </View>
      )}
      {done.some(({ late }) => late) ? <Text variant="bodySmall">{texts.tickedLateAfterIts}</Text> : null}
      {newest && item.reps && !locked ? (
        <CleanReps name={item.name} set={newest.set} clean={newest.clean} reps={item.reps} onCount={count} />
      ) : null}
      {page ? (
        <Button mode="text" compact style={styles.start} onPress={() => setOpen(!open)}>
          {open ? texts.less : texts.howItGoes}
        </Button>
      ) : null}
      {open && page ? (
        <View style={styles.steps}>
          <Text>{page.setUp}</Text>
          {page.steps.map((step, n) => (
            <Text key={step}>{`${n + 1}. ${step}`}</Text>
          ))}
          <Text variant="labelLarge">{texts.good(page.good)}</Text>
        </View>
      ) : null}
    </Card>
  );
}

interface CleanProps {
  name: string;
  set: number;
  clean: number | null;
  reps: number;
  onCount: (clean: number) => void;
}

/** How many reps of the newest set were clean, for those who like to count. */
function CleanReps({ name, set, clean, reps, onCount }: CleanProps) {
  const at = clean ?? reps;
  return (
    <View style={styles.sets}>
      <Text style={styles.grow}>
        {clean === null ? texts.setCountTheClean(set) : texts.setOfClean(set, clean, reps)}
      </Text>
      <IconButton
        icon="minus"
        mode="outlined"
        disabled={at <= 0}
        accessibilityLabel={texts.oneCleanRepLess(set, name)}
        onPress={() => onCount(at - 1)}
      />
      <IconButton
        icon="plus"
        mode="outlined"
        disabled={clean !== null && at >= reps}
        accessibilityLabel={clean === null ? texts.allRepsClean(set, name) : texts.oneCleanRepMore(set, name)}
        onPress={() => onCount(clean === null ? reps : at + 1)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  sets: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0, gap: 2 },
  steps: { gap: 4 },
  start: { alignSelf: 'flex-start', marginLeft: -8 },
});
