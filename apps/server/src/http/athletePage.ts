import type { AthletePage, Course, DrillTotal, SessionCueCount } from '@wrightonic/contract';
import {
  addDays,
  ageOn,
  approachFor,
  dayAt,
  limitsInputOf,
  limitsLookBack,
  resultsOf,
  throwLimits,
  withoutDetail,
  type Approach,
  type PastInjury,
  type Results,
  type ThrowState,
} from '@wrightonic/core';
import type { SessionVelocity } from '@wrightonic/core/velocity';
import type { SignedIn } from '../auth/authSession';
import { upcomingOf } from '../store/upcoming';
import { athlete as storedAthlete, type AthleteRow } from '../store/athletes';
import { cuesOf, levelsChosen } from '../store/choices';
import { constraintsOf, setsOf } from '../store/constraints';
import { bookOf } from '../store/drills';
import { homeOf } from '../store/home';
import { instructionsFor } from '../store/instructions';
import { lexiconEdits } from '../store/lexicon';
import { linkEdits, strikesOf } from '../store/links';
import { sessionsOf } from '../store/log';
import { looksOf } from '../store/looks';
import { normEdits } from '../store/norms';
import { historyOf } from '../store/athleteProfile';
import { athleteStates } from '../store/state/athleteStates';
import { drillCounts, lastThrowBefore, throwDays, type DrillCount } from '../store/state/counts';
import { velocityDays } from '../store/state/velocities';
import { plainThrowsOf, simulatedOn } from '../store/throws';
import { archivedSince } from '../store/deletions';
import { photoOf } from '../store/photos';
import { newestTrace } from '../store/traces';
import { planningOf } from './academy';
import { courseOf } from './courseOf';
import { orNotFound } from './input';
import type { Asked, Privy } from './keptAnswer';
import { newestPlan, planAt, planRecord } from './planRecord';
import { dueOf } from './roster';

/** What of whoever asks an athlete's page hangs on. */
type Asker = Asked<Pick<SignedIn['person'], 'approach' | 'goodStrikes'> & Privy>;

/** The athlete's own approach over the instructor's over the default. */
export function approachOf(
  athlete: AthleteRow,
  age: number,
  person: Pick<SignedIn['person'], 'approach'>,
): Approach {
  const set = (sides: object) => Object.fromEntries(Object.entries(sides).filter(([, side]) => side));
  return approachFor({
    age,
    discipline: athlete.discipline,
    approach: { ...set(person.approach), ...set(athlete.approach) },
  });
}

/** How an athlete does lately, held against this instructor's own threshold. */
export function resultsFor(
  throws: Parameters<typeof resultsOf>[0],
  today: string,
  { goodStrikes }: Pick<SignedIn['person'], 'goodStrikes'>,
): Results | null {
  const results = resultsOf(throws, today);
  return results && { ...results, goodStrikes };
}

/** Notes and sets of sessions older than this are forgotten, days. */
const notesCount = 42;

/** As far back as a line of velocity and a count of reps look, days. */
export const lookBack = 365;
/** How far back an answer reaches: so many of the newest looks and sessions, and so many days of throws. */
export interface Reach {
  looks: number;
  sessions: number;
  throwDays: number;
}
/** What the present needs, for a verb that goes on from here. */
export const nearReach: Reach = { looks: 12, sessions: 30, throwDays: 90 };
/** What somebody looks back on. */
export const wholeReach: Reach = { looks: 60, sessions: 120, throwDays: lookBack };
/** What proves itself over years: ten of them. */
export const longReach: Reach = { looks: 240, sessions: 120, throwDays: 10 * lookBack };

/**
 * From which day on throws are read: so many days back from the newest, which may be long ago, as after a table of years
 * that are over.
 */
export async function throwsSince(
  academy: SignedIn['academy'],
  athleteId: string,
  today: string,
  days: number,
): Promise<string> {
  const newest = await lastThrowBefore(academy, athleteId, addDays(today, 1));
  return addDays(newest ?? today, -days);
}

/** What an athlete can use: what the academy has, and what there is at home. */
export const equipmentOf = (athlete: AthleteRow, { academyRow }: SignedIn): string[] => [
  ...new Set([...academyRow.equipment, ...athlete.equipment]),
];

/** An athlete with what decides over drills. */
export async function athleteAndAge({ academy, academyRow }: SignedIn, id: string) {
  const row = orNotFound(await storedAthlete(academy, id), 'athlete');
  return {
    row,
    age: ageOn(row.birthdate, dayAt(new Date(), academyRow.zone)),
    history: await historyOf(academy, row.id),
  };
}

/** Reps after each cue: of the newest session by itself, which may be under way, and of all before it together. */
function cueCountsOf(counts: readonly DrillCount[], newest: string | null): SessionCueCount[] {
  const byKey = new Map<string, SessionCueCount>();
  for (const { session, drill, cue, clean, missed } of counts) {
    const of = session === newest ? session : null;
    const key = `${of} ${drill} ${cue}`;
    const so = byKey.get(key) ?? { session: of, drill, cue, clean: 0, missed: 0 };
    byKey.set(key, { ...so, clean: so.clean + clean, missed: so.missed + missed });
  }
  return [...byKey.values()];
}

/** All reps by level and side, of drills that have either. */
function drillTotalsOf(counts: readonly DrillCount[]): DrillTotal[] {
  const byKey = new Map<string, DrillTotal>();
  for (const { drill, level, side, clean, missed } of counts) {
    if (level === null && side === null) continue;
    const key = `${drill} ${level} ${side}`;
    const so = byKey.get(key) ?? { drill, level, side, clean: 0, missed: 0 };
    byKey.set(key, { ...so, clean: so.clean + clean, missed: so.missed + missed });
  }
  return [...byKey.values()];
}

/** Asked for the first time, it is read; after that it is known. */
function once<T>(read: () => Promise<T>): () => Promise<T> {
  let known: Promise<T> | undefined;
  return () => (known ??= read());
}

/** Velocity of each day on which it was measured, as far back as an answer reaches. */
async function velocitiesOf(
  academy: SignedIn['academy'],
  id: string,
  today: string,
  { throwDays: days }: Reach,
): Promise<SessionVelocity[]> {
  const since = await throwsSince(academy, id, today, days);
  return (await velocityDays(academy, { athletes: [id], since })).get(id) ?? [];
}

/** Injuries, as far as somebody may know of them. */
async function historyFor(
  { health }: Privy,
  academy: SignedIn['academy'],
  id: string,
): Promise<PastInjury[]> {
  const history = await historyOf(academy, id);
  return health ? history : withoutDetail(history);
}

const courseFor = ({ health }: Privy, course: Course): Course =>
  health ? course : { ...course, injuries: [] };

type Fields = { [K in keyof AthletePage]: () => Promise<AthletePage[K]> };

/** How each field of an athlete is read; what several fields hang on is read once. */
function fieldsOf({ academy, academyRow: place, person }: Asker, athlete: AthleteRow, reach: Reach): Fields {
  const { id } = athlete;
  const { zone } = place;
  const today = dayAt(new Date(), zone);
  const back = addDays(today, -lookBack);
  const age = ageOn(athlete.birthdate, today);
  const book = once(() => bookOf(academy));
  const state = once(async () => (await athleteStates(academy, id)).get(id));
  const pain = once(async (): Promise<ThrowState> => {
    const { lock, cleared } = (await state()) ?? {};
    return { lock: lock ? JSON.parse(lock) : null, cleared: cleared ? JSON.parse(cleared) : null };
  });
  const looks = once(async () =>
    (await looksOf(academy, id, reach.looks)).map(({ athleteId: _, ...look }) => look),
  );
  const planned = once(async () => {
    // First the version, so that a change meanwhile is read again and not kept under it.
    const version = (await state())?.version;
    return version === undefined
      ? newestPlan(academy, id, await book())
      : planAt(academy, id, version, await book());
  });
  const levels = once(async () => (await levelsChosen(academy, id)).get(id) ?? {});
  const sessions = once(() => sessionsOf(academy, id, reach.sessions));
  const counts = once(() => drillCounts(academy, id, back));
  const throws = once(async () =>
    plainThrowsOf(academy, id, await throwsSince(academy, id, today, reach.throwDays)),
  );
  const atHome = once(() => homeOf(academy, id, addDays(today, -limitsLookBack), zone));
  const limited = once(async () => {
    const thrown = await throwDays(academy, id, addDays(today, -limitsLookBack));
    return limitsInputOf(athlete, place, await pain(), [...thrown, ...(await atHome()).throws]);
  });
  return {
    athlete: async () => ({ ...athlete, age, ...(person.contacts ? {} : { guardians: [] }) }),
    approach: async () => approachOf(athlete, age, person),
    due: async () => dueOf(await state(), today),
    looks,
    trace: async () => {
      const trace = await newestTrace(academy, id);
      return trace && (({ athleteId: _, ...rest }) => rest)(trace);
    },
    linkEdits: () => linkEdits(academy),
    strikes: () => strikesOf(academy, id),
    results: async () => resultsFor(await throws(), today, person),
    plan: async () => {
      const { plan, assignment } = await planned();
      return plan && planRecord(plan, await counts(), await levels(), assignment, await book());
    },
    history: () => historyFor(person, academy, id),
    sets: () => setsOf(academy, id, addDays(today, -notesCount)),
    constraints: () => constraintsOf(academy, id),
    levels,
    cues: () => cuesOf(academy, id),
    cueCounts: async () => cueCountsOf(await counts(), (await sessions())[0]?.id ?? null),
    drillTotals: async () => drillTotalsOf(await counts()),
    instructions: () => instructionsFor(academy, id, addDays(today, -notesCount), zone),
    sessions,
    limits: async () => throwLimits({ ...(await limited()), on: today }),
    thrownLately: async () => [...(await limited()).throws],
    pain,
    simulatedToday: () => simulatedOn(academy, id, today),
    lastThrow: async () => {
      const { plan } = await planned();
      if (!plan) return null;
      const before = (await atHome()).throws.map(({ date }) => date).filter((date) => date < plan.startsOn);
      const logged = await lastThrowBefore(academy, id, plan.startsOn);
      return [...before, ...(logged ? [logged] : [])].sort().at(-1) ?? null;
    },
    upcoming: () => upcomingOf(academy, id, today, zone),
    academy: async () => planningOf(place),
    lexicon: () => lexiconEdits(academy),
    norms: () => normEdits(academy),
    photo: () => photoOf(academy, id),
    archivedAt: () => archivedSince(academy, id),
    home: async () => (await atHome()).record,
    velocities: () => velocitiesOf(academy, id, today, reach),
    course: async () => courseFor(person, await courseOf(academy, athlete, place, (await planned()).plan)),
  };
}

/** Fields of one athlete; null when there is no such athlete. */
export async function athleteFields<K extends keyof AthletePage>(
  asked: Asker,
  id: string,
  keys: readonly K[],
  reach: Reach,
): Promise<Pick<AthletePage, K> | null> {
  const athlete = await storedAthlete(asked.academy, id);
  if (!athlete) return null;
  const fields = fieldsOf(asked, athlete, reach);
  const read = await Promise.all(keys.map(async (key) => [key, await fields[key]()] as const));
  return Object.fromEntries(read) as Pick<AthletePage, K>;
}
