import type { AuthSessionState } from '@wrightonic/contract';
import {
  fetchBaseQuery,
  type BaseQueryApi,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
  type FetchBaseQueryMeta,
} from '@reduxjs/toolkit/query/react';
import { responseCache } from '../offline/responseCache';
import { hear } from '../offline/clock';
import { connected } from '../offline/pendingEvents';
import { token } from './token';

/** As long as anybody waits to read something that was read before, milliseconds. */
const patience = 8000;

const plain = fetchBaseQuery({
  baseUrl: '/api',
  prepareHeaders: (headers) => {
    const value = token.value();
    if (value) headers.set('x-csrf-token', value);
  },
});

/** Beside an answer: when it was asked for, or where it is one that was kept, when that was. */
export type Meta = FetchBaseQueryMeta & { at?: number; kept?: number };
type Result = Awaited<
  ReturnType<BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError, object, Meta>>
>;

const away = new Set<unknown>(['FETCH_ERROR', 'TIMEOUT_ERROR', 502, 503, 504]);

async function asked(args: string | FetchArgs, api: BaseQueryApi, extra: object): Promise<Result> {
  const result = (await plain(args, api, extra)) as Result;
  hear(result.meta?.response?.headers.get('date'));
  const there = !away.has(result.error?.status);
  const was = (api.getState() as { pendingEvents: { connected: boolean } }).pendingEvents.connected;
  if (there !== was) api.dispatch(connected(there));
  return result;
}

/** What is read is kept; without a connection, what was kept is the answer. */
async function read(args: string | FetchArgs, api: BaseQueryApi, extra: object): Promise<Result> {
  const path = typeof args === 'string' ? args : args.url;
  const at = Date.now();
  const wish = typeof args === 'string' ? { url: args } : args;
  const result = await asked({ timeout: patience, ...wish }, api, extra);
  if (!result.error) void responseCache.put(path, result.data, at);
  if (!away.has(result.error?.status)) return { ...result, meta: { ...result.meta, at } as Meta };
  const kept = await responseCache.get(path);
  return kept ? { data: kept.data, meta: { ...result.meta, kept: kept.at } as Meta } : result;
}

/** A page that was open for long may carry a token that is out of date: it is fetched anew, once. */
export const query: BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError, object, Meta> = async (
  args,
  api,
  extra,
) => {
  if (typeof args === 'string' || !args.method || args.method === 'GET') return read(args, api, extra);
  const first = await asked(args, api, extra);
  if (first.error?.status !== 403) return first;
  const fresh = await plain('session', api, extra);
  if (!fresh.data) return first;
  token.set((fresh.data as AuthSessionState).csrf);
  return asked(args, api, extra);
};
