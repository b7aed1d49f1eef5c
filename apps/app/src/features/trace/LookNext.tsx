import { type TracePage, type FindingDetail, type LookRecord } from '@wrightonic/contract';
import { gainWords, nodeName, nodeOf, screenTestOf, type Severity, type Trace } from '@wrightonic/core';
import { router, type Href } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Dialog, Portal, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useColours } from '../../theme/theme';
import { Checkpoint } from '../../ui/checkpoint/Checkpoint';
import { pointOf } from '../../ui/checkpoint/steps';
import { useWhom } from '../../ui/hooks/useWhom';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading } from '../../ui/Screen/Screen';

interface Props {
  athlete: TracePage['athlete'];
  look: LookRecord;
  result: Trace;
}

/** Leads straight to a test of the physical screen, and from there back. */
export const testPath = (athleteId: string, limit: string): Href | null => {
  const node = nodeOf(limit);
  if (node?.type !== 'limit') return null;
  const test = node.test === 'shoulder-arc-deficit' ? 'shoulder-arc' : node.test;
  const side = node.side === 'lead' || node.side === 'trail' ? `&side=${node.side}` : '';
  return `/athletes/${athleteId}/screen?test=${test}${side}`;
};

/** The most telling things that nobody looked at, each a tap away; a look there comes back by itself. */
export function LookNext({ athlete, look, result }: Props) {
  const own = useColours();
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState<string | null>(null);
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
        reason: 'Looked at next, from the trace',
      }),
    );
    setOpen(null);
  };
  return (
    <View style={styles.root}>
      <Heading>Look next</Heading>
      {result.gains.map(({ id, gain }) => {
        const node = nodeOf(id);
        const test = node?.type === 'limit' ? screenTestOf(node.test) : undefined;
        const path = testPath(athlete.id, id);
        return (
          <PressableCard
            key={id}
            aria-label={`${test ? `Test ${test.name}` : 'Look'}: ${nodeName(id)}`}
            onPress={() => (path ? router.navigate(path) : setOpen(id))}
            style={styles.one}
          >
            <View style={styles.row}>
              <Text variant="titleMedium" style={styles.grow}>
                {nodeName(id)}
              </Text>
              <Text variant="labelLarge" style={{ color: own.dusk }}>
                {path ? 'Test now' : 'Look now'}
              </Text>
            </View>
            <View style={[styles.track, { backgroundColor: own.sunk }]}>
              <View
                style={[styles.bar, { backgroundColor: own.amber, width: `${(100 * gain) / highestGain}%` }]}
              />
            </View>
            <Text variant="bodySmall">{gainWords(gain, result.total)}</Text>
          </PressableCard>
        );
      })}
      <Portal>
        <Dialog visible={open !== null} onDismiss={() => setOpen(null)} style={styles.dialog}>
          <Dialog.Title>Look next</Dialog.Title>
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
            <Button onPress={() => setOpen(null)}>Back to the trace</Button>
          </Dialog.Actions>
        </Dialog>
      </Portal>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  one: { gap: 4 },
  row: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  grow: { flex: 1 },
  track: { height: 6, borderRadius: 3, overflow: 'hidden' },
  bar: { height: 6 },
  dialog: { maxWidth: 520, width: '94%', alignSelf: 'center', maxHeight: '86%' },
  inside: { paddingVertical: 8 },
});
