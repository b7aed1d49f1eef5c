import type { WorkPage } from '@wrightonic/contract';
import { constraintOf, nodeName, waysRound } from '@wrightonic/core';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import { constraintsKey, constraintsSet } from '../../store/settings';
import { selectConstraints } from '../../store/selectors';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Choices, CheckboxGroup } from '../../ui/form/Choices';
import { useBook } from '../../ui/hooks/useBook';
import { Notice } from '../../ui/Notice/Notice';
import { constraintsNow, repsOfSet } from './sets';
import type { Session } from './useSession';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { Dialog } from '../../ui/Dialog/Dialog';

const names = { add: texts.addIt, remove: texts.removeIt, return: texts.bringItBack } as const;

const sameOnes = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((id) => b.includes(id));

/** What is put in the way in a drill, how its set goes, and what to change after it. */
export function useConstraints(page: WorkPage, session: Session, drill: string) {
  const book = useBook();
  const { order, on: before, offer } = constraintsNow(page, session.events, drill, book);
  const dispatch = useAppDispatch();
  const key = constraintsKey(page.athlete.id, drill);
  /** As they were changed here last: they stay so through other drills, other athletes and a reload. */
  const changed = useAppSelector((state) => selectConstraints(state, key));
  const [way, setWay] = useState<string | null>(null);
  const on = changed ?? before;
  const reps = repsOfSet(session.events, drill);
  const total = reps.clean + reps.missed;
  const setOn = (next: string[]) => dispatch(constraintsSet({ key, on: next }));
  return {
    order,
    all: [...new Set([...order, ...on])],
    on,
    setOn,
    reps,
    total,
    way,
    setWay,
    ways: order.length ? waysRound(drill, order, book) : [],
    /** Only between two sets, and until it was followed. */
    advice: offer && total === 0 && sameOnes(on, before) ? offer : null,
    follow: () => {
      if (offer)
        setOn(offer.do === 'remove' ? on.filter((id) => id !== offer.constraint) : [...on, offer.constraint]);
    },
    done: () => {
      session.inSession().setDone(drill, on, reps, way);
      setOn([...on]);
      setWay(null);
    },
  };
}

export type Constraining = ReturnType<typeof useConstraints>;

/** What to change before the next set, above the counts; nothing while a set is on. */
export function ConstraintAdvice({ constraining: { advice, follow } }: { constraining: Constraining }) {
  if (!advice) return null;
  return (
    <View style={styles.advice}>
      <Notice icon="target">
        <View style={styles.row}>
          <Text style={styles.grow}>{advice.why}</Text>
          <Button mode="contained" compact onPress={follow}>
            {names[advice.do]}
          </Button>
        </View>
      </Notice>
    </View>
  );
}

/** The constraints as one row, changed in a sheet, beside the set and its end. */
export function ConstraintRow({ constraining, words }: { constraining: Constraining; words: string }) {
  const [open, setOpen] = useState(false);
  const { order, on, total, reps, way, done } = constraining;
  if (order.length === 0) return null;
  const named = on.map((id) => constraintOf(id)?.name ?? id);
  return (
    <>
      <View style={styles.line}>
        <Button
          compact
          mode={on.length ? 'contained-tonal' : 'outlined'}
          icon="pencil"
          accessibilityLabel={texts.changeConstraints(named.join(', ') || 'none')}
          style={styles.grow}
          contentStyle={styles.start}
          onPress={() => setOpen(true)}
        >
          {named.join(', ') || texts.noConstraint}
        </Button>
        <Text variant="titleMedium" role="status" aria-label={`${words}. ${setWords(reps, total)}`}>
          {total ? `${words} · ${reps.clean}/${total}` : words}
        </Text>
        <Button compact mode="contained-tonal" disabled={total === 0} onPress={done}>
          {texts.setDone}
        </Button>
      </View>
      <Text variant="bodySmall" style={way ? styles.way : styles.none}>
        {way ? texts.workaround(nodeName(way)) : ''}
      </Text>
      {open ? <ConstraintSheet constraining={constraining} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

const setWords = ({ clean }: { clean: number }, total: number): string =>
  total ? texts.thisSetOfClean(clean, total) : texts.noRep;

function ConstraintSheet({ constraining, onClose }: { constraining: Constraining; onClose: () => void }) {
  const { all, on, setOn, way, setWay, ways } = constraining;
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={styles.dialog}>
        <Dialog.Title>{texts.constraintsInOrder}</Dialog.Title>
        <Dialog.ScrollArea>
          <ScrollView contentContainerStyle={styles.inside}>
            <CheckboxGroup
              label={texts.constraintsInUse}
              options={all.map((value) => ({ value, text: constraintOf(value)?.name ?? value }))}
              value={on}
              onChange={setOn}
            />
            <Choices<string | null>
              label={texts.theyFoundAWorkaround}
              shown
              value={way}
              onChange={setWay}
              options={[
                { value: null, text: texts.none },
                ...ways.map((value) => ({ value, text: nodeName(value) })),
              ]}
            />
          </ScrollView>
        </Dialog.ScrollArea>
        <Dialog.Actions>
          <Button onPress={onClose}>{texts.close}</Button>
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  line: { flexDirection: 'row', alignItems: 'center', gap: 8, paddingHorizontal: 12, paddingTop: 6 },
  advice: { paddingHorizontal: 8, paddingBottom: 4 },
  grow: { flex: 1, minWidth: 0 },
  start: { justifyContent: 'flex-start' },
  way: { paddingHorizontal: 12 },
  none: { display: 'none' },
  dialog: { maxWidth: 480, width: '92%', alignSelf: 'center', maxHeight: '85%' },
  inside: { gap: 12, paddingVertical: 12 },
});
