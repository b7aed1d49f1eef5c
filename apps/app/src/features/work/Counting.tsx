import type { WorkPage } from '@wrightonic/contract';
import { allowedWith, type Pain, lastTap } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { now } from '../../offline/clock';
import { useMe } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { dayAt, withDays } from '../../ui/words/days';
import { Empty, Notice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { LockNotice } from '../../ui/Notice/LockNotice';
import { useBook } from '../../ui/hooks/useBook';
import { DrillPick } from './DrillPick';
import { OneDrill } from './OneDrill';
import { drillsToday, openingsOf, withWorked } from './session';
import type { Session } from './useSession';
import { WorkTop } from './WorkTop';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { IconButton } from '../../ui/Button/IconButton';

interface Props {
  page: WorkPage;
  session: Session;
  pain: Pain;
  onLeave: () => void;
  onEnd: () => void;
}

/** The drills of today one by one, as far as pain, age and injuries leave them open. */
export function Counting({ page, session, pain, onLeave, onEnd }: Props) {
  const own = useColours();
  const { academy } = useMe();
  const book = useBook();
  const { events } = session;
  /** Added by hand; nothing of them is logged yet. */
  const [added, setAdded] = useState<string[]>([]);
  const date = dayAt(now(), academy.zone);
  const today = drillsToday(page, date);
  const { open, closed } = allowedWith(pain, withWorked(today, events, added, book), openingsOf(page, book));
  const [chosen, setChosen] = useState(() => {
    const last = lastTap(events)[0];
    return last && 'drill' in last ? last.drill : null;
  });
  const [picking, setPicking] = useState(false);
  const at = Math.max(
    0,
    open.findIndex(({ drill }) => drill === chosen),
  );
  const planned = open[at];
  const drill = planned && book.drill(planned.drill);
  const go = (to: number) => setChosen(open[to]?.drill ?? null);
  const why = [...new Set(closed.map((each) => each.why))].join('; ');
  const shut = (
    <>
      <LockNotice athlete={page.athlete} pain={page.pain} />
      {why ? <Notice alert={!drill}>{texts.drillIsClosed(closed.length, withDays(why, date))}</Notice> : null}
      {pain.level === 'pain' ? <Notice alert>{texts.painStopsTheSession}</Notice> : null}
    </>
  );
  const last = at >= open.length - 1;
  return (
    <View style={[styles.root, { backgroundColor: own.ground }]}>
      <WorkTop athleteId={page.athlete.id} name={page.athlete.givenName} onLeave={onLeave} onEnd={onEnd} />
      {planned && drill ? (
        <OneDrill
          page={page}
          session={session}
          planned={planned}
          drill={drill}
          place={texts.of2(at + 1, open.length)}
          before={
            <IconButton
              icon="chevron-left"
              accessibilityLabel={texts.previousDrill}
              disabled={at === 0}
              onPress={() => go(at - 1)}
            />
          }
          after={
            <IconButton
              icon={last ? 'plus' : 'chevron-right'}
              accessibilityLabel={last ? texts.oneMoreDrill : texts.nextDrill}
              onPress={() => (last ? setPicking(true) : go(at + 1))}
            />
          }
          shut={shut}
          onNext={last ? null : () => go(at + 1)}
        />
      ) : (
        <Pane>
          {shut}
          <Empty
            action={
              <Button mode="outlined" icon="plus" onPress={() => setPicking(true)}>
                {texts.oneMoreDrill}
              </Button>
            }
          >
            {texts.noDrillIsLeft}
          </Empty>
          {closed.map((each) => (
            <Text key={each.drill.id} variant="bodySmall">{`${each.drill.name}: ${each.why}`}</Text>
          ))}
        </Pane>
      )}
      {picking ? (
        <DrillPick
          page={page}
          here={open.map((each) => each.drill)}
          onPick={(id) => {
            setAdded([...added, id]);
            setChosen(id);
          }}
          onClose={() => setPicking(false)}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({ root: { flex: 1, minHeight: 0 } });
