import {
  movedRoots,
  nodeName,
  severities,
  severityNames,
  type Findings,
  type Severity,
  type Trace,
} from '@wrightonic/core';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { Notice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { StitchSign } from '../../ui/seam/Stitches';
import { texts } from './texts';

const shownRoots = 5;
interface EffectProps {
  before: Trace;
  after: Trace;
}

/** What a trial comes to; nothing of it is kept. */
export function TrialEffect({ before, after }: EffectProps) {
  const [was, is] = [before.roots[0]?.id, after.roots[0]?.id];
  return (
    <Notice icon="tune-variant">
      <Text variant="labelLarge">{texts.aTrialNothing}</Text>
      <Text role="status">
        {texts.pointsAsItWas(before.total.toFixed(1), after.total.toFixed(1))}
        {was && is && was !== is ? texts.wouldLeadInsteadOf(nodeName(is), nodeName(was)) : ''}
      </Text>
    </Notice>
  );
}

/** Whose share a trial changes most. */
export function TrialMoves({ before, after }: EffectProps) {
  const moved = movedRoots(before, after).slice(0, shownRoots);
  if (moved.length === 0) return null;
  return (
    <Card>
      <Heading>{texts.whatItWouldChange}</Heading>
      {moved.map((root) => (
        <Text key={root.id}>
          {texts.becomes(nodeName(root.id), root.before.toFixed(1), root.after.toFixed(1))}
        </Text>
      ))}
    </Card>
  );
}

interface Props {
  seen: Findings;
  trial: Findings;
  /** What nobody looked at and could matter. */
  gains: Trace['gains'];
  onTrial: (trial: Findings) => void;
}

/** Findings to be set otherwise, one tap each. */
export function WhatIf({ seen, trial, gains, onTrial }: Props) {
  const own = useColours();
  const present = Object.keys(seen).filter((id) => seen[id]! > 0 || id in trial);
  const offered = gains.map(({ id }) => id).filter((id) => !present.includes(id));
  const set = (id: string, grade: Severity) => {
    const { [id]: _, ...rest } = trial;
    onTrial(seen[id] === grade ? rest : { ...rest, [id]: grade });
  };
  return (
    <Card>
      <Heading>{texts.whatIf}</Heading>
      {[...present, ...offered].map((id) => {
        const grade = trial[id] ?? seen[id];
        return (
          <View key={id} style={styles.line} role="group" aria-label={nodeName(id)}>
            <View style={styles.name}>
              <Text>{nodeName(id)}</Text>
              {id in trial ? (
                <Text variant="bodySmall">
                  {seen[id] === undefined ? texts.notLookedAt2 : texts.seen(severityNames[seen[id]!])}
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
                  aria-label={texts.whatIfWere(nodeName(id), severityNames[severity])}
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
  );
}

const styles = StyleSheet.create({
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
