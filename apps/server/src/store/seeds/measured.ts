import { emptyAthlete, type NewAthlete } from '@wrightonic/contract';
import { addDays, keptSequence, fromMph, missOf, sequence, usualBall, venueInstant } from '@wrightonic/core';
import {
  curveStrengths,
  isAway,
  rng,
  type Rng,
  pretendCurves,
  pretendFlight,
  pretendPitches,
  pretendPlant,
  pretendScreen,
  storyMph,
  type PretendAthlete,
} from '@wrightonic/core/simulate';
import { inBatches } from '../scope';
import { flightColumns } from '../throws';
import { noApproach, zone, type Seeding } from './seeding';

const teamsOf = { overhand: 'Saltmarsh Herons', windmill: 'Saltmarsh Terns' } as const;

/** What an athlete has at home: what anybody has, and their own. */
export const homeOf = (pretend: PretendAthlete): string[] => [
  ...new Set([...emptyAthlete.equipment, ...pretend.equipmentAtHome]),
];

/** An athlete of the demo academy as an instructor would have written him or her down. */
export function formOf(id: string, pretend: PretendAthlete, today: string, n: number): NewAthlete {
  const { givenName, familyName, discipline, throws, age } = pretend;
  return {
    id,
    givenName,
    familyName,
    discipline,
    throws,
    birthdate: addDays(`${Number(today.slice(0, 4)) - age}${today.slice(4)}`, -20 - n * 9),
    // Half a year ago; what was measured since stands in the growth.
    heightCm: pretend.heightCm - (age < 17 ? (age > 11 && age < 15 ? 6 : 3) : 0),
    massKg: pretend.massKg - (age < 17 ? 2 : 0),
    equipment: homeOf(pretend),
    approach: noApproach,
    note: '',
    level: null,
    sex: discipline === 'windmill' ? 'female' : 'male',
    teams: age > 11 ? [teamsOf[discipline]] : [],
    days: n % 2 ? ['mon', 'wed', 'fri', 'sun'] : ['tue', 'thu', 'sat', 'sun'],
    voice: (['plain', 'feel', 'target', 'detail'] as const)[n % 4]!,
    guardians:
      age < 18
        ? [
            {
              name: `Guardian of ${givenName}`,
              phone: '01632 960123',
              email: `${givenName.toLowerCase()}.home@saltmarsh.example`,
            },
          ]
        : [],
    allergies: n % 9 === 4 ? 'Bee stings; carries a pen' : '',
    league: { maxPerDay: age > 11 && age < 15 ? 75 : null, maxPerGame: null },
  };
}

/** One athlete who is furnished with what is measured, and who did it. */
interface Furnished extends Seeding {
  athlete: { id: string; pretend: PretendAthlete };
  by: string;
  seed: number;
}

const at = ({ today }: Seeding, daysAgo: number, time: string) =>
  venueInstant(addDays(today, -daysAgo), time, zone);
const row = ({ id, by }: Furnished, when: Date) => ({ id: id(when), at: when, by_person: by });
const own = (one: Furnished, when: Date) => ({ ...row(one, when), athlete_id: one.athlete.id });

async function seedSizes(one: Furnished): Promise<void> {
  const { academy, today, athlete } = one;
  const { age, heightCm, massKg } = athlete.pretend;
  for (const [daysAgo, less] of [
    [120, 2],
    [60, 1],
    [14, 0],
  ] as const) {
    // Around thirteen they shoot up.
    const grows = age < 17 ? less * (age > 11 && age < 15 ? 2 : 1) : 0;
    await academy.add('body_sizes', {
      ...own(one, at(one, daysAgo, '17:00')),
      date: addDays(today, -daysAgo),
      height_cm: heightCm - grows,
      mass_kg: massKg - grows * 0.8,
    });
  }
  await academy.change('athletes', athlete.id, { height_cm: heightCm, mass_kg: massKg });
}

async function seedScreen(one: Furnished, daysAgo: number): Promise<void> {
  const { academy, today, athlete, seed } = one;
  const begun = at(one, daysAgo, '16:00');
  const screen = own(one, begun);
  await academy.add('screens', { ...screen, zone, date: addDays(today, -daysAgo) });
  await academy.add(
    'screen_tries',
    pretendScreen(athlete.pretend, seed + daysAgo).map((each, n) => ({
      ...row(one, new Date(begun.getTime() + 20_000 * (n + 1))),
      screen_id: screen.id,
      ...each,
      pain: false,
    })),
  );
  await academy.add('screen_ends', { ...row(one, at(one, daysAgo, '16:40')), screen_id: screen.id });
}

/** Pitches of three days, charted with where they were aimed and went. */
function chartedPitches(one: Furnished, random: Rng): Record<string, unknown>[] {
  const { today, seed } = one;
  const { pretend } = one.athlete;
  const flights = rng(seed + 91);
  const days = [16, 6, 2].filter((daysAgo) => !isAway(pretend.story, daysAgo));
  return days.flatMap((daysAgo) => {
    let when = at(one, daysAgo, '18:00').getTime();
    const mph = storyMph(pretend, daysAgo);
    return pretendPitches(pretend, seed + daysAgo, 20).map(({ aim, arrived }) => {
      const event = own(one, new Date((when += 25_000)));
      const flashes = pretend.story === 'flat' && random.chance(0.08) ? 3 : 0;
      const sides = missOf({ x: aim[0], y: aim[1] }, { x: arrived[0], y: arrived[1] }, pretend.throws);
      return {
        ...event,
        date: addDays(today, -daysAgo),
        velocity: fromMph(mph + 0.7 * random.normal() + flashes),
        effort: pretend.age < 13 ? 80 : 90,
        pitch: 'fastball',
        ball_g: usualBall[pretend.discipline],
        source: 'chart',
        aim_x: aim[0],
        aim_y: aim[1],
        arrived_x: arrived[0],
        arrived_y: arrived[1],
        sides: sides.join('+'),
        ...flightColumns(pretend.age >= 15 ? pretendFlight(pretend, flights) : {}),
      };
    });
  });
}

/** A ladder of efforts; in a flat story more effort goes in at the wrong place. */
function effortLadder(one: Furnished, random: Rng): Record<string, unknown>[] {
  const { pretend } = one.athlete;
  let when = at(one, 9, '18:30').getTime();
  return [60, 70, 80, 90, 100].flatMap((effort) =>
    Array.from({ length: 4 }, () => {
      const share = pretend.story === 'flat' ? Math.min(effort, 82) : effort;
      return {
        ...own(one, new Date((when += 30_000))),
        date: addDays(one.today, -9),
        velocity: fromMph(pretend.mph * (0.72 + 0.0031 * share) + 0.5 * random.normal()),
        effort,
        pitch: 'fastball',
        ball_g: usualBall[pretend.discipline],
        source: 'chart',
      };
    }),
  );
}

async function seedCurves(one: Furnished): Promise<void> {
  const { academy, today, athlete, seed } = one;
  const flaws = curveStrengths(athlete.pretend);
  if (Object.keys(flaws).length === 0 || athlete.pretend.discipline !== 'overhand') return;
  const { curves } = pretendCurves({ discipline: 'overhand', fps: 240, flaws, noise: 6, seed });
  const found = sequence(curves, {
    discipline: 'overhand',
    level: athlete.pretend.age < 15 ? 'youth' : 'high-school',
    plant: pretendPlant,
  });
  await academy.add('curve_readings', {
    ...own(one, at(one, 5, '17:45')),
    zone,
    date: addDays(today, -5),
    name: 'pretend-delivery.csv',
    result: JSON.stringify(keptSequence(found)),
  });
}

/** Two who are getting faster have a figure to get to. */
async function seedTarget(one: Furnished): Promise<void> {
  const { givenName, mph } = one.athlete.pretend;
  if (givenName !== 'Wren' && givenName !== 'Thea') return;
  await one.academy.add('velocity_targets', {
    ...own(one, at(one, 30, '17:20')),
    velocity: fromMph(Math.round(mph * 1.08)),
    by_date: addDays(one.today, 60),
  });
}

/** Two athletes were hurt before: one was cleared by somebody licensed, one was not. */
async function seedInjuries(one: Furnished): Promise<void> {
  const { academy, today, athlete } = one;
  if (athlete.pretend.givenName === 'Alaric') {
    const hurt = own(one, at(one, 170, '09:30'));
    await academy.add('injuries', {
      ...hurt,
      site: 'elbow',
      what: 'Ligament of the inner elbow, repaired',
      since: addDays(today, -640),
      surgery: true,
    });
    await academy.add('clearances', {
      ...row(one, at(one, 165, '09:30')),
      injury_id: hurt.id,
      cleared_by: 'Dr. P. Marrable, sports clinic',
      date: addDays(today, -166),
      restrictions: 'No added-mass balls; 80 pitches a day at most',
    });
  }
  if (athlete.pretend.givenName === 'Dario')
    await academy.add('injuries', {
      ...own(one, at(one, 40, '09:30')),
      site: 'back',
      what: 'Lower back, stress reaction',
      since: addDays(today, -210),
      surgery: false,
    });
}

/** Growth, screens, charted pitches, effort ladders and speed curves of one athlete. */
export async function seedMeasured(
  seeding: Seeding,
  athlete: { id: string; pretend: PretendAthlete },
  by: string,
  seed: number,
): Promise<void> {
  const { story, age } = athlete.pretend;
  if (story === 'new') return;
  const one: Furnished = { ...seeding, athlete, by, seed };
  const random = rng(seed + 91);
  await seedSizes(one);
  if (seed % 2 === 0 || story === 'limited') await seedScreen(one, 33);
  if (story === 'limited') await seedScreen(one, 88);
  await seedTarget(one);
  const pitches = chartedPitches(one, random);
  if (age >= 13) pitches.push(...effortLadder(one, random));
  await inBatches(seeding.academy, 'throws', pitches);
  await seedCurves(one);
  await seedInjuries(one);
}
