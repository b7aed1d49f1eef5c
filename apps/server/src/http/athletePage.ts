import {
  finishedBefore,
  type AthletePage,
  type DrillTotal,
  type SessionCueCount,
} from '@wrightonic/contract';
import {
  ageOn,
  approachFor,
  carriedInto,
  withCarried,
  addDays,
  due,
  isLook,
  resultsOf,
  daysOfThrows,
  throwLimits,
  type Approach,
  type DayThrows,
  type LimitsInput,
  type Results,
  type ThrowState,
  dayAt,
} from '@wrightonic/core';
import { sessionVelocities } from '@wrightonic/core/velocity';
import type { SignedIn } from '../auth/session';
import { athlete as storedAthlete, type AthleteRow } from '../store/athletes';
import { drillCounts, sessionsOf, type DrillCount } from '../store/log';
import { constraintsOf, setsOf } from '../store/constraints';
import { cuesOf, levelsChosen } from '../store/choices';
import { bookOf } from '../store/drills';
import { toldTo } from '../store/instructions';
import { linkEdits, strikesOf } from '../store/links';
import { lexiconEdits } from '../store/lexicon';
import { looksOf } from '../store/looks';
import { normEdits } from '../store/norms';
import { aheadOf } from '../store/ahead';
import { homeOf } from '../store/home';
import { throwState } from '../store/pain';
import { historyOf } from '../store/profile';
import { plainThrowsOf } from '../store/throws';
import { newestTrace } from '../store/traces';
import { isClean } from './roster';
import { planningOf } from './academy';
import { found } from './input';
import { newestPlan, planRecord } from './planRecord';

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

/**
 * Everything that a limit must know of an athlete, whoever asks.
 *
 * @param thrown throws one by one, and throws of home: of sets that were ticked and games that were entered
 */
export function limitsInputOf(
  { discipline, birthdate, league }: Pick<AthleteRow, 'discipline' | 'birthdate' | 'league'>,
  { allHard }: Pick<SignedIn['home'], 'allHard'>,
  pain: ThrowState,
  thrown: { throws: Parameters<typeof daysOfThrows>[0]; atHome: readonly DayThrows[] },
  on: string,
): LimitsInput & { throws: DayThrows[] } {
  const since = addDays(on, -limitsLookBack);
  const recent = <T extends { date: string }>(all: readonly T[]) => all.filter(({ date }) => date >= since);
  return {
    discipline,
    birthdate,
    league,
    allHard,
    pain,
    throws: [...daysOfThrows(recent(thrown.throws)), ...recent(thrown.atHome)],
    on,
  };
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

/** Everything that the five verbs of one athlete need; null when there is no such athlete. */
export async function athletePage(signedIn: SignedIn, id: string): Promise<AthletePage | null> {
  const { academy, person } = signedIn;
  const { zone } = signedIn.home;
  const today = dayAt(new Date(), zone);
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
    home,
    pain,
    chosen,
    cues,
    norms,
  ] = await Promise.all([
    looksOf(academy, id),
    newestTrace(academy, id),
    newestPlan(academy, id, book),
    sessionsOf(academy, id),
    drillCounts(academy, id),
    plainThrowsOf(academy, id),
    linkEdits(academy),
    strikesOf(academy, id),
    toldTo(academy, id, addDays(today, -notesCount), zone),
    historyOf(academy, id),
    aheadOf(academy, id, today, zone),
    setsOf(academy, id, addDays(today, -notesCount)),
    constraintsOf(academy, id),
    lexiconEdits(academy),
    homeOf(academy, id, addDays(today, -limitsLookBack), zone),
    throwState(academy, id, zone),
    levelsChosen(academy, id),
    cuesOf(academy, id),
    normEdits(academy),
  ]);
  const { plan, assignment } = planned;
  const levels = chosen.get(id) ?? {};
  const age = ageOn(athlete.birthdate, today);
  const limited = limitsInputOf(athlete, signedIn.home, pain, { throws, atHome: home.throws }, today);
  // A physical screen alone is no look: the next one is due when it was.
  const finished = looks.filter((look) => look.finished && isLook(look.findings)).at(-1);
  return {
    athlete: { ...athlete, age },
    approach: approachOf(athlete, age, person),
    due: due(
      {
        lookedOn: finished?.date ?? null,
        lookOpen: looks.at(-1)?.finished === false,
        clean: isClean(
          finished &&
            withCarried(
              finished.findings,
              carriedInto(finished, finishedBefore(looks, finished), signedIn.home.carryDays),
            ),
        ),
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
    levels,
    cues,
    cueCounts: cueCountsOf(counts, sessions[0]?.id ?? null),
    drillTotals: drillTotalsOf(counts),
    history,
    results: resultsFor(throws, today, person),
    plan: plan && planRecord(plan, counts, levels, assignment, book),
    sessions,
    limits: throwLimits(limited),
    thrownLately: limited.throws,
    pain,
    simulatedToday: throws.filter(({ date, simulated }) => simulated && date === today).length,
    lastThrow: plan && lastBefore([...throws, ...home.throws], plan.startsOn),
    ahead,
    academy: planningOf(signedIn.home),
    lexicon,
    norms,
    home: home.record,
    velocities: sessionVelocities(throws),
  };
}
