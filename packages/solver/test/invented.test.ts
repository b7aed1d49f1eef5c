import {
  addDays,
  drillOf,
  flawsFor,
  limits,
  missingFor,
  nodeName,
  planAthlete,
  pullsAgainst,
  weekdayName,
  type Discipline,
  type PlanInput,
  type Severity,
  type WholePlan,
} from '@wrightonic/core';
import { rng } from '@wrightonic/core/simulate';
import { flat, loadOnce, monday, solve } from './weeks';

beforeAll(loadOnce);

const little = ['wall', 'floor', 'phone', 'chair'];
const atTheAcademy = ['ball', 'net', 'mirror', 'target', 'mound', 'cones', 'light band', 'tape line'];

/** Somebody of 8 to 20 with a first look and what a family has at home: two lessons, one of them today. */
function invented(n: number): PlanInput {
  const random = rng(n + 1);
  const discipline: Discipline = n % 2 ? 'windmill' : 'overhand';
  const age = random.integer(8, 20);
  const flaws = flawsFor(discipline).filter(({ kind }) => kind === 'pattern');
  const findings: Record<string, Severity> = {};
  for (let each = random.integer(3, 7); each > 0; each--)
    findings[flaws[random.integer(0, flaws.length - 1)]!.id] = random.integer(1, 3) as Severity;
  if (n % 3 === 0) findings[limits[random.integer(0, 8)]!.id] = random.integer(2, 3) as Severity;
  const second = random.integer(2, 5);
  return {
    athlete: { discipline, throws: n % 5 ? 'R' : 'L', age },
    findings,
    throws: [],
    days: [0, 1, 2, 3, 4, 5, 6].map((d) => {
      const lesson = d === 0 || d === second;
      return {
        date: addDays(monday, d),
        kind: lesson ? 'lesson' : d === 6 ? 'off' : 'home',
        minutes: lesson ? 45 : d === 6 ? 0 : 25,
        equipment: lesson && n % 4 ? [...little, ...atTheAcademy] : little,
        places: lesson ? ['cage', 'mound', 'field'] : ['home', 'field'],
      };
    }),
  };
}

/** What a coach would object to, held without the programme that made the week. */
function objections({ athlete, findings, days }: PlanInput, plan: WholePlan): string[] {
  const found: string[] = [];
  const object = (bad: boolean, words: string) => bad && found.push(words);
  const items = flat(plan);
  for (const { thread, focus, stages } of plan.threads) {
    const explained = Object.keys(findings);
    const serves = (id: string) => {
      const { stage, targets } = drillOf(id)!;
      return (
        targets.includes(focus) ||
        (stage !== 'prep' && targets.some((t) => t === '*' || explained.includes(t)))
      );
    };
    object(
      !items.some(({ drill }) => serves(drill)) && !plan.limitedBy[0]?.includes(nodeName(focus)),
      `nothing for ${focus}`,
    );
    for (const { stage, drills } of stages)
      for (const id of drills) {
        const drill = drillOf(id)!;
        const strange = stage !== 'prep' && drill.thread !== thread && !drill.targets.includes('*');
        object(
          strange &&
            !plan.limitedBy.some((words) => words.includes(drill.name) && words.includes('the other thread')),
          `${id} on the ladder of the ${thread} thread`,
        );
        object(drill.minAge > athlete.age, `${id} is not for ${athlete.age}`);
      }
  }
  days.forEach((day) => {
    const own = items.filter(({ date }) => date === day.date).map(({ drill }) => drillOf(drill)!);
    if (own.length === 0) return;
    const besides = own.filter(({ stage }) => stage !== 'prep');
    object(own[0]!.id !== 'warm-up-flow', `${day.date} does not begin with the warm-up`);
    object(besides.length === 0, `${day.date} holds preparation only`);
    object(athlete.age < 10 && besides.length > 2, `${day.date}: ${besides.length} drills below 10`);
    object(athlete.age < 13 && besides.length > 3, `${day.date}: ${besides.length} drills below 13`);
    object(own.filter(({ throws }) => throws > 0).length > 3, `${day.date}: more than three throwing drills`);
    for (const drill of own) {
      object(
        missingFor(drill, day.equipment).length > 0,
        `${drill.id} without ${missingFor(drill, day.equipment)}`,
      );
      object(
        pullsAgainst(drill.id, { leave: athlete.discipline === 'windmill' ? 'drive' : 'fall' }) !== null,
        `${drill.id} pulls`,
      );
    }
  });
  const empty = days.filter(({ kind, date }) => kind !== 'off' && !items.some((item) => item.date === date));
  for (const { date } of plan.threads.length ? empty : [])
    object(
      !plan.limitedBy.some((words) => words.startsWith('Nothing ') && words.includes(weekdayName(date))),
      `nothing on ${date}, and no reason`,
    );
  return found;
}

it.each(Array.from({ length: 60 }, (_, n) => n))(
  'athlete %d gets a first week that a coach would give',
  (n) => {
    const input = invented(n);
    const plan = planAthlete(input, solve);
    expect(objections(input, plan)).toEqual([]);
  },
);
