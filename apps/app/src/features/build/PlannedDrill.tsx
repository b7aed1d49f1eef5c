import type { PlanDrill } from '@wrightonic/contract';
import { doseWords, drillOf, gateWords, parseDose } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { api } from '../../store/api';
import { useColours } from '../../theme/theme';
import { Trouble } from '../../ui/Notice';

interface Props {
  athleteId: string;
  planId: string;
  planned: PlanDrill;
}

/** A drill of the plan with its dose, how far it is learned, and its neighbours to swap for. */
export function PlannedDrill({ athleteId, planId, planned }: Props) {
  const own = useColours();
  const [swap, { isLoading, error }] = api.useSwapDrillMutation();
  const drill = drillOf(planned.drill);
  if (!drill) return <Text>{planned.drill}</Text>;
  const neighbours = [
    { word: 'Easier', icon: 'arrow-down', to: drill.easier && drillOf(drill.easier) },
    { word: 'Harder', icon: 'arrow-up', to: drill.harder && drillOf(drill.harder) },
  ];
  return (
    <View style={[styles.drill, { borderColor: own.line, backgroundColor: own.ground }]}>
      <Text variant="labelLarge">{drill.name}</Text>
      <Text>{doseWords(parseDose(planned.dose))}</Text>
      <Text variant="bodySmall">{`“${drill.cue}”`}</Text>
      {planned.gate.n ? (
        <Text variant="bodySmall">{gateWords(planned.gate, planned.recent.at(-1)?.pain ?? false)}</Text>
      ) : null}
      {drill.caution ? <Text variant="bodySmall">{`Care: ${drill.caution}`}</Text> : null}
      {error ? <Trouble error={error} /> : null}
      <View style={styles.row}>
        {neighbours.map(({ word, icon, to }) =>
          to ? (
            <Button
              key={word}
              mode="text"
              compact
              icon={icon}
              loading={isLoading}
              accessibilityLabel={`Swap ${drill.name} for the ${word.toLowerCase()} ${to.name}`}
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
  );
}

const styles = StyleSheet.create({
  drill: { borderWidth: 1, borderRadius: 8, padding: 10, gap: 2 },
  row: { flexDirection: 'row', flexWrap: 'wrap', marginLeft: -8 },
});
