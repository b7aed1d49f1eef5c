import type { ClientRateLimitInfo, Options, Store } from 'express-rate-limit';
import { RedisStore, type RedisReply } from 'rate-limit-redis';
import type { Redis } from 'ioredis';

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

/**
 * Counts by visitor over all servers on one Redis. While it is away each server counts for itself: nobody is kept out, and
 * nobody is let in more often than so many times for each server.
 */
export class SharedStore implements Store {
  private shared: RedisStore | null = null;
  private readonly own = new BoundedStore();

  /** @param prefix of the limit, the same on every server */
  constructor(
    private readonly redis: Redis,
    readonly prefix: string,
  ) {}

  init(options: Options): void {
    this.own.init(options);
    const connect = () => {
      const store = new RedisStore({
        prefix: `wrightonic limit ${this.prefix} `,
        sendCommand: (command: string, ...args: string[]) =>
          this.redis.call(command, ...args) as Promise<RedisReply>,
      });
      // Its scripts are loaded now; a Redis that went away again is asked at the next connection.
      store.init(options).then(
        () => (this.shared = store),
        () => undefined,
      );
    };
    if (this.redis.status === 'ready') connect();
    this.redis.on('ready', connect);
  }

  private async counted<T>(work: (store: Store) => Promise<T> | T): Promise<T> {
    try {
      return await work(this.shared ?? this.own);
    } catch {
      return work(this.own);
    }
  }

  increment(key: string): Promise<ClientRateLimitInfo> {
    return this.counted((store) => store.increment(key) as Promise<ClientRateLimitInfo>);
  }

  decrement(key: string): Promise<void> {
    return this.counted((store) => store.decrement(key) as Promise<void>);
  }

  resetKey(key: string): Promise<void> {
    return this.counted((store) => store.resetKey(key) as Promise<void>);
  }
}
