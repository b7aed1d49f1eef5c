import { drillOf, type Discipline } from '../catalogue';
import { quickLook } from '../catalogue/quickLook';
import { minutesOf, timeOfMinutes } from '../units';
import { emptySetup } from './newSetup';
import type { CampBlock, CampSetup, PlannedStation } from './setup';
import { daysOf } from './staffing';

type Station = Pick<PlannedStation, 'name' | 'drills' | 'throwHeavy' | 'throws' | 'effort'> & {
  area: number;
  also?: readonly string[];
};

const areas = [
  { name: 'Cage', kind: 'cage', capacity: 24 },
  { name: 'Field', kind: 'field', capacity: 24 },
  { name: 'Mounds', kind: 'mound', capacity: 16 },
] as const;

const stations: readonly Station[] = [
  {
    name: 'Sit and glide',
    area: 1,
    drills: ['slow-glide-hold', 'wall-seat-drive', 'lean-and-go'],
    throwHeavy: false,
    throws: 0,
    effort: 50,
  },
  {
    name: 'Balance and line',
    area: 1,
    drills: ['cross-tap', 'straight-line-stride', 'pivot-and-lift', 'tall-lift-lead'],
    throwHeavy: false,
    throws: 0,
    effort: 50,
    also: ['oh.front-open-lift', 'oh.lead-leg-opens'],
  },
  {
    name: 'Closed-hip throws',
    area: 0,
    drills: ['stand-closed-throw', 'half-turn-hold'],
    throwHeavy: true,
    throws: 10,
    effort: 70,
    also: ['wm.shoulder-pull', 'wm.upper-leads'],
  },
  {
    name: 'Brace and post',
    area: 2,
    drills: ['post-up-step', 'finish-stick', 'soft-knee-landing', 'tall-landing-freeze'],
    throwHeavy: false,
    throws: 0,
    effort: 50,
  },
  {
    name: 'Arm path',
    area: 0,
    drills: ['mirror-arm-path', 'tap-beat', 'mirror-glove-side', 'mirror-circle', 'fence-line-circle'],
    throwHeavy: false,
    throws: 0,
    effort: 50,
    also: ['oh.arm-drag', 'wm.stiff-arm'],
  },
  {
    name: 'Mound with radar',
    area: 2,
    drills: ['mound-delivery', 'called-spots'],
    throwHeavy: true,
    throws: 12,
    effort: 85,
    also: ['oh.cut-finish', 'oh.spin-off', 'wm.late-through', 'wm.late-finish'],
  },
];

/** A day from nine to noon: minutes of each block. */
const day: readonly (readonly [CampBlock['kind'], number])[] = [
  ['warm-up', 20],
  ['slot', 25],
  ['slot', 25],
  ['break', 15],
  ['slot', 25],
  ['slot', 25],
  ['break', 15],
  ['slot', 25],
  ['testing', 20],
];
const dayStart = '09:00';

/**
 * The flaws and limits that drills work on, as far as the drills name any.
 *
 * @example treatedBy(['post-up-step']) // [ 'oh.no-post', 'oh.lead-leg-soft' ]
 */
export const treatedBy = (drills: readonly string[]): string[] =>
  [...new Set(drills.flatMap((id) => drillOf(id)?.targets ?? []))].filter((node) => node !== '*');

/**
 * The blocks of one day of a usual camp, from nine to noon.
 *
 * @example usualDay('2031-07-14', () => 'x').length // 9
 */
export function usualDay(date: string, newId: () => string): CampBlock[] {
  let minute = minutesOf(dayStart);
  return day.map(([kind, minutes]) => {
    const start = timeOfMinutes(minute);
    minute += minutes;
    return { id: newId(), day: date, start, minutes, kind };
  });
}

/**
 * A camp to begin with: three areas, mornings of five slots, and six stations that between them work on what most need.
 *
 * @param newId makes the ids
 * @example usualSetup({ name: 'Summer', venue: '', firstDay: '2031-07-14', lastDay: '2031-07-15' }, () => 'x').stations.length // 6
 */
export function usualSetup(
  head: Pick<CampSetup, 'name' | 'venue' | 'firstDay' | 'lastDay'>,
  newId: () => string,
): CampSetup {
  const there = areas.map((area) => ({ ...area, id: newId() }));
  return {
    ...emptySetup(head),
    areas: there,
    blocks: daysOf(head).flatMap((date) => usualDay(date, newId)),
    stations: stations.map(({ area, also = [], ...station }) => ({
      ...station,
      id: newId(),
      areaId: there[area]!.id,
      treats: [...new Set([...treatedBy(station.drills), ...also])],
      capacity: 8,
      minimum: 3,
      things: [],
      skill: null,
    })),
  };
}

/** Checkpoints of a triage at check-in. */
export const triageCount = 8;

/**
 * The few checkpoints that are looked at when somebody checks in: those of a quick look that a station of the camp works
 * on first, as they decide where everybody goes.
 *
 * @example triagePoints('overhand', [{ treats: ['oh.no-post'] }])[0] // 'oh.no-post'
 */
export function triagePoints(
  discipline: Discipline,
  of: readonly Pick<PlannedStation, 'treats'>[],
): string[] {
  const treated = new Set(of.flatMap(({ treats }) => treats));
  const all = quickLook[discipline];
  return [...all.filter((id) => treated.has(id)), ...all.filter((id) => !treated.has(id))].slice(
    0,
    triageCount,
  );
}
