import { median } from 'simple-statistics';
import { flaws } from '../catalogue';
import { medianDifference } from './bootstrap';
import { texts } from './texts';

/** An athlete who worked on a flaw over some weeks. */
export interface Worked {
  athlete: string;
  flaw: string;
  /** The day it was cleared; null where it was not. */
  clearedOn: string | null;
  /** Usual velocity before and after those weeks, in one unit. */
  before: number;
  after: number;
  weeks: number;
}

export interface FlawWorth {
  flaw: string;
  /** How many cleared it, and how many did not over the same weeks. */
  n: number;
  nOther: number;
  /** Of usual velocity, in the unit that came in; null where nobody is. */
  medianChange: number | null;
  medianOther: number | null;
  difference: number | null;
  /** 90 % interval of the difference; null for too few. */
  low: number | null;
  high: number | null;
  say: string;
}

/** Fewer of either say nothing. */
export const fewestOfWorth = 8;

const middle = (values: readonly number[]): number | null => (values.length ? median([...values]) : null);

function sayOf(n: number, difference: number, { low, high }: { low: number; high: number }): string {
  if (low > 0 || high < 0) return texts.clearedItChanged(n, difference);
  return texts.clearedItNoDifferent(n);
}

/**
 * What clearing each flaw was worth: the change of usual velocity of those who cleared it against those who did not over
 * the same weeks. No proof of cause: those who clear a flaw may differ in other ways too.
 *
 * @param seed of the interval
 * @returns flaws that somebody worked on, in the order of the catalogue
 * @example worthOf([{ athlete: 'A', flaw: 'oh.jump', clearedOn: null, before: 61, after: 62, weeks: 8 }], 1)[0].say // 'too few'
 */
export function worthOf(all: readonly Worked[], seed: number): FlawWorth[] {
  return flaws.flatMap(({ id: flaw }): FlawWorth[] => {
    const own = all.filter((each) => each.flaw === flaw);
    if (own.length === 0) return [];
    const changes = (cleared: boolean) =>
      own.flatMap(({ clearedOn, before, after }) =>
        (clearedOn !== null) === cleared ? [after - before] : [],
      );
    const [cleared, others] = [changes(true), changes(false)];
    const [medianChange, medianOther] = [middle(cleared), middle(others)];
    const difference = medianChange === null || medianOther === null ? null : medianChange - medianOther;
    const enough = Math.min(cleared.length, others.length) >= fewestOfWorth;
    const interval = enough ? medianDifference(cleared, others, seed) : null;
    return [
      {
        flaw,
        n: cleared.length,
        nOther: others.length,
        medianChange,
        medianOther,
        difference,
        low: interval?.low ?? null,
        high: interval?.high ?? null,
        say: interval ? sayOf(cleared.length, difference!, interval) : 'too few',
      },
    ];
  });
}
