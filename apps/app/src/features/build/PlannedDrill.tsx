import { useSortable } from '@dnd-kit/sortable';
import type { BuildPage, PlanDrill } from '@wrightonic/contract';
import { doseWords, gateWords, liveCue, parseDose } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useColours } from '../../theme/theme';
import { DrillOnTap } from '../../ui/body/DrillOnTap';
import { Icon } from '../../ui/Icon/Icon';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { LevelPick } from '../../ui/form/LevelPick';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { ConstraintOrder } from './ConstraintOrder';
import { DragHandle } from '../../ui/drag/DragHandle';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  page: BuildPage;
  planId: string;
  planned: PlanDrill;
}

/** A drill of the plan with its dose and how far it is learned; opened, it is swapped, locked, taken out or read. */
export function PlannedDrill({ page, planId, planned }: Props) {
  const { id: athleteId, throws: hand, discipline } = page.athlete;
  const own = useColours();
  const book = useBook();
  const [open, setOpen] = useState(false);
  const [swap, swapping] = lazyEndpoints.useSwapDrillMutation();
  const [place, placing] = lazyEndpoints.usePlaceDrillMutation();
  const sortable = useSortable({ id: planned.id });
  const drill = book.drill(planned.drill);
  if (!drill) return <Text>{planned.drill}</Text>;
  const { transform, isDragging, setNodeRef } = sortable;
  const { locked } = planned;
  const neighbours = [
    { word: texts.easier, icon: 'arrow-down', to: drill.easier && book.drill(drill.easier) },
    { word: texts.harder, icon: 'arrow-up', to: drill.harder && book.drill(drill.harder) },
  ];
  const change = (more: { locked: boolean; removed: boolean }) =>
    void place({ athleteId, planId, drillId: planned.id, body: { id: v7(), ...more } });
  const error = swapping.error ?? placing.error;
  return (
    <View
      ref={setNodeRef as never}
      style={[
        styles.drill,
        { borderColor: own.line, backgroundColor: own.ground },
        transform ? { transform: [{ translateY: transform.y }] } : null,
        isDragging ? [styles.lifted, { borderColor: own.dusk }] : null,
      ]}
    >
      <View style={styles.row}>
        <DragHandle name={drill.name} draggable={sortable} />
        <PressableCard
          style={styles.head}
          aria-expanded={open}
          accessibilityLabel={`${drill.name}${locked ? texts.locked : ''}`}
          onPress={() => setOpen(!open)}
        >
          <Text variant="labelLarge">{drill.name}</Text>
          <Text variant="bodySmall">{doseWords(parseDose(planned.dose))}</Text>
          {planned.gate.n ? <Text variant="bodySmall">{gateWords(planned.gate, planned.pain)}</Text> : null}
          {planned.level ? <Text variant="bodySmall">{texts.level(planned.level)}</Text> : null}
        </PressableCard>
        {locked ? <Icon name="lock" size={18} colour={own.dusk} /> : null}
      </View>
      {open ? (
        <View style={styles.panel}>
          <DrillOnTap
            drill={book.figure(drill.id)}
            name={drill.name}
            hand={hand}
            discipline={discipline}
            width={220}
            height={140}
          />
          <Text>{`“${liveCue(drill.id, page.cues)?.text ?? drill.cue}”`}</Text>
          {planned.level ? <LevelPick page={page} drill={drill} /> : null}
          {drill.caution ? <Text variant="bodySmall">{texts.care(drill.caution)}</Text> : null}
          <ConstraintOrder page={page} drill={drill.id} />
          <View style={styles.wrap}>
            <Button mode="text" compact onPress={() => router.navigate(`/drills/${drill.id}`)}>
              {texts.openDrillPage}
            </Button>
            <Button
              mode="text"
              compact
              icon={locked ? 'lock-open-outline' : 'lock'}
              accessibilityLabel={`${locked ? texts.unlock : texts.lock} ${drill.name}`}
              onPress={() => change({ locked: !locked, removed: false })}
            >
              {locked ? texts.unlock : texts.lock}
            </Button>
            {locked ? null : (
              <Button
                mode="text"
                compact
                icon="close"
                accessibilityLabel={texts.removeFromTheLadder(drill.name)}
                onPress={() => change({ locked: false, removed: true })}
              >
                {texts.remove}
              </Button>
            )}
            {neighbours.map(({ word, icon, to }) =>
              to && !locked ? (
                <Button
                  key={word}
                  mode="text"
                  compact
                  icon={icon}
                  loading={swapping.isLoading}
                  accessibilityLabel={texts.swapForThe(drill.name, word.toLowerCase(), to.name)}
                  onPress={() =>
                    void swap({
                      athleteId,
                      planId,
                      drillId: planned.id,
                      body: { id: v7(), drill: to.id, dose: to.dose },
                    })
                  }
                >
                  {`${word}: ${to.name}`}
                </Button>
              ) : null,
            )}
          </View>
        </View>
      ) : null}
      {error ? <ErrorNotice error={error} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  drill: { borderWidth: 1, borderRadius: 8, gap: 2 },
  lifted: { zIndex: 10, opacity: 0.95 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 4, paddingRight: 10 },
  head: {
    flex: 1,
    minWidth: 0,
    borderWidth: 0,
    paddingHorizontal: 4,
    paddingVertical: 8,
    backgroundColor: 'transparent',
  },
  panel: { paddingHorizontal: 10, paddingBottom: 8, gap: 4 },
  figure: { alignItems: 'center' },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', marginLeft: -8 },
});
