import type { SessionState } from '@wrightonic/contract';
import {
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import { token } from './token';

const plain = fetchBaseQuery({
  baseUrl: '/api',
  prepareHeaders: (headers) => {
    const value = token.value();
    if (value) headers.set('x-csrf-token', value);
  },
});

/** A page that was open for long may carry a token that is out of date: it is fetched anew, once. */
export const query: BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError> = async (
  args,
  api,
  more,
) => {
  const first = await plain(args, api, more);
  if (first.error?.status !== 403 || typeof args === 'string' || args.method === 'GET') return first;
  const fresh = await plain('session', api, more);
  if (!fresh.data) return first;
  token.set((fresh.data as SessionState).csrf);
  return plain(args, api, more);
};
