import type { Server } from 'node:http';
import type { Express } from 'express';

/** Begins to take requests; answers once it does. */
export function listen(web: Express, port: number, host: string): Promise<Server> {
  return new Promise((done, fail) => {
    const listening = web.listen(port, host, (error?: Error) => (error ? fail(error) : done(listening)));
    // Longer than a client keeps an idle connection: otherwise it is closed here just as the next request is sent on it.
    listening.keepAliveTimeout = 75_000;
    // A request that does not come to its end is given up.
    listening.headersTimeout = 15_000;
    listening.requestTimeout = 60_000;
  });
}
