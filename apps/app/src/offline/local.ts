import type { AthletePage, EventOf, FindingDetail, LogEvent, LookRecord } from '@wrightonic/contract';
import { dayAt } from '@wrightonic/core/day';
import {
  limitsAfter,
  limitsUnder,
  withClearance,
  withReport,
  type ThrowState,
} from '@wrightonic/core/throw-state';
import type { Entry } from './outbox';

/** Who logs, in which zone the academy is, and its day. */
export interface Here {
  by: string;
  zone: string;
  /** The day there. */
  today: string;
}

type Grade = EventOf<'finding'> | EventOf<'look-corrected'>;

/** What stands beside a grade, as the server would answer it. */
function detailOf({ value, derived, error, note, source }: Grade): FindingDetail {
  return {
    ...(value === undefined || value === null ? {} : { value }),
    ...(derived === undefined || derived === null ? {} : { derived }),
    ...(error === undefined || error === null ? {} : { error }),
    ...(note ? { note } : {}),
    ...(source ? { source } : {}),
  };
}

function withFinding(look: LookRecord, event: Grade): LookRecord {
  const { node, severity } = event;
  const { [node]: _grade, ...findings } = look.findings;
  const { [node]: _detail, ...details } = look.details;
  const detail = detailOf(event);
  return {
    ...look,
    findings: severity === null ? findings : { ...findings, [node]: severity },
    details: Object.keys(detail).length ? { ...details, [node]: detail } : details,
  };
}

/** In the order in which they were taken; one that is under way comes last, whatever its day. */
const byTaking = (looks: readonly LookRecord[]): LookRecord[] =>
  [...looks].sort((a, b) => Number(!a.finished) - Number(!b.finished) || a.at.localeCompare(b.at));

/** A finished look keeps what the server shows; an open one takes every grade of this device, newest last. */
const stillOpen = (looks: readonly LookRecord[], id: string): boolean =>
  looks.some((look) => look.id === id && !look.finished);

/** A list without one of it; the same list where it is not in it. */
function without<T extends { id: string | null }>(list: T[], of: string): T[] {
  return list.some(({ id }) => id === of) ? list.filter(({ id }) => id !== of) : list;
}

/** The looks with what an event says of them; the same where it says nothing. */
function looksWith(looks: LookRecord[], event: LogEvent, by: string): LookRecord[] {
  const change = (id: string, to: (look: LookRecord) => LookRecord) =>
    looks.map((look) => (look.id === id ? to(look) : look));
  switch (event.kind) {
    case 'look-begun': {
      if (looks.some(({ id }) => id === event.id)) return looks;
      const date = dayAt(event.at, event.zone);
      const look = {
        id: event.id,
        kind: event.look,
        at: event.at,
        date,
        place: event.place,
        by,
        view: null,
        thrown: '',
      };
      return [...looks, { ...look, finished: false, findings: {}, details: {} }];
    }
    case 'look-told': {
      const { lookId, lookedAt, place, view, thrown, lookedBy } = event;
      const date = dayAt(lookedAt, event.zone);
      return byTaking(
        change(lookId, (look) => ({
          ...look,
          at: lookedAt,
          date,
          place,
          view,
          thrown,
          by: lookedBy || look.by,
        })),
      );
    }
    case 'finding':
      return stillOpen(looks, event.lookId)
        ? change(event.lookId, (look) => withFinding(look, event))
        : looks;
    case 'look-corrected':
      return change(event.lookId, (look) => withFinding(look, event));
    case 'look-finished':
      return byTaking(change(event.lookId, (look) => ({ ...look, finished: true })));
    default:
      return looks;
  }
}

type Fields = Partial<AthletePage>;

/** What was read of an athlete with one event; fields that were not read are left out. */
function withEvent(page: Fields, event: LogEvent, { by, zone }: Here): Fields {
  const looks = page.looks && looksWith(page.looks, event, by);
  if (looks !== page.looks) return { ...page, looks: looks! };
  switch (event.kind) {
    case 'link-struck': {
      if (!page.strikes || page.strikes.some(({ id }) => id === event.id)) return page;
      const { id, cause, effect, struck, reason, at } = event;
      return { ...page, strikes: [...page.strikes, { id, cause, effect, struck, reason, at, by }] };
    }
    case 'instruction': {
      if (!page.instructions || page.instructions.some(({ id }) => id === event.id)) return page;
      const { id, from, text, at } = event;
      return { ...page, instructions: [...page.instructions, { id, by: from, text, date: dayAt(at, zone) }] };
    }
    case 'set-done': {
      if (!page.sets || page.sets.some(({ id }) => id === event.id)) return page;
      const { sessionId: session, kind: _, ...set } = event;
      return { ...page, sets: [...page.sets, { ...set, session }] };
    }
    case 'lesson-planned': {
      if (!page.upcoming || page.upcoming.some(({ id }) => id === event.id)) return page;
      const { id, startsAt, minutes, place, zone } = event;
      const date = dayAt(new Date(startsAt), zone);
      const upcoming = [...page.upcoming, { id, date, kind: 'lesson' as const, minutes, title: place }];
      return { ...page, upcoming: upcoming.sort((a, b) => a.date.localeCompare(b.date)) };
    }
    case 'level-chosen':
      return page.levels ? { ...page, levels: { ...page.levels, [event.drill]: event.level } } : page;
    case 'cue-chosen': {
      if (!page.cues || page.cues.some(({ id }) => id === event.id)) return page;
      const { kind: _, athleteId: __, ...cue } = event;
      return { ...page, cues: [...page.cues, { ...cue, by }] };
    }
    case 'constraints-ordered':
      return page.constraints
        ? { ...page, constraints: { ...page.constraints, [event.drill]: event.constraints } }
        : page;
    case 'undo':
      return {
        ...page,
        ...(page.sets ? { sets: without(page.sets, event.of) } : {}),
        ...(page.upcoming ? { upcoming: without(page.upcoming, event.of) } : {}),
        ...(page.instructions ? { instructions: without(page.instructions, event.of) } : {}),
      };
    default:
      return page;
  }
}

/** Whether pain locks the throws of an athlete, with what was marked and cleared on this device. */
export const painWith = (
  athlete: string,
  pain: ThrowState,
  entries: readonly Entry[],
  { by, zone }: Pick<Here, 'by' | 'zone'>,
): ThrowState =>
  entries.reduce((state, { event, athleteId, why }) => {
    if (athleteId !== athlete || why) return state;
    if (event.kind === 'pain') return withReport(state, { ...event, date: dayAt(event.at, zone), by });
    return event.kind === 'throws-cleared'
      ? withClearance(state, { at: event.at, date: dayAt(event.at, zone) })
      : state;
  }, pain);

/** A page under another state of its throws; what is left today follows it. */
export const withPain = <P extends Pick<AthletePage, 'pain' | 'limits'>>(
  page: P,
  pain: ThrowState,
  today: string,
): P => (pain === page.pain ? page : { ...page, pain, limits: limitsUnder(page.limits, pain, today) });

/** What was thrown today by events, and not taken back. */
function thrownToday(events: readonly LogEvent[], { zone, today }: Here) {
  const takenBack = new Set(events.flatMap((event) => (event.kind === 'undo' ? [event.of] : [])));
  return events.flatMap((event) => {
    if (event.kind !== 'throw' && event.kind !== 'pitch') return [];
    if (takenBack.has(event.id) || dayAt(event.at, zone) !== today) return [];
    const kind = event.kind === 'pitch' ? event.type : ('practice' as const);
    return [{ effort: event.effort, kind }];
  });
}

/** Limits with what was thrown here since they were read. */
function withThrown(page: Fields, events: readonly LogEvent[], here: Here): Fields {
  if (!page.limits) return page;
  const limits = limitsAfter(page.limits, thrownToday(events, here), page.academy?.allHard ?? false);
  return limits === page.limits ? page : { ...page, limits };
}

/** What was read of an athlete as it stands with what was logged on this device. Refused entries do not count. */
export function withPendingEvents<P extends Fields>(
  athlete: string,
  page: P,
  entries: readonly Entry[],
  here: Here,
): P {
  const events = entries.flatMap(({ athleteId, why, event }) =>
    athleteId === athlete && !why ? [event] : [],
  );
  const read = events.reduce((fields: Fields, event) => withEvent(fields, event, here), page);
  return withThrown(read, events, here) as P;
}

/** Reps with why they were missed, as it was said last. */
function withReasons(events: readonly LogEvent[]): LogEvent[] {
  const reasons = new Map(
    events.flatMap((event) => (event.kind === 'rep-explained' ? [[event.of, event.reason] as const] : [])),
  );
  return events.flatMap((event) => {
    if (event.kind === 'rep-explained') return [];
    const reason = reasons.get(event.id);
    return event.kind === 'rep' && reason ? [{ ...event, reason }] : [event];
  });
}

/** Everything of one session, from the server and from this device, without what was taken back. */
export function sessionEvents(
  sessionId: string,
  stored: readonly LogEvent[],
  entries: readonly Entry[],
): LogEvent[] {
  const local = entries.filter(({ why }) => !why).map(({ event }) => event);
  const byId = new Map([...stored, ...local].map((event) => [event.id, event]));
  const ofSession = [...byId.values()].filter(
    (event) => 'sessionId' in event && event.sessionId === sessionId,
  );
  const takenBack = new Set(ofSession.flatMap((event) => (event.kind === 'undo' ? [event.of] : [])));
  const standing = ofSession
    .filter(({ id, kind }) => kind !== 'undo' && !takenBack.has(id))
    // What a radar measured has its id from the server, whose clock may be another: the time of logging orders.
    .sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1));
  return withReasons(standing);
}
