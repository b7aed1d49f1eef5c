import type { ClientRateLimitInfo, Options, Store } from 'express-rate-limit';
import type { Redis } from 'ioredis';
import { RedisStore, type RedisReply } from 'rate-limit-redis';
import { BoundedStore } from './counts';

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
