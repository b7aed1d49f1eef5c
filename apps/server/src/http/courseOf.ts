import type { Course } from '@wrightonic/contract';
import {
  ageOn,
  addDays,
  breaksOf,
  dayAt,
  homeWork,
  stageSpans,
  throwWeeks,
  transferOf,
  type DatedScreen,
  type Severity,
} from '@wrightonic/core';
import type { AcademyRow } from '../store/academies';
import type { AthleteRow } from '../store/athletes';
import { injuriesOf, sizesOf } from '../store/athleteProfile';
import { activeDays, assignedSets, campsWith, painDays, stageSteps, targetOf } from '../store/course';
import { homeOf } from '../store/home';
import { normEdits } from '../store/norms';
import type { StoredPlan } from '../store/plans';
import type { Academy } from '../store/scope';
import { screensOf } from '../store/screens';
import { drillCounts, throwDays } from '../store/state/counts';
import { screenResult } from './offers';

/** As far back as the axis of time reaches, days: ten years. */
const courseDays = 3_653;
/** As far back as work at home is told, days. */
const homeDays = 183;

/** Every finished screen with its grades and the power of its jump, of the athlete as they were then. */
async function screensOver(academy: Academy, athlete: AthleteRow): Promise<DatedScreen[]> {
  const [screens, sizes, norms] = await Promise.all([
    screensOf(academy, athlete.id),
    sizesOf(academy, athlete.id),
    normEdits(academy),
  ]);
  return screens
    .filter(({ finished }) => finished)
    .reverse()
    .map(({ date, tries }) => {
      const weighed = sizes.findLast((size) => size.date <= date && size.massKg !== null);
      const then = {
        ...athlete,
        age: ageOn(athlete.birthdate, date),
        massKg: weighed?.massKg ?? athlete.massKg,
      };
      const { limits, power } = screenResult(then, { tries }, norms);
      const graded = limits.flatMap(({ id, severity }): [string, Severity][] =>
        severity === null ? [] : [[id, severity]],
      );
      return { date, grades: Object.fromEntries(graded), watts: power && Math.round(power.watts) };
    });
}

/** What stands beside an athlete's velocity over the years. */
export async function courseOf(
  academy: Academy,
  athlete: AthleteRow,
  { zone }: Pick<AcademyRow, 'zone'>,
  plan: StoredPlan | null,
): Promise<Course> {
  const { id } = athlete;
  const today = dayAt(new Date(), zone);
  const since = addDays(today, -courseDays);
  const homeSince = addDays(today, -homeDays);
  const [steps, screens, sizes, injuries, pains, camps, active, thrown, assigned, home, counts, target] =
    await Promise.all([
      stageSteps(academy, id, zone),
      screensOver(academy, athlete),
      sizesOf(academy, id),
      injuriesOf(academy, id),
      painDays(academy, id),
      campsWith(academy, id),
      activeDays(academy, id),
      throwDays(academy, id, since),
      assignedSets(academy, id, homeSince),
      homeOf(academy, id, homeSince, zone),
      plan ? drillCounts(academy, id, plan.startsOn) : [],
      targetOf(academy, id),
    ]);
  return {
    stages: stageSpans(steps),
    ladders: [...new Set(steps.map(({ focus }) => focus))],
    screens,
    sizes: sizes.map(({ date, heightCm, massKg }) => ({ date, heightCm, massKg })),
    injuries: [...injuries].reverse().map(({ site, what, since: from, clearances }) => ({
      site,
      what,
      from,
      to: clearances.at(-1)?.date ?? null,
    })),
    pains,
    camps,
    breaks: breaksOf(active, today),
    throwWeeks: throwWeeks([...thrown, ...home.throws]),
    homeWeeks: homeWork(assigned, home.record.sets, today),
    transfer: transferOf(plan?.threads ?? [], counts),
    target,
  };
}
