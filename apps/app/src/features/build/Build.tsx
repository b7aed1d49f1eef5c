import { router } from 'expo-router';
import { useAthlete } from '../../store/useAthlete';
import { Empty, NotRead } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { NewPlan } from './NewPlan';
import { Plan } from './Plan';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** From the focus to a ladder of drills, and to the coming week. */
export function Build() {
  const { id, page, error: unread, again } = useAthlete('build');
  if (!page) return <NotRead error={unread} again={again} />;
  const { trace, plan } = page;
  if (!trace)
    return (
      <Pane>
        <Empty
          action={
            <Button mode="contained" onPress={() => router.replace(`/athletes/${id}/trace`)}>
              {texts.goToTrace}
            </Button>
          }
        >
          {texts.aPlanNeeds}
        </Empty>
      </Pane>
    );
  return plan?.traceId === trace.id ? (
    <Plan key={plan.id} page={page} plan={plan} />
  ) : (
    <NewPlan athlete={page.athlete} trace={trace} earlier={plan} />
  );
}
