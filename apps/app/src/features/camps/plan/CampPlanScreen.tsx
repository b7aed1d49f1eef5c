import type { CampRecord } from '@wrightonic/contract';
import { campProblems } from '@wrightonic/core';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { Heading } from '../../../ui/Screen/Screen';
import { useWide } from '../../../ui/hooks/useWide';
import { Problems } from '../Problems';
import { useCamp } from '../useCamp';
import { Paper } from './Paper';
import { PlanGrid } from './PlanGrid';
import { PlanSummary } from './PlanSummary';
import { usePlanChanging, usePlanning } from './usePlanning';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** The plan of a camp: made, judged, changed by hand, taken back. */
export function CampPlanScreen() {
  const { camp } = useCamp();
  return camp ? <Plan camp={camp} key={camp.id} /> : null;
}

function Plan({ camp }: { camp: CampRecord }) {
  const { zone } = useMe().academy;
  const wide = useWide();
  const planner = usePlanning(camp);
  const changing = usePlanChanging();
  const problems = useMemo(
    () => campProblems(camp.setup, camp.members, zone),
    [camp.setup, camp.members, zone],
  );
  const stops = problems.filter((each) => each.stops);
  const { plan } = camp;
  const stale = plan !== null && plan.setupId !== camp.setupId;
  return (
    <Pane maxWidth={wide ? 1400 : 760}>
      <Problems camp={camp} problems={stops.length ? stops : problems} />
      {planner.error ? <ErrorNotice error={planner.error} /> : null}
      {stale ? <Text>{texts.theSetupChangedAfter}</Text> : null}
      <View style={styles.row}>
        {planner.busy ? (
          <>
            <Text role="status" style={styles.grow}>
              {planner.progress}
            </Text>
            <Button mode="outlined" onPress={planner.stop}>
              {texts.stopTakeTheBest}
            </Button>
          </>
        ) : (
          <>
            <Button
              mode="contained"
              disabled={stops.length > 0 || changing}
              contentStyle={styles.tall}
              onPress={() => void planner.plan({ anew: plan === null })}
            >
              {plan ? texts.planAgainMoveFew : texts.planTheCamp}
            </Button>
            {plan ? (
              <Button mode="outlined" disabled={changing} onPress={() => void planner.plan({ anew: true })}>
                {texts.planFromScratch}
              </Button>
            ) : null}
            <Undo camp={camp} />
          </>
        )}
      </View>
      {plan ? (
        <>
          <PlanSummary camp={camp} plan={plan} />
          <PlanGrid camp={camp} plan={plan} />
          <Paper camp={camp} />
        </>
      ) : (
        <Card>
          <Heading>{texts.noPlanYet}</Heading>
          <Text>{texts.everyoneGetsTheStations}</Text>
        </Card>
      )}
    </Pane>
  );
}

/** Takes the last change of the plan back. */
function Undo({ camp }: { camp: CampRecord }) {
  const [restore, { isLoading, error }] = lazyEndpoints.useRestoreCampPlanMutation();
  const changing = usePlanChanging();
  const [last] = camp.earlier;
  if (!last || !camp.plan) return null;
  return (
    <>
      <Button
        mode="text"
        icon="undo"
        loading={isLoading}
        disabled={changing}
        onPress={() => void restore({ campId: camp.id, id: v7(), of: last.id, before: camp.plan!.id })}
      >
        {texts.undo(camp.plan.why)}
      </Button>
      {error ? <ErrorNotice error={error} /> : null}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  grow: { flex: 1 },
  tall: { minHeight: 48 },
});
