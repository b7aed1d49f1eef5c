import type { Discipline, Severity } from '../catalogue';

/** What instructors disagree about, as far as it changes a trace or a plan. */
export interface Approach {
  /** Leaving the rubber: push hard and late, or set an angle and let the hips go. */
  leave: 'drive' | 'fall';
  /** Top of the lift: able to stop there, or never stopping. */
  lift: 'balance' | 'drift';
  /** How change is taught: by the surroundings, or by saying and showing. */
  teach: 'constrain' | 'instruct';
  /** Windmill finish: hips close fully, or stay about halfway at release. */
  hips: 'close' | 'half';
}

export const approachSides = {
  leave: ['drive', 'fall'],
  lift: ['balance', 'drift'],
  teach: ['constrain', 'instruct'],
  hips: ['close', 'half'],
} as const satisfies { [K in keyof Approach]: readonly Approach[K][] };

export interface TracedAthlete {
  discipline: Discipline;
  throws: 'L' | 'R';
  /** Years, on the day of the look. */
  age: number;
  approach?: Partial<Approach>;
}

/** Grades by node id; an id that is absent was not looked at. */
export type Findings = Readonly<Record<string, Severity>>;

/** Fills in what the instructor did not set: balance is the default below 12, drift from 12 on. */
export function approachFor(athlete: Pick<TracedAthlete, 'age' | 'approach'>): Approach {
  return {
    leave: 'fall',
    lift: athlete.age < 12 ? 'balance' : 'drift',
    teach: 'instruct',
    hips: 'half',
    ...Object.fromEntries(Object.entries(athlete.approach ?? {}).filter(([, side]) => side)),
  };
}

/**
 * Flaws that the approach does not count. A stop at the top counts under `balance` only when something that it
 * causes is present too.
 *
 * @param effectsOf direct effects of a node, struck links left out
 */
export function uncounted(
  approach: Approach,
  findings: Findings,
  effectsOf: (id: string) => readonly string[],
): ReadonlySet<string> {
  const out = new Set<string>();
  if (approach.leave === 'drive') out.add('oh.flat-setup');
  if (approach.hips === 'close') out.add('wm.hips-slam');
  if (approach.lift === 'balance' && !effectsOf('oh.lift-stall').some((id) => (findings[id] ?? 0) > 0))
    out.add('oh.lift-stall');
  return out;
}
