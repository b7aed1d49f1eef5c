import type { BuildPage, PlanThread } from '@wrightonic/contract';
import { nodeName, stages } from '@wrightonic/core';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { MoveStage } from '../../ui/MoveStage/MoveStage';
import { Notice } from '../../ui/Notice/Notice';
import { threadNames } from '../../ui/words/threadWords';
import { MissingThings } from './MissingThings';
import { Rung } from './Rung';

interface Props {
  page: BuildPage;
  planId: string;
  thread: PlanThread;
}

/** One thread from its first feel to the game, the present rung open. */
export function Ladder({ page, planId, thread }: Props) {
  const own = useColours();
  const colour = thread.thread === 'lower' ? own.grass : own.clay;
  const there = thread.stages.map(({ stage }) => stage);
  const missing = stages.filter((stage) => !there.includes(stage));
  return (
    <View role="group" aria-label={`Ladder of the ${threadNames[thread.thread].toLowerCase()}`}>
      <Card edge={colour}>
        <Text variant="labelMedium">
          {`${threadNames[thread.thread]} · ${Math.round(thread.share * 100)} % of the picture`}
        </Text>
        <Text variant="headlineSmall" role="heading" aria-level={2}>
          {nodeName(thread.focus)}
        </Text>
        <MoveStage athleteId={page.athlete.id} planId={planId} thread={thread} />
        {thread.limitedBy.map((words) => (
          <Text key={words} variant="bodySmall">
            {words}
          </Text>
        ))}
        <MissingThings page={page} planId={planId} thread={thread} />
        {thread.reachesDelivery ? null : (
          <Notice>This ladder does not reach the delivery: it needs blend and deliver.</Notice>
        )}
        {thread.jumps.map((words) => (
          <Notice key={words}>{words}</Notice>
        ))}
        {thread.stages.map((rung) => (
          <Rung key={rung.stage} page={page} planId={planId} thread={thread} rung={rung} colour={colour} />
        ))}
        {missing.map((stage) => (
          <Rung
            key={stage}
            page={page}
            planId={planId}
            thread={thread}
            rung={{ stage, drills: [] }}
            colour={own.line}
          />
        ))}
      </Card>
    </View>
  );
}
