/** Where a day stands, px; it changes with every frame of a zoom. */
export interface DayScale {
  (day: number): number;
  /** First and last day that are shown. */
  domain: () => number[];
}

export const one = (value: number): string => value.toFixed(1);
/** A line from far left to far right, at a height; it reaches beyond what is shown wherever it is moved to. */
export const across = (y: number): string => `M-9999 ${one(y)}H9999`;
export type Point = readonly [day: number, y: number];

/** What of points in the order of their days is shown, with one more at each end for the line that leads out. */
function shownOf(points: readonly Point[], x: DayScale): readonly Point[] {
  const [first, last] = x.domain() as [number, number];
  if (points.length < 3) return points;
  const from = points.findIndex(([day]) => day >= first);
  const to = points.findLastIndex(([day]) => day <= last);
  return points.slice(Math.max(0, (from < 0 ? points.length : from) - 1), to + 2);
}

/** A line through points, in the order in which they come. */
export const whole = (points: readonly Point[], x: DayScale): string =>
  points.map(([day, y], n) => `${n ? 'L' : 'M'}${one(x(day))} ${one(y)}`).join('');
/** A line through points in the order of their days, as far as it is shown. */
export const lineOf =
  (points: readonly Point[]) =>
  (x: DayScale): string =>
    whole(shownOf(points, x), x);
/** A dot at each point: a stroke without length, with round ends. */
export const dotsOf =
  (points: readonly Point[]) =>
  (x: DayScale): string =>
    shownOf(points, x)
      .map(([day, y]) => `M${one(x(day))} ${one(y)}h0`)
      .join('');
/** Boxes from day to day; each is at least a pixel wide. */
export const boxes =
  (spans: readonly { from: number; to: number; y: number; height: number }[]) =>
  (x: DayScale): string => {
    const [first, last] = x.domain() as [number, number];
    return spans
      .filter(({ from, to, height }) => height > 0 && to >= first && from <= last)
      .map(
        ({ from, to, y, height }) =>
          `M${one(x(from))} ${one(y)}H${one(Math.max(x(to) - 1, x(from) + 1))}v${one(height)}H${one(x(from))}Z`,
      )
      .join('');
  };
