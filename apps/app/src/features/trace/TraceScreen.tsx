import { listed, lookFirst, nodeName } from '@wrightonic/core';
import { router } from 'expo-router';
import { useAthlete } from '../../store/useAthlete';
import { Empty, NotRead } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Traced } from './Traced';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** From what was seen to what causes it. */
export function TraceScreen() {
  const { id, page, error: unread, again } = useAthlete('trace');
  if (!page) return <NotRead error={unread} again={again} />;
  const look = page.looks.filter(({ finished }) => finished).at(-1);
  if (!look)
    return (
      <Pane>
        <Empty
          action={
            <Button mode="contained" onPress={() => router.replace(`/athletes/${id}/look`)}>
              {page.looks.length ? texts.finishTheLook : texts.takeTheFirstLook}
            </Button>
          }
        >
          {texts.aTraceStartsFrom(listed(lookFirst(page.athlete.discipline).map(nodeName)))}
        </Empty>
      </Pane>
    );
  return <Traced key={look.id} page={page} look={look} />;
}
