import type { BuildPage, PlanThread } from '@wrightonic/contract';
import { doseWords, parseDose, type Stage } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { addable } from './planDrills';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  page: BuildPage;
  planId: string;
  thread: PlanThread;
  stage: Stage;
  onDone: () => void;
}

/** Drills of a stage that are not in the ladder yet; what may not be given says why. */
export function AddDrill({ page, planId, thread, stage, onDone }: Props) {
  const [add, { error }] = lazyEndpoints.useAddDrillMutation();
  const drills = addable(page, thread, stage, useBook());
  return (
    <View style={styles.list}>
      {error ? <ErrorNotice error={error} /> : null}
      {drills.length === 0 ? <Text>{texts.everyDrill}</Text> : null}
      {drills.map(({ drill, serves, why }) => (
        <PressableCard
          key={drill.id}
          disabled={why !== null}
          onPress={() =>
            void add({
              athleteId: page.athlete.id,
              planId,
              body: { id: v7(), thread: thread.thread, stage, drill: drill.id, dose: drill.dose },
            }).then((answer) => ('data' in answer ? onDone() : undefined))
          }
        >
          <Text variant="labelLarge">{drill.name}</Text>
          <Text variant="bodySmall">
            {why ?? `${doseWords(parseDose(drill.dose))}${serves ? texts.worksOnThisFocus : ''}`}
          </Text>
        </PressableCard>
      ))}
      <Button mode="text" compact onPress={onDone} style={styles.start}>
        {texts.cancel}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 6 }, start: { alignSelf: 'flex-start' } });
