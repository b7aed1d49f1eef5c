import type {
  AthletePage,
  AthletePart,
  Lesson,
  LogResponse,
  LogEvent,
  OpenSession,
  OwnDrillRecord,
  Refusal,
  RosterEntry,
  AuthSessionState,
  SignIn,
} from '@wrightonic/contract';
import { createApi } from '@reduxjs/toolkit/query/react';
import { responseCache } from '../offline/responseCache';
import { athletePath } from '../offline/athletePath';
import { readingAthlete, readingLessons, readingSession } from '../offline/acknowledged';
import { query, type Meta } from './query';
import { token } from './token';
import { texts } from './texts';

/** What is asked of an athlete: the head, or what a verb shows. */
export interface AthleteWish {
  id: string;
  part: AthletePart;
}

/** What was read, and when it was asked for, milliseconds; whatever was stored before is in it. */
export interface AthleteRead {
  fields: Partial<AthletePage>;
  readAt: number;
}

export const api = createApi({
  baseQuery: query,
  tagTypes: [
    'Session',
    'Roster',
    'Athlete',
    'Offers',
    'Lessons',
    'Links',
    'Shares',
    'Planning',
    'Lexicon',
    'Templates',
    'Drills',
    'Camps',
    'Camp',
    'CampDay',
  ],
  keepUnusedDataFor: 600,
  refetchOnReconnect: true,
  endpoints: (build) => {
    const keep = async (
      _: unknown,
      { queryFulfilled }: { queryFulfilled: Promise<{ data: AuthSessionState }> },
    ) => {
      try {
        token.set((await queryFulfilled).data.csrf);
      } catch {
        // The answer says what went wrong; there is no token to keep.
      }
    };
    const entry = <T>(url: string) =>
      build.mutation<AuthSessionState, T>({
        query: (body) => ({ url, method: 'POST', body: body ?? {} }),
        onQueryStarted: keep,
        async onCacheEntryAdded(_arg, { cacheDataLoaded, dispatch }) {
          const { data } = await cacheDataLoaded.catch(() => ({ data: null }));
          if (!data) return;
          dispatch(api.util.upsertQueryData('authSession', undefined, data));
          await responseCache.put('session', data, Date.now());
        },
      });
    return {
      authSession: build.query<AuthSessionState, void>({
        query: () => 'session',
        providesTags: ['Session'],
        onQueryStarted: keep,
      }),
      signIn: entry<SignIn>('session'),
      enterDemo: entry<void>('session/demo'),
      signOut: build.mutation<null, 'here' | 'everywhere'>({
        query: (where) => ({ url: where === 'here' ? 'session' : 'sessions', method: 'DELETE' }),
      }),
      roster: build.query<RosterEntry[], void>({ query: () => 'athletes', providesTags: ['Roster'] }),
      athlete: build.query<AthleteRead, AthleteWish>({
        query: ({ id, part }) => athletePath(id, part),
        providesTags: (_result, _error, { id }) => [{ type: 'Athlete', id }],
        transformResponse: (fields: Partial<AthletePage>, meta: Meta | undefined) => ({
          fields,
          readAt: meta?.kept ?? meta?.at ?? 0,
        }),
        onQueryStarted: readingAthlete,
      }),
      lessons: build.query<Lesson[], void>({
        query: () => 'lessons',
        providesTags: ['Lessons'],
        onQueryStarted: readingLessons,
      }),
      openSession: build.query<OpenSession, string>({
        query: (id) => `athletes/${id}/open-session`,
        keepUnusedDataFor: 0,
        onQueryStarted: readingSession,
      }),
      sendLog: build.mutation<{ responses: LogResponse[] }, LogEvent[]>({
        query: (events) => ({ url: 'log', method: 'POST', body: { events } }),
      }),
      drills: build.query<OwnDrillRecord[], void>({ query: () => 'drills', providesTags: ['Drills'] }),
    };
  },
});

/** What went wrong with a request, in words for the person who made it. */
export function refusalOf(error: unknown): Refusal {
  const { status, data } = (error ?? {}) as { status?: unknown; data?: Partial<Refusal> };
  if (typeof data?.error === 'string')
    return { error: data.error, ...(data.fields ? { fields: data.fields } : {}) };
  if (status === 'FETCH_ERROR') return { error: texts.noConnectionWhatYou };
  return { error: texts.theServerDidNot };
}
