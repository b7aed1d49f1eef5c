import type { AthletePage, DrillTotal, SessionCueCount } from '@wrightonic/contract';
import {
  addDays,
  ageOn,
  approachFor,
  dayAt,
  resultsOf,
  throwLimits,
  type Approach,
  type DayThrows,
  type LimitsInput,
  type Results,
  type ThrowState,
} from '@wrightonic/core';
import { sessionVelocities } from '@wrightonic/core/velocity';
import type { SignedIn } from '../auth/session';
import { aheadOf } from '../store/ahead';
import { athlete as storedAthlete, type AthleteRow } from '../store/athletes';
import { cuesOf, levelsChosen } from '../store/choices';
import { constraintsOf, setsOf } from '../store/constraints';
import { bookOf } from '../store/drills';
import { homeOf } from '../store/home';
import { toldTo } from '../store/instructions';
import { lexiconEdits } from '../store/lexicon';
import { linkEdits, strikesOf } from '../store/links';
import { sessionsOf } from '../store/log';
import { looksOf } from '../store/looks';
import { normEdits } from '../store/norms';
import { historyOf } from '../store/profile';
import { athleteStates } from '../store/state/athleteStates';
import { drillCounts, lastThrowBefore, throwDays, type DrillCount } from '../store/state/counts';
import { plainThrowsOf, simulatedOn } from '../store/throws';
import { newestTrace } from '../store/traces';
import { planningOf } from './academy';
import { found } from './input';
import { newestPlan, planRecord } from './planRecord';
import { dueOf } from './roster';

/** The athlete's own approach over the instructor's over the default. */
export function approachOf(athlete: AthleteRow, age: number, person: SignedIn['person']): Approach {
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
  { goodStrikes }: SignedIn['person'],
): Results | null {
  const results = resultsOf(throws, today);
  return results && { ...results, goodStrikes };
}

/** Notes and sets of sessions older than this are forgotten, days. */
const notesCount = 42;

/** As far back as any limit looks. */
export const limitsLookBack = 40;

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

/**
 * Everything that a limit must know of an athlete, whoever asks.
 *
 * @param throws by day: those of the log and those of home
 */
export function limitsInputOf(
  { discipline, birthdate, league }: Pick<AthleteRow, 'discipline' | 'birthdate' | 'league'>,
  { allHard }: Pick<SignedIn['home'], 'allHard'>,
  pain: ThrowState,
  throws: readonly DayThrows[],
  on: string,
): LimitsInput & { throws: DayThrows[] } {
  const since = addDays(on, -limitsLookBack);
  return {
    discipline,
    birthdate,
    league,
    allHard,
    pain,
    throws: throws.filter(({ date }) => date >= since),
    on,
  };
}

/** What an athlete can use: what the academy has, and what there is at home. */
export const equipmentOf = (athlete: AthleteRow, { home }: SignedIn): string[] => [
  ...new Set([...home.equipment, ...athlete.equipment]),
];

/** An athlete with what decides over drills. */
export async function athleteAndAge({ academy, home }: SignedIn, id: string) {
  const row = found(await storedAthlete(academy, id), 'athlete');
  return {
    row,
    age: ageOn(row.birthdate, dayAt(new Date(), home.zone)),
    history: await historyOf(academy, row.id),
  };
}

/** Reps after each cue: of the newest session by itself, which may be under way, and of all before it together. */
function cueCountsOf(counts: readonly DrillCount[], newest: string | null): SessionCueCount[] {
  const whole = new Map<string, SessionCueCount>();
  for (const { session, drill, cue, clean, missed } of counts) {
    const of = session === newest ? session : null;
    const key = `${of} ${drill} ${cue}`;
    const so = whole.get(key) ?? { session: of, drill, cue, clean: 0, missed: 0 };
    whole.set(key, { ...so, clean: so.clean + clean, missed: so.missed + missed });
  }
  return [...whole.values()];
}

/** All reps by level and side, of drills that have either. */
function drillTotalsOf(counts: readonly DrillCount[]): DrillTotal[] {
  const whole = new Map<string, DrillTotal>();
  for (const { drill, level, side, clean, missed } of counts) {
    if (level === null && side === null) continue;
    const key = `${drill} ${level} ${side}`;
    const so = whole.get(key) ?? { drill, level, side, clean: 0, missed: 0 };
    whole.set(key, { ...so, clean: so.clean + clean, missed: so.missed + missed });
  }
  return [...whole.values()];
}

/** Asked for the first time, it is read; after that it is known. */
function once<T>(read: () => Promise<T>): () => Promise<T> {
  let known: Promise<T> | undefined;
  return () => (known ??= read());
}

type Fields = { [K in keyof AthletePage]: () => Promise<AthletePage[K]> };

/** How each field of an athlete is read; what several fields hang on is read once. */
function fieldsOf(signedIn: SignedIn, athlete: AthleteRow, reach: Reach): Fields {
  const { academy, home: place, person } = signedIn;
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
  const planned = once(async () => newestPlan(academy, id, await book()));
  const levels = once(async () => (await levelsChosen(academy, id)).get(id) ?? {});
  const sessions = once(() => sessionsOf(academy, id, reach.sessions));
  const counts = once(() => drillCounts(academy, id, back));
  const throws = once(async () =>
    plainThrowsOf(academy, id, await throwsSince(academy, id, today, reach.throwDays)),
  );
  const atHome = once(() => homeOf(academy, id, addDays(today, -limitsLookBack), zone));
  const limited = once(async () => {
    const thrown = await throwDays(academy, id, addDays(today, -limitsLookBack));
    return limitsInputOf(athlete, place, await pain(), [...thrown, ...(await atHome()).throws], today);
  });
  return {
    athlete: async () => ({ ...athlete, age }),
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
    history: () => historyOf(academy, id),
    sets: () => setsOf(academy, id, addDays(today, -notesCount)),
    constraints: () => constraintsOf(academy, id),
    levels,
    cues: () => cuesOf(academy, id),
    cueCounts: async () => cueCountsOf(await counts(), (await sessions())[0]?.id ?? null),
    drillTotals: async () => drillTotalsOf(await counts()),
    told: () => toldTo(academy, id, addDays(today, -notesCount), zone),
    sessions,
    limits: async () => throwLimits(await limited()),
    thrownLately: async () => (await limited()).throws,
    pain,
    simulatedToday: () => simulatedOn(academy, id, today),
    lastThrow: async () => {
      const { plan } = await planned();
      if (!plan) return null;
      const before = (await atHome()).throws.map(({ date }) => date).filter((date) => date < plan.startsOn);
      const logged = await lastThrowBefore(academy, id, plan.startsOn);
      return [...before, ...(logged ? [logged] : [])].sort().at(-1) ?? null;
    },
    ahead: () => aheadOf(academy, id, today, zone),
    academy: async () => planningOf(place),
    lexicon: () => lexiconEdits(academy),
    norms: () => normEdits(academy),
    home: async () => (await atHome()).record,
    velocities: async () => sessionVelocities(await throws()),
  };
}

/** Fields of one athlete; null when there is no such athlete. */
export async function athleteFields<K extends keyof AthletePage>(
  signedIn: SignedIn,
  id: string,
  keys: readonly K[],
  reach: Reach,
): Promise<Pick<AthletePage, K> | null> {
  const athlete = await storedAthlete(signedIn.academy, id);
  if (!athlete) return null;
  const fields = fieldsOf(signedIn, athlete, reach);
  const read = await Promise.all(keys.map(async (key) => [key, await fields[key]()] as const));
  return Object.fromEntries(read) as Pick<AthletePage, K>;
}
