import type { ClientRateLimitInfo, Options, Store } from 'express-rate-limit';

/** A limit counts over so long, ms. */
export const quarterHour = 15 * 60_000;
/** More visitors than this are not told apart: the oldest counts are forgotten. */
const mostVisitors = 20_000;

/** Counts by visitor, bounded however many there are. */
export class BoundedStore implements Store {
  /** Each limit has its own store, so one request may count in several. */
  readonly localKeys = true;
  private readonly counts = new Map<string, { hits: number; until: number }>();
  private windowMs = quarterHour;

  constructor(private readonly maxVisitors = mostVisitors) {}

  init({ windowMs }: Options): void {
    this.windowMs = windowMs;
  }

  increment(key: string): ClientRateLimitInfo {
    const now = Date.now();
    const known = this.counts.get(key);
    const count = known && known.until > now ? known : { hits: 0, until: now + this.windowMs };
    count.hits++;
    // Moved to the end: what was counted longest ago goes first.
    this.counts.delete(key);
    this.counts.set(key, count);
    if (this.counts.size > this.maxVisitors) this.counts.delete(this.counts.keys().next().value!);
    return { totalHits: count.hits, resetTime: new Date(count.until) };
  }

  decrement(key: string): void {
    const count = this.counts.get(key);
    if (count && count.hits > 0) count.hits--;
  }

  resetKey(key: string): void {
    this.counts.delete(key);
  }
}
