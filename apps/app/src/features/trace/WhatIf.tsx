import {
  nodeName,
  severities,
  severityNames,
  type Findings,
  type Severity,
  type Trace,
} from '@wrightonic/core';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card';
import { Notice } from '../../ui/Notice';
import { Heading } from '../../ui/Screen';
import { StitchSign } from '../../ui/seam/Stitches';

interface Props {
  seen: Findings;
  trial: Findings;
  before: Trace;
  after: Trace;
  onTrial: (trial: Findings) => void;
  onEnd: () => void;
}

const shownRoots = 5;
const points = (score: number | undefined): string => (score ?? 0).toFixed(1);

/** Findings set otherwise, and what the picture would be then; nothing of it is kept. */
export function WhatIf({ seen, trial, before, after, onTrial, onEnd }: Props) {
  const own = useColours();
  const present = Object.keys(seen).filter((id) => seen[id]! > 0 || id in trial);
  const offered = before.gains.map(({ id }) => id).filter((id) => !present.includes(id));
  const scoreIn = (result: Trace, id: string) => result.roots.find((root) => root.id === id)?.score;
  const ids = [...new Set([...before.roots, ...after.roots].map(({ id }) => id))]
    .sort(
      (a, b) =>
        Math.abs((scoreIn(after, b) ?? 0) - (scoreIn(before, b) ?? 0)) -
        Math.abs((scoreIn(after, a) ?? 0) - (scoreIn(before, a) ?? 0)),
    )
    .filter((id) => Math.abs((scoreIn(after, id) ?? 0) - (scoreIn(before, id) ?? 0)) >= 0.05)
    .slice(0, shownRoots);
  const set = (id: string, grade: Severity) => {
    const { [id]: _, ...rest } = trial;
    onTrial(seen[id] === grade ? rest : { ...rest, [id]: grade });
  };
  return (
    <>
      <Notice icon="tune-variant">
        <Text variant="labelLarge">A trial. Nothing of it is saved.</Text>
        <Text role="status">
          {`${points(before.total)} points as it was seen, ${points(after.total)} in the trial.`}
          {before.roots[0] && after.roots[0] && before.roots[0].id !== after.roots[0].id
            ? ` “${nodeName(after.roots[0].id)}” would lead instead of “${nodeName(before.roots[0].id)}”.`
            : ''}
        </Text>
        {ids.map((id) => (
          <Text key={id} variant="bodySmall">
            {`${nodeName(id)}: ${points(scoreIn(before, id))} becomes ${points(scoreIn(after, id))}`}
          </Text>
        ))}
        <Button mode="contained" onPress={onEnd} style={styles.start}>
          End the trial
        </Button>
      </Notice>
      <Card>
        <Heading level={3}>What if</Heading>
        {[...present, ...offered].map((id) => {
          const grade = trial[id] ?? seen[id];
          return (
            <View key={id} style={styles.line} role="group" aria-label={nodeName(id)}>
              <View style={styles.name}>
                <Text>{nodeName(id)}</Text>
                {id in trial ? (
                  <Text variant="bodySmall">
                    {seen[id] === undefined ? 'not looked at' : `seen ${severityNames[seen[id]!]}`}
                  </Text>
                ) : null}
              </View>
              {severities.map((severity) => {
                const chosen = grade === severity;
                return (
                  <Pressable
                    key={severity}
                    role="button"
                    aria-pressed={chosen}
                    aria-label={`What if ${nodeName(id)} were ${severityNames[severity]}`}
                    onPress={() => set(id, severity)}
                    style={[
                      styles.grade,
                      {
                        borderColor: chosen ? own.dusk : own.line,
                        backgroundColor: chosen ? own.dusk : own.surface,
                      },
                    ]}
                  >
                    <StitchSign
                      grade={severity}
                      size={4}
                      ink={chosen ? own.onDusk : severity ? own.clay : own.ink}
                    />
                  </Pressable>
                );
              })}
            </View>
          );
        })}
      </Card>
    </>
  );
}

const styles = StyleSheet.create({
  start: { alignSelf: 'flex-start' },
  line: { flexDirection: 'row', alignItems: 'center', gap: 4 },
  name: { flex: 1 },
  grade: {
    width: 44,
    height: 44,
    borderWidth: 2,
    borderRadius: 8,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
