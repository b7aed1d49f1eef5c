import { emptyAthlete, type NewAthlete } from '@wrightonic/contract';
import { addDays, keptSequence, fromMph, missOf, sequence, usualBall, venueInstant } from '@wrightonic/core';
import {
  curveStrengths,
  rng,
  pretendCurves,
  pretendFlight,
  pretendPitches,
  pretendPlant,
  pretendScreen,
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
    heightCm: pretend.heightCm - (age < 17 ? 3 : 0),
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

/** Growth, screens, charted pitches, effort ladders and speed curves of one athlete. */
export async function seedMeasured(
  { academy, id, today }: Seeding,
  athlete: { id: string; pretend: PretendAthlete },
  by: string,
  seed: number,
): Promise<void> {
  const { pretend } = athlete;
  if (pretend.story === 'new') return;
  const random = rng(seed + 91);
  const at = (daysAgo: number, time: string) => venueInstant(addDays(today, -daysAgo), time, zone);
  const row = (when: Date) => ({ id: id(when), at: when, by_person: by });
  const own = (when: Date) => ({ ...row(when), athlete_id: athlete.id });
  for (const [daysAgo, less] of [
    [120, 2],
    [60, 1],
    [14, 0],
  ] as const) {
    const grows = pretend.age < 17 ? less : 0;
    await academy.add('body_sizes', {
      ...own(at(daysAgo, '17:00')),
      date: addDays(today, -daysAgo),
      height_cm: pretend.heightCm - grows,
      mass_kg: pretend.massKg - grows * 0.8,
    });
  }
  await academy.change('athletes', athlete.id, { height_cm: pretend.heightCm, mass_kg: pretend.massKg });

  if (seed % 2 === 0 || pretend.story === 'limited') {
    const begun = at(33, '16:00');
    const screen = own(begun);
    await academy.add('screens', { ...screen, zone, date: addDays(today, -33) });
    await academy.add(
      'screen_tries',
      pretendScreen(pretend, seed).map((each, n) => ({
        ...row(new Date(begun.getTime() + 20_000 * (n + 1))),
        screen_id: screen.id,
        ...each,
        pain: false,
      })),
    );
    await academy.add('screen_ends', { ...row(at(33, '16:40')), screen_id: screen.id });
  }

  const ball = usualBall[pretend.discipline];
  const pitches: Record<string, unknown>[] = [];
  const flights = rng(seed + 91);
  for (const daysAgo of [16, 6, 2]) {
    let when = at(daysAgo, '18:00').getTime();
    const mph = pretend.mph * 1.01;
    for (const { aim, arrived } of pretendPitches(pretend, seed + daysAgo, 20)) {
      const event = own(new Date((when += 25_000)));
      const flashes = pretend.story === 'flat' && random.chance(0.08) ? 3 : 0;
      const sides = missOf({ x: aim[0], y: aim[1] }, { x: arrived[0], y: arrived[1] }, pretend.throws);
      pitches.push({
        ...event,
        date: addDays(today, -daysAgo),
        velocity: fromMph(mph + 0.7 * random.normal() + flashes),
        effort: pretend.age < 13 ? 80 : 90,
        pitch: 'fastball',
        ball_g: ball,
        source: 'chart',
        aim_x: aim[0],
        aim_y: aim[1],
        arrived_x: arrived[0],
        arrived_y: arrived[1],
        sides: sides.join('+'),
        ...flightColumns(pretend.age >= 15 ? pretendFlight(pretend, flights) : {}),
      });
    }
  }
  // A ladder of efforts; in a flat story more effort goes in at the wrong place.
  if (pretend.age >= 13) {
    let when = at(9, '18:30').getTime();
    for (const effort of [60, 70, 80, 90, 100])
      for (let n = 0; n < 4; n++) {
        const share = pretend.story === 'flat' ? Math.min(effort, 82) : effort;
        pitches.push({
          ...own(new Date((when += 30_000))),
          date: addDays(today, -9),
          velocity: fromMph(pretend.mph * (0.72 + 0.0031 * share) + 0.5 * random.normal()),
          effort,
          pitch: 'fastball',
          ball_g: ball,
          source: 'chart',
        });
      }
  }
  await inBatches(academy, 'throws', pitches);

  const flaws = curveStrengths(pretend);
  if (Object.keys(flaws).length && pretend.discipline === 'overhand') {
    const { curves } = pretendCurves({ discipline: 'overhand', fps: 240, flaws, noise: 6, seed });
    const found = sequence(curves, {
      discipline: 'overhand',
      level: pretend.age < 15 ? 'youth' : 'high-school',
      plant: pretendPlant,
    });
    await academy.add('curve_readings', {
      ...own(at(5, '17:45')),
      zone,
      date: addDays(today, -5),
      name: 'pretend-delivery.csv',
      result: JSON.stringify(keptSequence(found)),
    });
  }

  if (pretend.givenName === 'Alaric') {
    const hurt = own(at(170, '09:30'));
    await academy.add('injuries', {
      ...hurt,
      site: 'elbow',
      what: 'Ligament of the inner elbow, repaired',
      since: addDays(today, -640),
      surgery: true,
    });
    await academy.add('clearances', {
      ...row(at(165, '09:30')),
      injury_id: hurt.id,
      cleared_by: 'Dr. P. Marrable, sports clinic',
      date: addDays(today, -166),
      restrictions: 'No added-mass balls; 80 pitches a day at most',
    });
  }
  if (pretend.givenName === 'Dario')
    await academy.add('injuries', {
      ...own(at(40, '09:30')),
      site: 'back',
      what: 'Lower back, stress reaction',
      since: addDays(today, -210),
      surgery: false,
    });
}
