import type { Problem } from '@wrightonic/contract';
import type { ErrorRequestHandler, RequestHandler } from 'express';
import type { Logger } from 'pino';
import { isMissingParent } from '../store/scope';

/** A request that is answered with a refusal in words. */
export class Refused extends Error {
  constructor(
    readonly status: 400 | 401 | 403 | 404 | 409 | 413 | 422 | 429 | 503,
    message: string,
    readonly fields?: Problem[],
  ) {
    super(message);
  }
}

/** A refusal of one field. */
export const refusedField = (field: string, message: string, status: 409 | 422 = 422): Refused =>
  new Refused(status, `${field}: ${message}`, [{ field, message }]);

export const notHere: RequestHandler = (request) => {
  throw new Refused(404, `There is nothing at ${request.method} ${request.path}.`);
};

/** How the driver and its pool say that the database is away. */
const away = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
]);

function asRefused(error: unknown): Refused | null {
  if (error instanceof Refused) return error;
  if (isMissingParent(error)) return new Refused(404, 'What this belongs to is not here.');
  const { type, code, status } = error as { type?: string; code?: string; status?: number };
  if (type === 'entity.too.large') return new Refused(413, 'This is too large to be sent at once.');
  if (type === 'entity.parse.failed') return new Refused(400, 'The request is not a JSON document.');
  if (code === 'EBADCSRFTOKEN') return new Refused(403, 'This page is out of date. Load it again.');
  if (away.has(code ?? '') || (error as Error | null)?.name === 'KnexTimeoutError')
    return new Refused(
      503,
      'The records cannot be reached just now. Nothing was changed; try again in a moment.',
    );
  if (error instanceof URIError || status === 400) return new Refused(400, 'The request cannot be read.');
  return null;
}

export const refusals =
  (log: Logger): ErrorRequestHandler =>
  (error, _request, response, next) => {
    if (response.headersSent) return next(error);
    const refused = asRefused(error);
    if (!refused || refused.status === 503) log.error({ err: error }, 'a request failed');
    const { message, fields } = refused ?? {
      message: 'Something went wrong here. Nothing was changed; try again.',
      fields: undefined,
    };
    response.status(refused?.status ?? 500).json({ error: message, ...(fields ? { fields } : {}) });
  };
