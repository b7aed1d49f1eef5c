import type { WorkPage, EventOf, RadarReading } from '@wrightonic/contract';
import {
  levelNow,
  liveCue,
  measuredMs,
  mostEasyEffort,
  parseDose,
  rungNow,
  sideNow,
  usualBall,
  type CalledSpot,
  type CueOwner,
  type MissSide,
  type RepSide,
  type SideNow,
  type SpotOrder,
} from '@wrightonic/core';
import { useMemo, useState } from 'react';
import { log } from '../../offline/log';
import { sessionEvents } from '../../offline/local';
import { now } from '../../offline/clock';
import { api } from '../../store/api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useMe } from '../../store/useAthlete';
import { dayAt } from '../../ui/words/days';
import { drillsToday, lastTap, openSessionId, repThatKeeps, sidesDone, unmeasured } from './session';
import { thrownIn } from './radar/ladder';
import { lastEffort } from './sets';
import { useBook } from '../../ui/hooks/useBook';

/** A reading of a radar line that becomes a throw. */
export interface Claimed extends Pick<RadarReading, 'id' | 'velocity' | 'flight'> {
  source: 'radar' | 'simulated';
}

const flightIn = ({ flight }: Claimed): Pick<Claimed, 'flight'> => (flight ? { flight } : {});

/** The session under way, with what can be logged in it. */
export function useSession(page: WorkPage) {
  const { id: athleteId, discipline } = page.athlete;
  const { academy } = useMe();
  const book = useBook();
  const dispatch = useAppDispatch();
  /** What was asked since the page was opened, by drill. */
  const [efforts, setEfforts] = useState<Readonly<Record<string, number>>>({});
  /** Efforts that are climbed with three throws each; null when nobody does. */
  /** The order in which spots are called, by drill; null where they are called no more. */
  const [orders, setOrders] = useState<Readonly<Record<string, { order: SpotOrder | null; at: string }>>>({});
  /** The side that was asked for, by drill. */
  const [sides, setSides] = useState<Readonly<Record<string, RepSide>>>({});
  const [ladder, setLadder] = useState<{ drill: string; efforts: number[] } | null>(null);
  const { data: stored, isLoading } = api.useOpenSessionQuery(athleteId, { refetchOnMountOrArgChange: true });
  const all = useAppSelector(({ pendingEvents }) => pendingEvents.entries);
  const ready = useAppSelector(({ pendingEvents }) => pendingEvents.ready);
  const entries = useMemo(() => all.filter((entry) => entry.athleteId === athleteId), [all, athleteId]);
  const sessionId = openSessionId(stored, entries);
  const storedEvents = stored?.session?.id === sessionId ? stored?.events : undefined;
  const events = useMemo(
    () => (sessionId ? sessionEvents(sessionId, storedEvents ?? [], entries) : []),
    [sessionId, storedEvents, entries],
  );

  /** The effort asked in a drill: as it was last, else what the drill asks for; percent. */
  const effortOf = (drill: string): number | null => {
    const asked =
      (ladder?.drill === drill ? rungNow(thrownIn(events), ladder.efforts).effort : null) ??
      efforts[drill] ??
      lastEffort(events, drill) ??
      book.drill(drill)?.effort?.to ??
      null;
    return asked !== null && page.limits.easyOnly ? Math.min(asked, mostEasyEffort) : asked;
  };
  /** The side whose turn it is in a drill that is done on each; its dose is the one that was planned. */
  const sideOf = (id: string): SideNow | null => {
    const drill = book.drill(id);
    if (!drill) return null;
    const planned = drillsToday(page, dayAt(now(), academy.zone)).find((each) => each.drill === id);
    return sideNow(parseDose(planned?.dose ?? drill.dose), sidesDone(events, id), sides[id] ?? null);
  };
  const throwOf = (
    drill: string,
    velocity: number | null,
    { repId, effort = effortOf(drill) }: Partial<Pick<EventOf<'throw'>, 'repId' | 'effort'>> = {},
  ) => ({
    drill,
    velocity,
    effort,
    pitch: 'fastball',
    ballG: usualBall[discipline],
    ...(repId ? { repId } : {}),
  });
  /** What belongs to a rep of a drill as it is worked now: level, side and cue. */
  const worked = (id: string): Pick<EventOf<'rep'>, 'level' | 'side' | 'cueId'> => {
    const drill = book.drill(id);
    const level = drill && levelNow(drill, page.levels[id]);
    const side = sideOf(id)?.side;
    const cueId = liveCue(id, page.cues)?.id;
    return { ...(level ? { level } : {}), ...(side ? { side } : {}), ...(cueId ? { cueId } : {}) };
  };
  const inSession = (id = sessionId!) => ({
    pain: (answer: Omit<EventOf<'pain'>, 'id' | 'at' | 'kind' | 'sessionId'>) =>
      dispatch(log(athleteId, 'pain', { sessionId: id, ...answer })),
    /** A rep of a throwing drill is a throw as well; it takes the reading that waits for it, where there is one. */
    rep: (drill: string, outcome: 'clean' | 'missed', reason?: string, claimed?: Claimed | null) => {
      const repId = dispatch(
        log(athleteId, 'rep', {
          sessionId: id,
          drill,
          outcome,
          ...(reason ? { reason } : {}),
          ...worked(drill),
        }),
      );
      if (!book.drill(drill)?.throws) return;
      const thrown = { sessionId: id, ...throwOf(drill, claimed?.velocity ?? null, { repId }) };
      if (claimed)
        dispatch(
          log(athleteId, 'throw', { ...thrown, ...flightIn(claimed), source: claimed.source }, claimed.id),
        );
      else dispatch(log(athleteId, 'throw', thrown));
    },
    /** A velocity, m/s, of the throw just logged, or of one more throw. */
    velocity: (drill: string, velocity: number) => {
      const open = unmeasured(events, drill);
      if (open) dispatch(log(athleteId, 'undo', { sessionId: id, of: open.id }));
      dispatch(
        log(athleteId, 'throw', { sessionId: id, ...throwOf(drill, velocity, { repId: open?.repId }) }),
      );
    },
    /** Gives a reading to the rep that was just tapped; false where none waits for it. */
    attach: (drill: string, claimed: Claimed): boolean => {
      const { id: reading, velocity, source } = claimed;
      if (events.some((event) => event.id === reading)) return true;
      const open = unmeasured(events, drill);
      if (!open || now().getTime() - Date.parse(open.at) > measuredMs) return false;
      dispatch(log(athleteId, 'undo', { sessionId: id, of: open.id }));
      dispatch(
        log(
          athleteId,
          'throw',
          { sessionId: id, ...throwOf(drill, velocity, open), ...flightIn(claimed), source },
          reading,
        ),
      );
      return true;
    },
    /** Counts a reading as a throw that has no rep. */
    claim: (drill: string, claimed: Claimed) =>
      dispatch(
        log(
          athleteId,
          'throw',
          {
            sessionId: id,
            ...throwOf(drill, claimed.velocity),
            ...flightIn(claimed),
            source: claimed.source,
          },
          claimed.id,
        ),
      ),
    /** A measured throw was none; where its rep was counted, a throw without a velocity stays. */
    discard: (thrown: EventOf<'throw'>) => {
      dispatch(log(athleteId, 'undo', { sessionId: id, of: thrown.id }));
      if (thrown.repId)
        dispatch(log(athleteId, 'throw', { sessionId: id, ...throwOf(thrown.drill!, null, thrown) }));
    },
    /** A set is over; the next one begins at nought. */
    setDone: (
      drill: string,
      constraints: string[],
      { clean, missed }: { clean: number; missed: number },
      workaround: string | null,
    ) =>
      dispatch(log(athleteId, 'set-done', { sessionId: id, drill, constraints, clean, missed, workaround })),
    /** Where the throw of a rep went that was aimed at a spot. */
    chart: (drill: string, repId: string, spot: CalledSpot, missed: readonly MissSide[]) =>
      dispatch(log(athleteId, 'spot-charted', { sessionId: id, drill, repId, spot, sides: [...missed] })),
    /** Says why the newest rep was missed: the tap is taken back and counted again with its reason. */
    because: (reason: string) => {
      const tap = lastTap(events);
      for (const { id: of } of tap) dispatch(log(athleteId, 'undo', { sessionId: id, of }));
      let repId: string | undefined;
      for (const event of [...tap].reverse()) {
        if (event.kind === 'rep') {
          const { id: _, at: __, kind, ...fields } = event;
          repId = dispatch(log(athleteId, kind, { ...fields, reason }));
        } else if (event.kind === 'throw') {
          const { id: _, at: __, kind, ...fields } = event;
          dispatch(log(athleteId, kind, { ...fields, ...(repId ? { repId } : {}) }));
        }
      }
    },
    note: (drill: string, text: string) => dispatch(log(athleteId, 'noted', { sessionId: id, drill, text })),
    takeBack: (of: string) => dispatch(log(athleteId, 'undo', { sessionId: id, of })),
    undo: () => {
      const tap = lastTap(events);
      for (const { id: of } of tap) dispatch(log(athleteId, 'undo', { sessionId: id, of }));
      const kept = repThatKeeps(tap);
      if (kept) dispatch(log(athleteId, 'throw', { sessionId: id, ...throwOf(kept.drill!, null, kept) }));
    },
    end: (note: string) => dispatch(log(athleteId, 'session-ended', { sessionId: id, note })),
  });
  const begin = (): string =>
    dispatch(
      log(athleteId, 'session-begun', {
        athleteId,
        planId: page.plan?.id ?? null,
        zone: academy.zone,
        date: dayAt(now(), academy.zone),
      }),
    );
  return {
    // What was logged before the page was closed comes first: the session goes on where it was.
    reading: isLoading || !ready,
    sessionId,
    events,
    elsewhere: stored?.elsewhere ?? { hard: page.limits.hardToday, easy: page.limits.easyToday },
    begin,
    inSession,
    effortOf,
    ladder,
    setLadder,
    sideOf,
    startOn: (drill: string, side: RepSide) => setSides({ ...sides, [drill]: side }),
    /** Spots that were called before the page was read anew go on being called. */
    orderOf: (drill: string): SpotOrder | null =>
      orders[drill]
        ? orders[drill].order
        : events.some((event) => event.kind === 'spot-charted' && event.drill === drill)
          ? 'in order'
          : null,
    /** Reps from before spots were called are not asked for. */
    calledSince: (drill: string): string | null => orders[drill]?.at ?? null,
    callSpots: (drill: string, order: SpotOrder | null) =>
      setOrders({ ...orders, [drill]: { order, at: now().toISOString() } }),
    chooseCue: (drill: string, text: string, whose: CueOwner) =>
      dispatch(log(athleteId, 'cue-chosen', { athleteId, drill, text, whose })),
    askFor: (drill: string, effort: number) => setEfforts({ ...efforts, [drill]: effort }),
  };
}

export type Session = ReturnType<typeof useSession>;
