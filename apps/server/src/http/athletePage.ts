import type { AthletePage } from '@wrightonic/contract';
import {
  ageOn,
  approachFor,
  addDays,
  due,
  resultsOf,
  daysOfThrows,
  throwLimits,
  type Approach,
  type DayThrows,
  type Results,
} from '@wrightonic/core';
import { sessionVelocities } from '@wrightonic/core/velocity';
import type { SignedIn } from '../auth/session';
import { athlete as storedAthlete, type AthleteRow } from '../store/athletes';
import { drillCounts, sessionsOf } from '../store/log';
import { constraintsOf, setsOf } from '../store/constraints';
import { bookOf } from '../store/drills';
import { toldTo } from '../store/instructions';
import { linkEdits, strikesOf } from '../store/links';
import { lexiconEdits } from '../store/lexicon';
import { looksOf } from '../store/looks';
import { aheadOf } from '../store/ahead';
import { historyOf } from '../store/profile';
import { plainThrowsOf } from '../store/throws';
import { newestTrace } from '../store/traces';
import { isClean } from './roster';
import { venueDay } from '../store/venueDay';
import { planningOf } from './academy';
import { found } from './input';
import { newestPlan, planRecord } from './planRecord';

/** The athlete's own approach over the instructor's over the default. */
export function approachOf(athlete: AthleteRow, age: number, person: SignedIn['person']): Approach {
  const set = (sides: object) => Object.fromEntries(Object.entries(sides).filter(([, side]) => side));
  return approachFor({ age, approach: { ...set(person.approach), ...set(athlete.approach) } });
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
const limitsLookBack = 40;

/** What was thrown lately, day by day; an academy may choose to count every throw as hard. */
export function latelyThrown(
  throws: Parameters<typeof daysOfThrows>[0],
  today: string,
  allHard: boolean,
): DayThrows[] {
  const since = addDays(today, -limitsLookBack);
  return daysOfThrows(
    throws
      .filter(({ date }) => date >= since)
      .map((thrown) => (allHard ? { ...thrown, effort: null } : thrown)),
  );
}

const lastBefore = (throws: readonly { date: string }[], day: string): string | null =>
  throws.reduce<string | null>((last, { date }) => (date < day && date > (last ?? '') ? date : last), null);

/** What an athlete can use: what the academy has, and what there is at home. */
export const equipmentOf = (athlete: AthleteRow, { home }: SignedIn): string[] => [
  ...new Set([...home.equipment, ...athlete.equipment]),
];

/** An athlete with what decides over drills. */
export async function athleteAndAge({ academy, home }: SignedIn, id: string) {
  const row = found(await storedAthlete(academy, id), 'athlete');
  return {
    row,
    age: ageOn(row.birthdate, venueDay(new Date(), home.zone)),
    history: await historyOf(academy, row.id),
  };
}

/** Everything that the five verbs of one athlete need; null when there is no such athlete. */
export async function athletePage(signedIn: SignedIn, id: string): Promise<AthletePage | null> {
  const { academy, home, person } = signedIn;
  const today = venueDay(new Date(), home.zone);
  const [athlete, book] = await Promise.all([storedAthlete(academy, id), bookOf(academy)]);
  if (!athlete) return null;
  const [
    looks,
    trace,
    planned,
    sessions,
    counts,
    throws,
    edits,
    strikes,
    told,
    history,
    ahead,
    sets,
    constraints,
    lexicon,
  ] = await Promise.all([
    looksOf(academy, id),
    newestTrace(academy, id),
    newestPlan(academy, id, book),
    sessionsOf(academy, id),
    drillCounts(academy, id),
    plainThrowsOf(academy, id),
    linkEdits(academy),
    strikesOf(academy, id),
    toldTo(academy, id, addDays(today, -notesCount)),
    historyOf(academy, id),
    aheadOf(academy, id, today, home.zone),
    setsOf(academy, id, addDays(today, -notesCount)),
    constraintsOf(academy, id),
    lexiconEdits(academy),
  ]);
  const { plan, assignment } = planned;
  const age = ageOn(athlete.birthdate, today);
  const thrownLately = latelyThrown(throws, today, home.allHard);
  const finished = looks.filter((look) => look.finished).at(-1);
  return {
    athlete: { ...athlete, age },
    approach: approachOf(athlete, age, person),
    due: due(
      {
        lookedOn: finished?.date ?? null,
        lookOpen: looks.at(-1)?.finished === false,
        clean: isClean(finished?.findings),
        traced: finished !== undefined && trace?.lookId === finished.id,
        planned: trace !== null && plan?.traceId === trace.id,
        assigned: assignment?.items.some(({ date }) => date >= today) ?? false,
        relookOn: plan?.relookOn ?? null,
        planEndsOn: plan?.endsOn ?? null,
      },
      today,
    ),
    looks: looks.map(({ athleteId: _, ...look }) => look),
    trace: trace && (({ athleteId: _, ...rest }) => rest)(trace),
    linkEdits: edits,
    strikes,
    told,
    sets,
    constraints,
    history,
    results: resultsFor(throws, today, person),
    plan: plan && planRecord(plan, counts, assignment, book),
    sessions,
    limits: throwLimits({ ...athlete, throws: thrownLately, on: today }),
    thrownLately,
    lastThrow: plan && lastBefore(throws, plan.startsOn),
    ahead,
    academy: planningOf(home),
    lexicon,
    velocities: sessionVelocities(throws),
  };
}
