import type { PlanThread } from '@wrightonic/contract';
import { nodeName } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card';
import { MoveStage } from '../../ui/MoveStage';
import { Notice } from '../../ui/Notice';
import { stageWords } from '../../ui/stageWords';
import { threadNames } from '../../ui/threadWords';
import { PlannedDrill } from './PlannedDrill';

interface Props {
  athleteId: string;
  planId: string;
  thread: PlanThread;
}

/** One thread from its first feel to the game, the present rung marked. */
export function Ladder({ athleteId, planId, thread }: Props) {
  const own = useColours();
  const colour = thread.thread === 'lower' ? own.grass : own.clay;
  return (
    <Card edge={colour}>
      <Text variant="labelMedium">
        {`${threadNames[thread.thread]} · ${Math.round(thread.share * 100)} % of the picture`}
      </Text>
      <Text variant="headlineSmall" role="heading" aria-level={2}>
        {nodeName(thread.focus)}
      </Text>
      <MoveStage athleteId={athleteId} planId={planId} thread={thread} />
      {thread.held.map((words) => (
        <Text key={words} variant="bodySmall">
          {words}
        </Text>
      ))}
      {thread.reachesDelivery ? null : <Notice>This ladder does not reach the delivery.</Notice>}
      {thread.stages.map(({ stage, drills }) => {
        const now = stage === thread.stage;
        return (
          <View key={stage} style={styles.rung}>
            <View style={[styles.rail, { borderColor: own.line }]}>
              <View
                style={[styles.knot, { borderColor: colour, backgroundColor: now ? colour : own.surface }]}
              />
            </View>
            <View style={styles.drills}>
              <View style={styles.stage}>
                <Text variant="titleLarge" role="heading" aria-level={3} style={styles.name}>
                  {stage}
                </Text>
                <Text variant="bodySmall" style={styles.grow}>
                  {stageWords[stage]}
                </Text>
                {now ? (
                  <Text variant="labelMedium" style={[styles.now, { backgroundColor: own.amberSunk }]}>
                    Now
                  </Text>
                ) : null}
              </View>
              {drills.map((drill) => (
                <PlannedDrill key={drill.id} athleteId={athleteId} planId={planId} planned={drill} />
              ))}
            </View>
          </View>
        );
      })}
    </Card>
  );
}

const styles = StyleSheet.create({
  rung: { flexDirection: 'row', gap: 10 },
  rail: { width: 14, alignItems: 'center', borderLeftWidth: 2, marginLeft: 8 },
  knot: { width: 16, height: 16, borderRadius: 8, borderWidth: 3, marginLeft: -17, marginTop: 5 },
  drills: { flex: 1, minWidth: 0, gap: 8, paddingBottom: 12 },
  stage: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  name: { textTransform: 'capitalize' },
  grow: { flex: 1 },
  now: { paddingHorizontal: 10, paddingVertical: 2, borderRadius: 4, overflow: 'hidden' },
});
