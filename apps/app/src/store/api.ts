import type {
  AthleteForm,
  AthletePage,
  DrillSwap,
  LessonToday,
  LogAnswer,
  LogEvent,
  Me,
  NewAssignment,
  NewAthlete,
  NewLesson,
  NewPlan,
  OpenSession,
  Profile,
  Refusal,
  RosterEntry,
  SessionState,
  SignIn,
  StageMove,
  TraceChoice,
} from '@wrightonic/contract';
import {
  createApi,
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
const query: BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError> = async (args, api, more) => {
  const first = await plain(args, api, more);
  if (first.error?.status !== 403 || typeof args === 'string' || args.method === 'GET') return first;
  const fresh = await plain('session', api, more);
  if (!fresh.data) return first;
  token.set((fresh.data as SessionState).csrf);
  return plain(args, api, more);
};

type Made = { id: string };
type Of<T> = { athleteId: string; body: T };

export const api = createApi({
  baseQuery: query,
  tagTypes: ['Session', 'Roster', 'Athlete', 'Lessons'],
  keepUnusedDataFor: 600,
  endpoints: (build) => {
    const keep = async (
      _: unknown,
      { queryFulfilled }: { queryFulfilled: Promise<{ data: SessionState }> },
    ) => {
      try {
        token.set((await queryFulfilled).data.csrf);
      } catch {
        // The answer says what went wrong; there is no token to keep.
      }
    };
    /** A change to one athlete: the page and the roster are read again. */
    const change = <T>(url: (athleteId: string) => string, method: 'POST' | 'PUT' = 'POST') =>
      build.mutation<Made, Of<T>>({
        query: ({ athleteId, body }) => ({ url: url(athleteId), method, body }),
        invalidatesTags: (_result, _error, { athleteId }) => [{ type: 'Athlete', id: athleteId }, 'Roster'],
      });
    const planChange = <T>(path: string) =>
      build.mutation<Made, Of<T> & { planId: string }>({
        query: ({ planId, body }) => ({ url: `plans/${planId}/${path}`, method: 'POST', body }),
        invalidatesTags: (_result, _error, { athleteId }) => [{ type: 'Athlete', id: athleteId }, 'Roster'],
      });
    const entry = <T>(url: string) =>
      build.mutation<SessionState, T>({
        query: (body) => ({ url, method: 'POST', body: body ?? {} }),
        onQueryStarted: keep,
        async onCacheEntryAdded(_arg, { cacheDataLoaded, dispatch }) {
          const { data } = await cacheDataLoaded.catch(() => ({ data: null }));
          if (data) dispatch(api.util.upsertQueryData('session', undefined, data));
        },
      });
    return {
      session: build.query<SessionState, void>({
        query: () => 'session',
        providesTags: ['Session'],
        onQueryStarted: keep,
      }),
      signIn: entry<SignIn>('session'),
      enterDemo: entry<void>('session/demo'),
      signOut: build.mutation<null, void>({ query: () => ({ url: 'session', method: 'DELETE' }) }),
      saveProfile: build.mutation<Me, Profile>({
        query: (body) => ({ url: 'profile', method: 'PUT', body }),
        invalidatesTags: ['Session', 'Athlete'],
      }),
      roster: build.query<RosterEntry[], void>({ query: () => 'athletes', providesTags: ['Roster'] }),
      athlete: build.query<AthletePage, string>({
        query: (id) => `athletes/${id}`,
        providesTags: (_result, _error, id) => [{ type: 'Athlete', id }],
      }),
      addAthlete: build.mutation<Made, NewAthlete>({
        query: (body) => ({ url: 'athletes', method: 'POST', body }),
        invalidatesTags: ['Roster'],
      }),
      changeAthlete: change<AthleteForm>((id) => `athletes/${id}`, 'PUT'),
      lessons: build.query<LessonToday[], void>({ query: () => 'lessons', providesTags: ['Lessons'] }),
      addLesson: build.mutation<Made, NewLesson>({
        query: (body) => ({ url: 'lessons', method: 'POST', body }),
        invalidatesTags: ['Lessons'],
      }),
      openSession: build.query<OpenSession, string>({
        query: (id) => `athletes/${id}/open-session`,
        keepUnusedDataFor: 0,
      }),
      sendLog: build.mutation<{ answers: LogAnswer[] }, LogEvent[]>({
        query: (events) => ({ url: 'log', method: 'POST', body: { events } }),
      }),
      chooseFocus: change<TraceChoice>((id) => `athletes/${id}/traces`),
      makePlan: change<NewPlan>((id) => `athletes/${id}/plans`),
      swapDrill: build.mutation<Made, Of<DrillSwap> & { planId: string; drillId: string }>({
        query: ({ planId, drillId, body }) => ({
          url: `plans/${planId}/drills/${drillId}`,
          method: 'PUT',
          body,
        }),
        invalidatesTags: (_result, _error, { athleteId }) => [{ type: 'Athlete', id: athleteId }],
      }),
      moveStage: planChange<StageMove>('stage-moves'),
      assign: planChange<NewAssignment>('assignments'),
    };
  },
});

/** What went wrong with a request, in words for the person who made it. */
export function refusalOf(error: unknown): Refusal {
  const { status, data } = (error ?? {}) as { status?: unknown; data?: Partial<Refusal> };
  if (typeof data?.error === 'string')
    return { error: data.error, ...(data.fields ? { fields: data.fields } : {}) };
  if (status === 'FETCH_ERROR') return { error: 'No connection. What you typed is still here; try again.' };
  return { error: 'The server did not answer as it should. What you typed is still here; try again.' };
}
