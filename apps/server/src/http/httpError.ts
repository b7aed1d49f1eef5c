import type { Problem } from '@wrightonic/contract';
import type { ErrorRequestHandler, Request, RequestHandler } from 'express';
import type { Logger } from 'pino';
import { isMissingParent, OtherContent } from '../store/scope';
import { texts } from './texts';

/** A request that is answered with a refusal in words. */
export class HttpError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly fields?: Problem[],
  ) {
    super(message);
  }
}

/** A refusal of one field. */
export const fieldError = (field: string, message: string, status: 401 | 409 | 422 = 422): HttpError =>
  new HttpError(status, `${field}: ${message}`, [{ field, message, text: message }]);

export const notHere: RequestHandler = (request) => {
  throw new HttpError(404, texts.thereIsNothingAt(request.method, request.path));
};

/** How the driver and its pool say that the database is away. */
const away = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
  // A node of a cluster that is cut off from the others, or was while this was to be kept.
  'ER_UNKNOWN_COM_ERROR',
  'ER_ERROR_DURING_COMMIT',
  // Longer than a query may take.
  'ER_STATEMENT_TIMEOUT',
  'ER_QUERY_INTERRUPTED',
]);

function asHttpError(error: unknown): HttpError | null {
  if (error instanceof HttpError) return error;
  if (isMissingParent(error)) return new HttpError(404, texts.belongsToNothing);
  if (error instanceof OtherContent) return new HttpError(409, texts.idIsUsed);
  const { type, code, status } = error as { type?: string; code?: string; status?: number };
  if (type === 'entity.too.large') return new HttpError(413, texts.isTooLarge);
  if (type === 'entity.parse.failed') return new HttpError(400, texts.requestIsNoJson);
  if (code === 'EBADCSRFTOKEN') return new HttpError(403, texts.pageIsOutOfDate);
  const { name, message } = error as Error;
  if (away.has(code ?? '') || name === 'KnexTimeoutError' || message?.includes('closed state'))
    return new HttpError(503, texts.recordsCannotBeReached);
  if (error instanceof URIError) return new HttpError(400, texts.requestCannotBeRead);
  // A body in a character set or an encoding that nobody knows, a range that a file does not have.
  if (status !== undefined && status >= 400 && status < 500)
    return new HttpError(status, texts.requestCannotBeRead);
  return null;
}

/** What is written down of an error: its kind, the table and where it happened; never a value. */
export function traceOf(error: unknown, request: Pick<Request, 'method' | 'requestId' | 'route'>) {
  const { code, name, sql, stack } = error as { code?: string; name?: string; sql?: string; stack?: string };
  return {
    request: request.requestId,
    method: request.method,
    route: (request.route as { path?: unknown } | undefined)?.path,
    code: code ?? name ?? typeof error,
    table: /\b(?:from|into|update|join)\s+`(\w+)`/i.exec(sql ?? '')?.[1],
    // The lines of the code alone: the first line of a stack repeats the message, which may hold values.
    at: (stack ?? '')
      .split('\n')
      .filter((line) => /^\s+at /.test(line))
      .slice(0, 8)
      .map((line) => line.trim()),
  };
}

export const refusals =
  (log: Logger): ErrorRequestHandler =>
  (error, request, response, next) => {
    if (response.headersSent) return next(error);
    const refused = asHttpError(error);
    if (!refused || refused.status === 503) log.error(traceOf(error, request), 'a request failed');
    const { message, fields } = refused ?? {
      message: texts.somethingWentWrong,
      fields: undefined,
    };
    response.status(refused?.status ?? 500).json({ error: message, ...(fields ? { fields } : {}) });
  };
