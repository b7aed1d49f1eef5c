import type { CampDayOf, CampRecord, EventOf } from '@wrightonic/contract';
import { drillOf, usualBall, type PlannedStation } from '@wrightonic/core';
import { log } from '../../../offline/log';
import type { Entry } from '../../../offline/outbox';
import type { Thunk } from '../../../offline/send';
import { sessionOf } from '../useCamp';
import { texts } from './texts';

type SessionKind = 'rep' | 'throw' | 'noted' | 'undo' | 'pain';
type Fields<K extends SessionKind> = Omit<EventOf<K>, 'id' | 'at' | 'kind' | 'sessionId'>;

export interface Where {
  campId: string;
  date: string;
  zone: string;
}

/** Sessions that this page has begun; saying it once more changes nothing. */
const begun = new Set<string>();

/**
 * Logs something of an athlete in their session of a day of a camp. Every device makes the same session, so that two who
 * log one group need nothing of each other.
 *
 * @returns the id of the event
 */
export const campLog =
  <K extends SessionKind>(
    { campId, date, zone }: Where,
    athleteId: string,
    kind: K,
    fields: Fields<K>,
    known?: string,
  ): Thunk<string> =>
  (dispatch) => {
    const { id: sessionId, endId, at } = sessionOf(campId, athleteId, date, zone);
    if (!begun.has(sessionId)) {
      begun.add(sessionId);
      dispatch(
        log(athleteId, 'session-begun', { athleteId, planId: null, zone, date }, { id: sessionId, at }),
      );
      dispatch(log(athleteId, 'session-ended', { sessionId, note: texts.camp }, { id: endId, at }));
    }
    return dispatch(log(athleteId, kind, { ...fields, sessionId } as never, known));
  };

/** What was logged of one athlete, with what this device logged since it was read. */
export function dayWith(of: CampDayOf, entries: readonly Entry[]): CampDayOf {
  const day = { ...of };
  for (const { event } of entries) {
    const { id, at } = event;
    if (event.kind === 'throw' && !day.throws.some((each) => each.id === id))
      day.throws = [...day.throws, { id, at, drill: event.drill, velocity: event.velocity }];
    else if (event.kind === 'rep' && !day.reps.some((each) => each.id === id))
      day.reps = [...day.reps, { id, at, drill: event.drill, outcome: event.outcome }];
    else if (event.kind === 'noted' && !day.notes.some((each) => each.id === id))
      day.notes = [...day.notes, { id, at, text: event.text }];
    else if (event.kind === 'undo') {
      day.throws = day.throws.filter((each) => each.id !== event.of);
      day.reps = day.reps.filter((each) => each.id !== event.of);
      day.notes = day.notes.filter((each) => each.id !== event.of);
    }
  }
  return day;
}

/** The drill that is worked at a station by somebody: the first of it that is of their kind of pitching. */
export function drillAt(station: PlannedStation, discipline: 'overhand' | 'windmill'): string | null {
  const fits = (id: string) => {
    const of = drillOf(id)?.discipline ?? 'both';
    return of === 'both' || of === discipline;
  };
  return station.drills.find(fits) ?? null;
}

/** A throw at a station, with or without its velocity, m/s. */
export const throwAt = (
  station: PlannedStation,
  { discipline }: Pick<CampRecord['members'][number], 'discipline'>,
  velocity: number | null,
): Fields<'throw'> => ({
  drill: drillAt(station, discipline),
  velocity,
  effort: station.effort,
  pitch: 'fastball',
  ballG: usualBall[discipline],
});

/** What is logged of those at a station. */
export interface StationLog {
  /** m/s; under the id of a reading, where it has one. */
  velocity: (member: Member, metres: number, known?: string) => void;
  /** A rep of a throwing drill is a throw as well. */
  rep: (member: Member, outcome: 'clean' | 'missed') => void;
  note: (member: Member, text: string) => void;
  takeBack: (member: Member, ids: readonly string[]) => void;
}
type Member = CampRecord['members'][number];

export const stationLog =
  (where: Where, station: PlannedStation): Thunk<StationLog> =>
  (dispatch) => ({
    velocity: (member, metres, known) =>
      void dispatch(campLog(where, member.id, 'throw', throwAt(station, member, metres), known)),
    rep: (member, outcome) => {
      const drill = drillAt(station, member.discipline);
      if (!drill) return;
      const repId = dispatch(campLog(where, member.id, 'rep', { drill, outcome }));
      if (drillOf(drill)?.throws)
        dispatch(campLog(where, member.id, 'throw', { ...throwAt(station, member, null), repId }));
    },
    note: (member, text) =>
      void dispatch(campLog(where, member.id, 'noted', { drill: drillAt(station, member.discipline), text })),
    takeBack: (member, ids) => {
      for (const of of ids) dispatch(campLog(where, member.id, 'undo', { of }));
    },
  });
