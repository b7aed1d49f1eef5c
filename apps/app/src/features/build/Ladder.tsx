import type { BuildPage, PlanThread } from '@wrightonic/contract';
import { nodeName, stages } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { MoveStage } from '../../ui/MoveStage/MoveStage';
import { Notice } from '../../ui/Notice/Notice';
import { threadNames } from '../../ui/words/threadWords';
import { MissingThings } from './MissingThings';
import { Rung } from './Rung';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  page: BuildPage;
  planId: string;
  thread: PlanThread;
}

/** One thread from its first feel to the game, folded to the rung that is on. */
export function Ladder({ page, planId, thread }: Props) {
  const own = useColours();
  const colour = thread.thread === 'lower' ? own.grass : own.clay;
  const there = thread.stages.map(({ stage }) => stage);
  const [all, setAll] = useState(false);
  const rungs = [
    ...thread.stages.map((rung) => ({ rung, colour })),
    ...stages
      .filter((stage) => !there.includes(stage))
      .map((stage) => ({ rung: { stage, drills: [] }, colour: own.line })),
  ];
  const shown = all ? rungs : rungs.filter(({ rung }) => rung.stage === thread.stage);
  return (
    <View role="group" aria-label={texts.ladderOfThe(threadNames[thread.thread].toLowerCase())}>
      <Card edge={colour}>
        <Text variant="labelMedium">
          {texts.ofWhatYouMarked(threadNames[thread.thread], Math.round(thread.share * 100))}
        </Text>
        <Text variant="headlineSmall" role="heading" aria-level={2}>
          {nodeName(thread.focus)}
        </Text>
        <MissingThings page={page} planId={planId} thread={thread} />
        <MoveStage athleteId={page.athlete.id} planId={planId} thread={thread} />
        {thread.limitedBy.map((words) => (
          <Text key={words} variant="bodySmall">
            {words}
          </Text>
        ))}
        {thread.reachesDelivery ? null : <Notice>{texts.thisLadderStopsBefore}</Notice>}
        {thread.jumps.map((words) => (
          <Notice key={words}>{words}</Notice>
        ))}
        {shown.map(({ rung, colour: ink }) => (
          <Rung key={rung.stage} page={page} planId={planId} thread={thread} rung={rung} colour={ink} />
        ))}
        <Button
          mode="text"
          compact
          icon={all ? 'chevron-up' : 'chevron-down'}
          style={styles.start}
          aria-expanded={all}
          accessibilityLabel={texts.of(
            all ? texts.showOnlyTheCurrent : texts.showAllStages(rungs.length),
            nodeName(thread.focus),
          )}
          onPress={() => setAll(!all)}
        >
          {all ? texts.showOnlyTheCurrent : texts.showAllStages(rungs.length)}
        </Button>
      </Card>
    </View>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
