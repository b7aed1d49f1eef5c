import { Redis, type RedisOptions } from 'ioredis';

/** Redis is asked for what can be had without it: whoever waits longer goes on alone, ms. */
const patience = 500;
/** Between two tries to reach it again, ms. */
const again = 200;

/** How Redis is reached by whoever rather goes on alone than waits for it. */
const impatient: RedisOptions = {
  enableOfflineQueue: false,
  maxRetriesPerRequest: 1,
  commandTimeout: patience,
  connectTimeout: 2_000,
  retryStrategy: () => again,
};

/** How it is reached by whoever listens, for as long as it takes. */
export const patient: RedisOptions = { maxRetriesPerRequest: null, retryStrategy: () => again };

/** A connection that comes back by itself; while it is away `failing` is told why, and what is asked fails at once. */
export function redisAt(url: string, failing: (error: Error) => void, options = impatient): Redis {
  const redis = new Redis(url, options);
  redis.on('error', failing);
  return redis;
}
