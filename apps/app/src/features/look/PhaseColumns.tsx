import type { Findings, Severity } from '@wrightonic/core';
import { useMemo, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import type { LookPoint, LookStep } from '../../ui/checkpoint/steps';
import { Heading } from '../../ui/Screen/Screen';
import { pointElement, useGradeKeys } from './useGradeKeys';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  steps: readonly LookStep[];
  findings: Findings;
  point: (point: LookPoint) => ReactNode;
  onGrade: (id: string, grade: Severity) => void;
}

const columnElement = (key: LookStep['key']): string => `column ${key}`;

/** Brings the column of a phase into view. */
export const showColumn = (key: LookStep['key']): void =>
  document.getElementById(columnElement(key))?.scrollIntoView({ inline: 'start', block: 'nearest' });

/** A look where there is room: a column for each phase, several checkpoints in sight, graded by keys too. */
export function PhaseColumns({ steps, findings, point, onGrade }: Props) {
  const own = useColours();
  const [wider, setWider] = useState<ReadonlySet<LookStep['key']>>(new Set());
  const columns = useMemo(
    () =>
      steps.map((step) => ({
        step,
        shown: wider.has(step.key) ? [...step.first, ...step.more] : step.first,
      })),
    [steps, wider],
  );
  const ids = useMemo(() => columns.map(({ shown }) => shown.map(({ id }) => id)), [columns]);
  const current = useGradeKeys(ids, onGrade);
  return (
    <ScrollView horizontal style={styles.root} contentContainerStyle={styles.columns} tabIndex={0}>
      {columns.map(({ step, shown }) => {
        const open = shown.filter(({ id }) => !(id in findings));
        return (
          <View
            key={step.key}
            nativeID={columnElement(step.key)}
            style={styles.column}
            role="group"
            aria-label={step.name}
          >
            <View style={styles.head}>
              <View style={styles.grow}>
                <Heading>{step.name}</Heading>
              </View>
              <Text variant="bodySmall">
                {texts.of(
                  shown.length - open.length,
                  shown.length + (wider.has(step.key) ? 0 : step.more.length),
                )}
              </Text>
            </View>
            {open.length ? (
              <Button
                mode="outlined"
                compact
                accessibilityLabel={`${step.name}: ${open.length === shown.length ? texts.allAreClean(open.length) : texts.theOtherAreClean(open.length)}`}
                onPress={() => open.forEach(({ id }) => onGrade(id, 0))}
              >
                {open.length === shown.length
                  ? texts.allAreClean2(open.length)
                  : texts.theOtherAreClean2(open.length)}
              </Button>
            ) : null}
            <ScrollView contentContainerStyle={styles.points} tabIndex={0}>
              {shown.map((each) => (
                <View
                  key={each.id}
                  nativeID={pointElement(each.id)}
                  style={[styles.point, { borderColor: each.id === current ? own.amber : 'transparent' }]}
                >
                  {point(each)}
                </View>
              ))}
              {step.more.length && !wider.has(step.key) ? (
                <Button mode="text" compact onPress={() => setWider(new Set([...wider, step.key]))}>
                  {texts.more(step.more.length)}
                </Button>
              ) : null}
            </ScrollView>
          </View>
        );
      })}
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0 },
  columns: { gap: 12, paddingHorizontal: 16 },
  column: { width: 300, gap: 6, minHeight: 0 },
  head: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  grow: { flex: 1 },
  points: { gap: 6, paddingBottom: 16 },
  point: { borderWidth: 3, borderRadius: 10 },
});
