import type { CampMemberRecord, CampRecord } from '@wrightonic/contract';
import { heatNote, isThere } from '@wrightonic/core';
import { router } from 'expo-router';
import { memo, useCallback, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../../offline/log';
import { useAppDispatch } from '../../../store/store';
import { Card } from '../../../ui/Card/Card';
import { ErrorNotice, Notice } from '../../../ui/Notice/Notice';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { Pane } from '../../../ui/Screen/Pane';
import { Heading } from '../../../ui/Screen/Screen';
import { blockWords } from '../../../ui/words/campWords';
import { dayWords } from '../../../ui/words/days';
import { changeOf, usePlanning } from '../plan/usePlanning';
import { awaitedIn, calledIn, stateOn, stationsIn, useCamp, useCampClock, type CampClock } from '../useCamp';
import { Happened } from './Happened';
import { Moves } from './Moves';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** The camp as it runs: what is on, who is here, and whatever happens. */
export function CampDayScreen() {
  const { camp, stored } = useCamp();
  return camp && stored ? <Day camp={camp} stored={stored} key={camp.id} /> : null;
}

function Day({ camp, stored }: { camp: CampRecord; stored: CampRecord }) {
  const clock = useCampClock(camp.setup.blocks);
  const { today } = clock;
  const running = camp.setup.firstDay <= today && today <= camp.setup.lastDay;
  if (!running)
    return (
      <Pane>
        <Notice icon="calendar-plus">
          {today < camp.setup.firstDay
            ? texts.theCampBegins(dayWords(camp.setup.firstDay, today))
            : texts.theCampIsOver}
        </Notice>
        {camp.plan ? (
          <Button mode="outlined" onPress={() => router.navigate(`/camps/${camp.id}/board`)}>
            {texts.openTheBoard}
          </Button>
        ) : null}
      </Pane>
    );
  return (
    <Pane>
      <Now camp={stored} clock={clock} />
      <Roll camp={camp} clock={clock} />
      <Happened camp={camp} clock={clock} />
      <Moves camp={stored} />
      <Text variant="bodySmall">{heatNote}</Text>
    </Pane>
  );
}

/** What runs, what comes next, and the stations to log at. */
const Now = memo(function Now({ camp, clock }: { camp: CampRecord; clock: CampClock }) {
  const { now, next, left, lastSlot, nextSlot, today } = clock;
  const shown = now?.kind === 'slot' ? now : nextSlot?.day === today ? nextSlot : lastSlot;
  const there = useMemo(() => (shown && camp.plan ? stationsIn(camp, shown.id) : null), [camp, shown]);
  return (
    <Card>
      <Text variant="headlineSmall" role="status">
        {now
          ? texts.minLeft(blockWords[now.kind], left)
          : next
            ? texts.nothingOnNextAt(next.start)
            : texts.doneForToday}
      </Text>
      {next ? <Text>{texts.nextAt(next.start, blockWords[next.kind].toLowerCase())}</Text> : null}
      {now?.kind === 'break' ? <Text>{texts.waterAndShade}</Text> : null}
      <View style={styles.row}>
        <Button mode="contained" onPress={() => router.navigate(`/camps/${camp.id}/day/check-in`)}>
          {texts.checkIn}
        </Button>
        <Button mode="outlined" onPress={() => router.navigate(`/camps/${camp.id}/board`)}>
          {texts.board2}
        </Button>
      </View>
      {there && shown ? (
        <>
          <Text variant="labelLarge">{texts.logAtAStation(shown.start)}</Text>
          {camp.setup.stations
            .filter(({ id }) => there.get(id)!.length)
            .map(({ id, name }) => (
              <PressableCard
                key={id}
                onPress={() => router.navigate(`/camps/${camp.id}/day/station?at=${id}&slot=${shown.id}`)}
              >
                <Text>{`${name} · ${there.get(id)!.length}`}</Text>
              </PressableCard>
            ))}
        </>
      ) : null}
    </Card>
  );
});

const fewMissing = 6;

/** Who is not here yet; a no-show is one tap, and planning the rest without them is another. */
function Roll({ camp, clock }: { camp: CampRecord; clock: CampClock }) {
  const dispatch = useAppDispatch();
  const called = calledIn(camp, true);
  const planner = usePlanning(camp);
  const [all, setAll] = useState(false);
  const { today, nextSlot } = clock;
  const states = new Map(camp.members.map((member) => [member.id, stateOn(member, today)?.state]));
  const { lastSlot } = clock;
  // By now: in the next slot, or in one that has begun today.
  const by = nextSlot?.day === today ? nextSlot : lastSlot;
  const awaited = useMemo(() => (by ? awaitedIn(camp, by.id) : new Set<string>()), [camp, by]);
  const count = (state: string | undefined) => [...states.values()].filter((each) => each === state).length;
  const open = camp.members.filter(({ id }) => !states.get(id) && awaited.has(id));
  // Of whom it was said, and who is planned in all the same.
  const gone = camp.members.filter(({ id }) => {
    const state = states.get(id);
    return (state === 'absent' || state === 'left') && awaited.has(id);
  });
  const say = useCallback(
    (member: CampMemberRecord, state: 'present' | 'absent') =>
      void dispatch(
        log(member.id, 'camp-checked-in', {
          campId: camp.id,
          athleteId: member.id,
          date: today,
          state,
          restriction: stateOn(member, today)?.restriction ?? '',
          pickedUpBy: '',
        }),
      ),
    [dispatch, camp.id, today],
  );
  return (
    <Card>
      <Heading>{texts.whoIsHere}</Heading>
      <Text role="status">
        {texts.hereNotHerePicked(
          count('present') + count('late'),
          count('absent'),
          count('left'),
          open.length,
        )}
      </Text>
      <Adults camp={camp} clock={clock} here={count('present') + count('late')} />
      {gone.map((member) => (
        <View key={member.id} style={styles.line}>
          <Text
            style={styles.grow}
          >{`${called(member.id)} ${states.get(member.id) === 'left' ? texts.wasPickedUp : texts.isNotHere}`}</Text>
          {nextSlot?.day === today && camp.plan ? (
            <Button
              mode="contained"
              loading={planner.busy}
              disabled={planner.busy}
              onPress={() =>
                void planner.plan({
                  change: changeOf(
                    states.get(member.id) === 'left' ? 'left' : 'away',
                    member.id,
                    nextSlot.id,
                  ),
                })
              }
            >
              {texts.planWithout(member.givenName)}
            </Button>
          ) : null}
        </View>
      ))}
      {planner.error ? <ErrorNotice error={planner.error} /> : null}
      {(all ? open : open.slice(0, fewMissing)).map((member) => (
        <Awaited key={member.id} member={member} name={called(member.id)} onSay={say} />
      ))}
      {open.length > fewMissing && !all ? (
        <Button onPress={() => setAll(true)}>{texts.andMore(open.length - fewMissing)}</Button>
      ) : null}
    </Card>
  );
}

interface AwaitedProps {
  member: CampMemberRecord;
  name: string;
  onSay: (member: CampMemberRecord, state: 'present' | 'absent') => void;
}

/** Somebody of whom nobody has said yet whether they are here. */
const Awaited = memo(function Awaited({ member, name, onSay }: AwaitedProps) {
  return (
    <View style={styles.line}>
      <Text style={styles.grow}>{name}</Text>
      <Button
        mode="outlined"
        compact
        accessibilityLabel={texts.isHere(name)}
        onPress={() => onSay(member, 'present')}
      >
        {texts.here}
      </Button>
      <Button
        mode="outlined"
        compact
        accessibilityLabel={texts.isNotHere2(name)}
        onPress={() => onSay(member, 'absent')}
      >
        {texts.notHere}
      </Button>
    </View>
  );
});

/** Adults for the athletes who are here. */
function Adults({ camp, clock, here }: { camp: CampRecord; clock: CampClock; here: number }) {
  const { staff, athletesPerAdult } = camp.setup;
  const block = clock.now ?? clock.next;
  if (staff.length === 0 || !block) return null;
  const away = new Set(camp.changes.filter(({ kind }) => kind === 'sick').map(({ subject }) => subject));
  const adults = staff.filter((each) => isThere(each, block) && !away.has(each.id)).length;
  if (here <= adults * athletesPerAdult) return null;
  return <Notice>{texts.adultForAthletesYou(adults, here, athletesPerAdult)}</Notice>;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  line: { flexDirection: 'row', alignItems: 'center', gap: 6 },
  grow: { flex: 1, minWidth: 0 },
});
