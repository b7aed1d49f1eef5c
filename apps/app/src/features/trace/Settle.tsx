import { type TracePage, type FindingDetail, type LookRecord } from '@wrightonic/contract';
import { gainWords, nodeName, nodeOf, screenTestOf, type Severity, type Trace } from '@wrightonic/core';
import { router, type Href } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useColours } from '../../theme/theme';
import { Checkpoint } from '../../ui/checkpoint/Checkpoint';
import { pointOf } from '../../ui/checkpoint/steps';
import { Icon } from '../../ui/Icon/Icon';
import { useWhom } from '../../ui/hooks/useWhom';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { Dialog } from '../../ui/Dialog/Dialog';

interface Props {
  athlete: TracePage['athlete'];
  look: LookRecord;
  result: Trace;
  /** It stands open where the verdict is too close to call. */
  opened: boolean;
}

/** Leads straight to a test of the physical screen, and from there back. */
export const testPath = (athleteId: string, limit: string): Href | null => {
  const node = nodeOf(limit);
  if (node?.type !== 'limit') return null;
  const test = node.test === 'shoulder-arc-deficit' ? 'shoulder-arc' : node.test;
  const side = node.side === 'lead' || node.side === 'trail' ? `&side=${node.side}` : '';
  return `/athletes/${athleteId}/screen?test=${test}${side}`;
};

/** What nobody looked at and could change the verdict, most telling first: one row until it is opened. */
export function Settle({ athlete, look, result, opened }: Props) {
  const own = useColours();
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState<string | null>(null);
  const [unfolded, setUnfolded] = useState<boolean | null>(null);
  const whom = useWhom(athlete);
  if (result.gains.length === 0) return null;
  const highestGain = result.gains[0]!.gain;
  const graded = (node: string, severity: Severity | null, detail: FindingDetail = {}) => {
    dispatch(
      log(athlete.id, 'look-corrected', {
        lookId: look.id,
        node,
        severity,
        ...detail,
        reason: texts.lookedAtNextFrom,
      }),
    );
    setOpen(null);
  };
  const all = unfolded ?? opened;
  return (
    <View style={styles.root}>
      <PressableCard aria-expanded={all} onPress={() => setUnfolded(!all)} style={styles.head}>
        <View style={styles.row}>
          <Text variant="titleMedium" style={styles.grow}>
            {texts.whatWouldSettleIt}
          </Text>
          <View style={styles.bars} aria-hidden>
            {result.gains.map(({ id, gain }) => (
              <View
                key={id}
                style={[styles.upright, { backgroundColor: own.amber, height: (24 * gain) / highestGain }]}
              />
            ))}
          </View>
          <Text variant="labelLarge">{result.gains.length}</Text>
          <Icon name={all ? 'chevron-up' : 'chevron-down'} colour={own.inkSoft} />
        </View>
      </PressableCard>
      {all
        ? result.gains.map(({ id, gain }) => {
            const node = nodeOf(id);
            const test = node?.type === 'limit' ? screenTestOf(node.test) : undefined;
            const path = testPath(athlete.id, id);
            return (
              <PressableCard
                key={id}
                aria-label={`${test ? texts.test(test.name) : texts.look}: ${nodeName(id)}`}
                onPress={() => (path ? router.navigate(path) : setOpen(id))}
                style={styles.one}
              >
                <View style={styles.row}>
                  <Text variant="titleMedium" style={styles.grow}>
                    {nodeName(id)}
                  </Text>
                  <Text variant="labelLarge" style={{ color: own.dusk }}>
                    {path ? texts.testNow : texts.lookNow}
                  </Text>
                </View>
                <View style={[styles.track, { backgroundColor: own.sunk }]}>
                  <View
                    style={[
                      styles.bar,
                      { backgroundColor: own.amber, width: `${(100 * gain) / result.total}%` },
                    ]}
                  />
                </View>
                <Text variant="bodySmall">{gainWords(gain, result.total)}</Text>
              </PressableCard>
            );
          })
        : null}
      <Portal>
        <Dialog visible={open !== null} onDismiss={() => setOpen(null)} style={styles.dialog}>
          <Dialog.Title>{open ? nodeName(open) : ''}</Dialog.Title>
          <Dialog.ScrollArea>
            <ScrollView contentContainerStyle={styles.inside}>
              {open ? (
                <Checkpoint
                  point={pointOf(open, whom)}
                  grade={look.findings[open] ?? null}
                  detail={look.details[open]}
                  offer={undefined}
                  hand={athlete.throws}
                  full
                  onGrade={graded}
                />
              ) : null}
            </ScrollView>
          </Dialog.ScrollArea>
          <Dialog.Actions>
            <Button onPress={() => setOpen(null)}>{texts.backToTheTrace}</Button>
          </Dialog.Actions>
        </Dialog>
      </Portal>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  head: { minHeight: 52, justifyContent: 'center' },
  bars: { flexDirection: 'row', alignItems: 'flex-end', gap: 3, height: 24 },
  upright: { width: 8, borderRadius: 2 },
  one: { gap: 4 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
  track: { height: 6, borderRadius: 3, overflow: 'hidden' },
  bar: { height: 6 },
  dialog: { maxWidth: 520, width: '94%', alignSelf: 'center', maxHeight: '86%' },
  inside: { paddingVertical: 8 },
});
