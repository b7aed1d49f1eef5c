import {
  listed,
  nodeName,
  phaseView,
  severityNames,
  type Discipline,
  type Findings,
  type Trace,
} from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { StitchSign } from '../../ui/seam/Stitches';
import { phaseNames } from '../../ui/seam/words';
import { texts } from './texts';

interface Props {
  discipline: Discipline;
  findings: Findings;
  result: Trace;
  onChoose: (id: string) => void;
}

/** The delivery in order, for those who fix in order; the first broken phase is marked. */
export function PhaseList({ discipline, findings, result, onChoose }: Props) {
  const own = useColours();
  const { phases, first, unsure } = phaseView(discipline, findings, [
    ...result.leaveAlone,
    ...result.tactical,
  ]);
  return (
    <View style={styles.root}>
      {phases.map(({ phase, checkpoints, looked, found }) => (
        <View
          key={phase}
          role="group"
          aria-label={`${phaseNames[phase]}${phase === first ? texts.firstBrokenPhase : ''}`}
          style={[
            styles.phase,
            {
              backgroundColor: own.surface,
              borderColor: phase === first ? own.amber : own.line,
              borderLeftWidth: phase === first ? 8 : 1,
            },
          ]}
        >
          <View style={styles.row}>
            <Text variant="titleMedium" style={styles.grow}>
              {phaseNames[phase]}
            </Text>
            {phase === first ? <Text variant="labelLarge">{texts.firstBrokenPhase2}</Text> : null}
            <Text variant="bodySmall">{texts.ofLookedAt(looked, checkpoints)}</Text>
          </View>
          {found.map(({ id, grade }) => {
            const root = result.roots.find((each) => each.id === id);
            return (
              <PressableCard key={id} onPress={() => onChoose(id)} style={styles.found}>
                <StitchSign grade={grade} size={4} ink={own.clay} />
                <Text style={styles.grow}>{`${nodeName(id)}, ${severityNames[grade]}`}</Text>
                <Text variant="labelMedium">{`${Math.round(100 * (root?.share ?? 0))} %`}</Text>
              </PressableCard>
            );
          })}
          {found.length === 0 ? (
            <Text variant="bodySmall">{looked === 0 ? texts.nobodyLookedHere : texts.cleanWhereItWas}</Text>
          ) : null}
        </View>
      ))}
      {unsure.length ? (
        <Text variant="bodySmall">
          {texts.beforeItNotEverything(listed(unsure.map((phase) => phaseNames[phase]!.toLowerCase())))}
        </Text>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  phase: { borderWidth: 1, borderRadius: 8, padding: 10, gap: 4 },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: 8 },
  grow: { flex: 1 },
  found: { flexDirection: 'row', alignItems: 'center', gap: 8, paddingVertical: 4 },
});
