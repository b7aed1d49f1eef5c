/**
 * Finding instants in evenly spaced samples, to less than a sample. Positions are in samples; gaps are NaN.
 */

/**
 * Highest sample of a span, with the top of the parabola through it and its neighbours; null where there is none.
 *
 * @example highest(Float64Array.of(0, 1, 0), 0, 2) // { at: 1, value: 1 }
 */
export function highest(
  values: Float64Array,
  from: number,
  to: number,
): { at: number; value: number } | null {
  let best = -1;
  let most = -Infinity;
  const last = Math.min(values.length - 1, to);
  for (let i = Math.max(0, Math.ceil(from)); i <= last; i++)
    if (values[i]! > most) {
      best = i;
      most = values[i]!;
    }
  if (best < 0) return null;
  const [a, b, c] = [values[best - 1] ?? NaN, values[best]!, values[best + 1] ?? NaN];
  const curve = a - 2 * b + c;
  const off = curve < 0 ? (0.5 * (a - c)) / curve : 0;
  // At the edge of a span the parabola may lie outside.
  const inside = Math.abs(off) <= 1 ? off : 0;
  return { at: best + inside, value: b - 0.25 * (a - c) * inside || b };
}

/**
 * Highest sample of a span that is higher than both of its neighbours; null where it only climbs or falls.
 *
 * @example summit(Float64Array.of(0, 1, 2), 0, 2) // null
 */
export function summit(values: Float64Array, from: number, to: number): { at: number; value: number } | null {
  let best: { at: number; value: number } | null = null;
  for (let i = Math.max(1, Math.ceil(from)); i <= Math.min(values.length - 2, to); i++)
    if (values[i]! >= values[i - 1]! && values[i]! > values[i + 1]! && !(best && best.value >= values[i]!))
      best = { at: i, value: values[i]! };
  return best && highest(values, best.at, best.at);
}

/** Where samples pass a level between two neighbours, as a share of the way from the first. */
const passed = (before: number, after: number, level: number): number => (level - before) / (after - before);

/**
 * First instant after `from` from which on samples stay under a level for so many of them; null where they do not.
 *
 * @example fallsUnder(Float64Array.of(4, 2, 0, 0), 1, { from: 0, to: 3, stays: 1 }) // 1.5
 */
export function fallsUnder(
  values: Float64Array,
  level: number,
  { from, to, stays }: { from: number; to: number; stays: number },
): number | null {
  for (let i = Math.max(1, Math.ceil(from)); i <= Math.min(values.length - 1, to); i++) {
    if (!(values[i]! < level)) continue;
    const end = Math.min(values.length - 1, i + stays);
    let k = i;
    while (k < end && values[k + 1]! < level) k++;
    if (k < end) continue;
    return Number.isFinite(values[i - 1]!) && values[i - 1]! >= level
      ? i - 1 + passed(values[i - 1]!, values[i]!, level)
      : i;
  }
  return null;
}

/**
 * Last instant of a span at which samples rise through a level; null where they do not.
 *
 * @example lastRise(Float64Array.of(0, 2, 0, 2), 1, 0, 3) // 2.5
 */
export function lastRise(values: Float64Array, level: number, from: number, to: number): number | null {
  for (let i = Math.min(values.length - 1, Math.floor(to)); i > Math.max(0, from); i--)
    if (values[i - 1]! <= level && values[i]! > level)
      return i - 1 + passed(values[i - 1]!, values[i]!, level);
  return null;
}

/**
 * First instant of a span at which samples rise through a level; null where they do not.
 *
 * @example firstRise(Float64Array.of(0, 2, 0, 2), 1, 0, 3) // 0.5
 */
export function firstRise(values: Float64Array, level: number, from: number, to: number): number | null {
  for (let i = Math.max(1, Math.ceil(from)); i <= Math.min(values.length - 1, to); i++)
    if (values[i - 1]! <= level && values[i]! > level)
      return i - 1 + passed(values[i - 1]!, values[i]!, level);
  return null;
}

/**
 * Changes a second, by central differences.
 *
 * @example [...rateOf(Float64Array.of(0, 1, 2), 10)] // [10, 10, 10]
 */
export function rateOf(values: Float64Array, rate: number): Float64Array {
  const rates = new Float64Array(values.length);
  const last = values.length - 1;
  // Once for every draw of every interval: a plain loop takes a tenth of the time of a map with pairs.
  for (let i = 0; i <= last; i++) {
    const a = i > 0 ? i - 1 : 0;
    const b = i < last ? i + 1 : last;
    rates[i] = ((values[b]! - values[a]!) * rate) / (b - a);
  }
  return rates;
}
