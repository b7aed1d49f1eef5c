import type { EventOf, WorkPage } from '@wrightonic/contract';
import {
  levelNow,
  liveCue,
  mostEasyEffort,
  parseDose,
  rungNow,
  sideNow,
  usualBall,
  type CueOwner,
  type DrillBook,
  type RepSide,
  type SideNow,
  type SpotOrder,
} from '@wrightonic/core';
import { useMemo } from 'react';
import { now } from '../../offline/clock';
import { sessionEvents } from '../../offline/local';
import { log } from '../../offline/log';
import { api } from '../../store/api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useMe } from '../../store/useAthlete';
import { useBook } from '../../ui/hooks/useBook';
import { dayAt } from '../../ui/words/days';
import { thrownIn } from './radar/ladder';
import { drillsToday, openSessionId, sidesDone } from './session';
import { sessionActions, type Working, type Write } from './sessionActions';
import { lastEffort } from './sets';
import { useAsked } from './useAsked';
import { selectEntries, selectReady } from '../../store/selectors';

/** What of a session the server and this device know. */
function useLogged(athleteId: string) {
  const { data: stored, isLoading } = api.useOpenSessionQuery(athleteId, { refetchOnMountOrArgChange: true });
  const all = useAppSelector(selectEntries);
  const ready = useAppSelector(selectReady);
  const entries = useMemo(() => all.filter((entry) => entry.athleteId === athleteId), [all, athleteId]);
  const sessionId = openSessionId(stored, entries);
  const storedEvents = stored?.session?.id === sessionId ? stored?.events : undefined;
  const events = useMemo(
    () => (sessionId ? sessionEvents(sessionId, storedEvents ?? [], entries) : []),
    [sessionId, storedEvents, entries],
  );
  return {
    // What was logged before the page was closed comes first: the session goes on where it was.
    reading: isLoading || !ready,
    sessionId,
    events,
    elsewhere: stored?.elsewhere,
  };
}

/** What belongs to a rep of a drill as it is worked now: level, side and cue. */
function workedAs(
  id: string,
  { levels, cues }: Pick<WorkPage, 'levels' | 'cues'>,
  book: DrillBook,
  side: RepSide | undefined,
): Pick<EventOf<'rep'>, 'level' | 'side' | 'cueId'> {
  const drill = book.drill(id);
  const level = drill && levelNow(drill, levels[id]);
  const cueId = liveCue(id, cues)?.id;
  return { ...(level ? { level } : {}), ...(side ? { side } : {}), ...(cueId ? { cueId } : {}) };
}

/** The session under way, with what can be logged in it. */
export function useSession(page: WorkPage) {
  const { id: athleteId, discipline } = page.athlete;
  const { academy } = useMe();
  const book = useBook();
  const dispatch = useAppDispatch();
  const asked = useAsked();
  const { reading, sessionId, events, elsewhere } = useLogged(athleteId);
  const write: Write = (kind, fields, id) => dispatch(log(athleteId, kind, fields, id));

  /** The effort asked in a drill: as it was last, else what the drill asks for; percent. */
  const effortOf = (drill: string): number | null => {
    const { ladder, efforts } = asked;
    const effort =
      (ladder?.drill === drill ? rungNow(thrownIn(events), ladder.efforts).effort : null) ??
      efforts[drill] ??
      lastEffort(events, drill) ??
      book.drill(drill)?.effort?.to ??
      null;
    return effort !== null && page.limits.easyOnly ? Math.min(effort, mostEasyEffort) : effort;
  };
  /** The side whose turn it is in a drill that is done on each; its dose is the one that was planned. */
  const sideOf = (id: string): SideNow | null => {
    const drill = book.drill(id);
    if (!drill) return null;
    const planned = drillsToday(page, dayAt(now(), academy.zone)).find((each) => each.drill === id);
    return sideNow(parseDose(planned?.dose ?? drill.dose), sidesDone(events, id), asked.sides[id] ?? null);
  };
  const throwOf: Working['throwOf'] = (drill, velocity, { repId, effort = effortOf(drill) } = {}) => ({
    drill,
    velocity,
    effort,
    pitch: 'fastball',
    ballG: usualBall[discipline],
    ...(repId ? { repId } : {}),
  });
  return {
    reading,
    sessionId,
    events,
    elsewhere: elsewhere ?? { hard: page.limits.hardToday, easy: page.limits.easyToday },
    begin: (): string =>
      write('session-begun', {
        athleteId,
        planId: page.plan?.id ?? null,
        zone: academy.zone,
        date: dayAt(now(), academy.zone),
      }),
    inSession: (id = sessionId!) =>
      sessionActions({
        write,
        sessionId: id,
        events,
        book,
        now: () => now().getTime(),
        throwOf,
        worked: (id) => workedAs(id, page, book, sideOf(id)?.side),
      }),
    effortOf,
    ladder: asked.ladder,
    setLadder: asked.setLadder,
    sideOf,
    startOn: asked.startOn,
    /** Spots that were called before the page was read anew go on being called. */
    orderOf: (drill: string): SpotOrder | null =>
      asked.orders[drill]
        ? asked.orders[drill].order
        : events.some((event) => event.kind === 'spot-charted' && event.drill === drill)
          ? 'in order'
          : null,
    /** Reps from before spots were called are not asked for. */
    calledSince: (drill: string): string | null => asked.orders[drill]?.at ?? null,
    callSpots: asked.callSpots,
    chooseCue: (drill: string, text: string, whose: CueOwner) =>
      write('cue-chosen', { athleteId, drill, text, whose }),
    askFor: asked.askFor,
  };
}

export type Session = ReturnType<typeof useSession>;
