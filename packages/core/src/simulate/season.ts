import { drillOf, type Severity } from '../catalogue';
import { quickLook } from '../catalogue/quickLook';
import { catalogueGraph, type Findings } from '../trace';
import { fromMph } from '../units';
import { rng, type Rng } from '../units/rng';
import type { PretendAthlete, Story } from './roster';

/** One pretend look; days are counted back from today. */
export interface PretendLook {
  daysAgo: number;
  findings: Findings;
}

export interface PretendThrow {
  /** m/s */
  velocity: number;
  effort: number;
}

/** How far along the story is on a day, 0 at the beginning to 1 when everything is learned. */
export type Progress = (daysAgo: number) => number;

/** The days of the looks, oldest first. */
const lookDays: Readonly<Record<Story, readonly number[]>> = {
  improves: [118, 96, 75, 54, 30, 9],
  steady: [104, 82, 60, 37, 12],
  'slips-back': [126, 104, 82, 66, 5],
  returns: [118, 96, 75, 58, 40],
  limited: [90, 68, 45, 20],
  flat: [97, 70, 44, 15],
  starting: [4],
  new: [],
};

/** Breaks without sessions, from and to in days ago. */
export const awayDays: Readonly<Partial<Record<Story, { from: number; to: number }>>> = {
  'slips-back': { from: 64, to: 8 },
  returns: { from: 38, to: 4 },
};

/**
 * Whether somebody was away on a day of their story.
 *
 * @example isAway('returns', 20) // true
 */
export function isAway(story: Story, daysAgo: number): boolean {
  const away = awayDays[story];
  return away !== undefined && daysAgo < away.from && daysAgo > away.to;
}

const gained: Readonly<Record<Story, number>> = {
  improves: 0.85,
  steady: 0.55,
  'slips-back': 0.7,
  returns: 0.8,
  limited: 0.3,
  flat: 0.5,
  starting: 0,
  new: 0,
};

/**
 * How far a story has brought an athlete by a day.
 *
 * @example progressOf('steady')(0) // 0.55
 */
export function progressOf(story: Story): Progress {
  const first = lookDays[story][0] ?? 0;
  return (daysAgo) => {
    const away = awayDays[story];
    if (away && story === 'slips-back' && daysAgo <= away.to) return 0;
    const end = away?.from ?? 0;
    const passed = (first - Math.max(daysAgo, end)) / Math.max(1, first - end);
    return gained[story] * Math.min(1, Math.max(0, passed));
  };
}

/** What the present causes make of the rest, with a little of the athlete's own way in each checkpoint. */
function graded(athlete: PretendAthlete, learned: number, own: ReadonlyMap<string, number>): Findings {
  const graph = catalogueGraph(athlete.discipline);
  const severity = new Float64Array(graph.nodes.length);
  const seen = new Set([...quickLook[athlete.discipline], ...Object.keys(athlete.roots)]);
  const findings: Record<string, Severity> = {};
  // Causes before effects.
  for (const at of [...graph.order].reverse()) {
    const { id, type } = graph.nodes[at]!;
    const root = athlete.roots[id];
    const fades = type === 'limit' ? learned * 0.5 : learned;
    const given = root === undefined ? 0 : root * (1 - fades);
    const spared = graph.causes[at]!.reduce(
      (rest, { at: cause, weight }) => rest * (1 - (weight * severity[cause]!) / 3),
      1,
    );
    const caused = type === 'flaw' ? 3 * (1 - spared) * own.get(id)! : 0;
    severity[at] = Math.min(3, Math.max(given, caused));
    if (seen.has(id) || (type === 'flaw' && severity[at] > 1.1))
      findings[id] = Math.round(severity[at]) as Severity;
  }
  return findings;
}

/**
 * The looks that an instructor would have taken.
 *
 * @example pretendLooks(wren, 1).length // 6
 */
export function pretendLooks(athlete: PretendAthlete, seed: number): PretendLook[] {
  const random = rng(seed);
  const own = new Map(
    catalogueGraph(athlete.discipline).nodes.map(({ id }) => [id, 0.7 + 0.6 * random.unit()]),
  );
  const progress = progressOf(athlete.story);
  return lookDays[athlete.story].map((daysAgo) => ({
    daysAgo,
    findings: graded(athlete, progress(daysAgo), own),
  }));
}

/**
 * The days with a session, oldest first: two or three a week from the day after the first look on.
 *
 * @example sessionDays(wren, 1).length > 20 // true
 */
export function sessionDays(athlete: PretendAthlete, seed: number): number[] {
  const random = rng(seed + 1);
  const first = lookDays[athlete.story][0];
  if (first === undefined) return [];
  const days: number[] = [];
  for (let daysAgo = first - 1; daysAgo >= 1; daysAgo -= random.integer(2, 4)) {
    if (!isAway(athlete.story, daysAgo)) days.push(daysAgo);
  }
  return days;
}

/**
 * How fast an athlete usually throws on a day of the story, mph; nothing is gained in a `flat` one.
 *
 * @example storyMph({ ...wren, story: 'flat' }, 0) // 70
 */
export function storyMph({ mph, story }: PretendAthlete, daysAgo: number): number {
  return mph * (1 + (story === 'flat' ? 0 : 0.065) * progressOf(story)(daysAgo));
}

/**
 * Pitches of a day at one effort; velocity follows what was learned, less so in a `flat` story.
 *
 * @example pretendThrows(wren, 10, 1).length > 0 // true
 */
export function pretendThrows(athlete: PretendAthlete, daysAgo: number, seed: number): PretendThrow[] {
  const random = rng(seed * 1009 + daysAgo);
  const effort = athlete.age < 13 ? 80 : 90;
  const mph = storyMph(athlete, daysAgo) + 0.35 * random.normal();
  const robustSd = 0.9 + 0.01 * athlete.mph;
  return Array.from({ length: random.integer(10, 18) }, () => ({
    velocity: fromMph(mph + robustSd * random.normal() * 0.7),
    effort,
  }));
}

/**
 * Clean and missed reps of a drill, in order; easier drills and later days are cleaner.
 *
 * @example pretendReps(wren, 'hip-snap', 10, rng(1)).length > 0 // true
 */
export function pretendReps(
  athlete: PretendAthlete,
  drill: string,
  daysAgo: number,
  random: Rng,
): ('clean' | 'missed')[] {
  const { stage } = drillOf(drill)!;
  const hard = { prep: 0.95, feel: 0.85, move: 0.78, constrain: 0.66, deliver: 0.45 }[stage as string] ?? 0.7;
  // Whoever moves well and gains nothing is clean until the ball is thrown.
  const p =
    athlete.story === 'flat' && stage !== 'deliver'
      ? 0.9
      : Math.min(0.97, hard * (0.72 + 0.4 * progressOf(athlete.story)(daysAgo)));
  return Array.from({ length: random.integer(6, 12) }, () => (random.chance(p) ? 'clean' : 'missed'));
}
