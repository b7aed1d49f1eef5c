import { timingSafeEqual } from 'node:crypto';
import type { Request, RequestHandler } from 'express';
import type { UnscopedStore } from '../store/academies';
import type { Logger } from 'pino';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import { HttpError } from './httpError';
import { hashOf } from './secrets';

/** The pattern of a route, never an address: that may hold an id or the secret of a link. */
const routeOf = (request: Request): string =>
  String((request.route as { path?: unknown } | undefined)?.path ?? 'none');

interface Pool {
  numUsed: () => number;
  numPendingAcquires: () => number;
}

/** What is measured of one server, in the text format of Prometheus. Nothing in it is of a person. */
export class Metrics {
  readonly registry = new Registry();
  private readonly seconds = new Histogram({
    name: 'wrightonic_request_seconds',
    help: 'Time to answer a request',
    labelNames: ['method', 'route', 'status'],
    buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 10],
    registers: [this.registry],
  });
  readonly events = new Counter({
    name: 'wrightonic_events_total',
    help: 'Events of the log, by what came of them',
    labelNames: ['stored'],
    registers: [this.registry],
  });

  constructor({ db }: UnscopedStore) {
    collectDefaultMetrics({ register: this.registry });
    const { pool } = db.client as { pool: Pool };
    const gauge = (name: string, help: string, read: () => number) =>
      new Gauge({
        name,
        help,
        registers: [this.registry],
        collect() {
          this.set(read());
        },
      });
    gauge('wrightonic_database_connections', 'Connections in use', () => pool.numUsed());
    gauge('wrightonic_database_waiting', 'Requests that wait for a connection', () =>
      pool.numPendingAcquires(),
    );
  }

  /** Times each request, and writes a line about it where the log goes so far. */
  observe(log: Logger): RequestHandler {
    return (request, response, next) => {
      const begun = process.hrtime.bigint();
      response.once('finish', () => {
        const seconds = Number(process.hrtime.bigint() - begun) / 1e9;
        const [method, route, status] = [request.method, routeOf(request), response.statusCode];
        // A stream is open for as long as somebody looks.
        if (!request.path.endsWith('/stream')) this.seconds.observe({ method, route, status }, seconds);
        log.info(
          { request: request.requestId, method, route, status, ms: Math.round(1_000 * seconds) },
          'answered',
        );
      });
      next();
    };
  }

  /** Tells what was measured to whoever has the token; where none is set there is nothing here. */
  answer(token: string | null): RequestHandler {
    return async (request, response) => {
      if (token === null) throw new HttpError(404, 'There is nothing here.');
      const given = /^Bearer (.+)$/.exec(request.get('authorization') ?? '')?.[1] ?? '';
      if (!timingSafeEqual(Buffer.from(hashOf(given)), Buffer.from(hashOf(token))))
        throw new HttpError(401, 'Metrics are for whoever has their token.');
      response.setHeader('content-type', this.registry.contentType);
      response.send(await this.registry.metrics());
    };
  }
}
