import type { RosterEntry } from '@wrightonic/contract';
import { addDays, carriedInto, withCarried, ageOn, due, type Findings, dayAt } from '@wrightonic/core';
import type { SignedIn } from '../auth/session';
import { athletes } from '../store/athletes';
import { findingsOfLooks, lookStates, type LookState } from '../store/looks';
import { lockedThrows } from '../store/pain';
import { planStates } from '../store/plans';
import { assignedUntil } from '../store/weeks';
import { traceStates } from '../store/traces';

/** The newest of each athlete; the rows come oldest first. */
const newestBy = <T extends { athleteId: string }>(rows: readonly T[]): Map<string, T> =>
  new Map(rows.map((row) => [row.athleteId, row]));

/** Whether nothing was marked in a look. */
export const isClean = (seen: Findings = {}): boolean => Object.values(seen).every((grade) => grade === 0);

/** Every athlete with the newest findings, the focus and what is due. */
export async function roster({ academy, home }: SignedIn): Promise<RosterEntry[]> {
  const today = dayAt(new Date(), home.zone);
  const [people, looks, traces, plans, until, locked] = await Promise.all([
    athletes(academy),
    lookStates(academy),
    traceStates(academy),
    planStates(academy),
    assignedUntil(academy),
    lockedThrows(academy, home.zone),
  ]);
  const newestLook = newestBy(looks);
  const finishedLook = newestBy(looks.filter((look) => look.finished && look.seen));
  const newestTrace = newestBy(traces);
  const newestPlan = newestBy(plans);
  const since = addDays(today, -home.carryDays * 2);
  const findings = await findingsOfLooks(
    academy,
    looks.filter((look) => newestLook.get(look.athleteId) === look || look.date >= since).map(({ id }) => id),
  );
  const graded = (look: LookState) => ({ date: look.date, findings: findings.get(look.id) ?? {} });
  /** A look with what it carries. */
  const wholeLook = (look: LookState): Findings => {
    const earlier = looks.slice(0, looks.indexOf(look));
    const own = earlier.filter(({ athleteId, finished }) => athleteId === look.athleteId && finished);
    const seen = graded(look);
    return withCarried(seen.findings, carriedInto(seen, own.map(graded), home.carryDays));
  };
  return people.map((athlete) => {
    const look = newestLook.get(athlete.id);
    const finished = finishedLook.get(athlete.id);
    const trace = newestTrace.get(athlete.id);
    const plan = newestPlan.get(athlete.id);
    return {
      id: athlete.id,
      givenName: athlete.givenName,
      familyName: athlete.familyName,
      discipline: athlete.discipline,
      throws: athlete.throws,
      age: ageOn(athlete.birthdate, today),
      findings: (look && findings.get(look.id)) ?? {},
      focus: { lower: trace?.lower ?? null, arm: trace?.arm ?? null },
      due: due(
        {
          lookedOn: finished?.date ?? null,
          lookOpen: look?.finished === false,
          clean: isClean(look && wholeLook(look)),
          traced: finished !== undefined && trace?.lookId === finished.id,
          planned: trace !== undefined && plan?.traceId === trace.id,
          assigned: plan !== undefined && (until.get(plan.id) ?? '') >= today,
          relookOn: plan?.relookOn ?? null,
          planEndsOn: plan?.endsOn ?? null,
        },
        today,
      ),
      lock: locked.get(athlete.id)?.lock ?? null,
    };
  });
}
