import type {
  AcademyPlanning,
  AthleteForm,
  AthletePage,
  AthletesImport,
  CalendarGames,
  CalendarText,
  CallRecord,
  ClipRecord,
  CurveRecord,
  DrillAddition,
  DrillFileRead,
  DrillFileText,
  DrillPlace,
  DrillsKept,
  DrillSwap,
  FindingRecord,
  LessonToday,
  LinkEditRecord,
  LogAnswer,
  LogEvent,
  MadeShare,
  Me,
  NewAssignment,
  NewAthlete,
  NewClearance,
  NewGames,
  NewInjury,
  NewLesson,
  NewLexiconEdit,
  NewLinkEdit,
  NewPlan,
  NewShare,
  NewSize,
  NewTemplate,
  Offers,
  OpenSession,
  OwnDrillRecord,
  PastTrace,
  PictureQuery,
  Profile,
  ProfilePage,
  ProposedWeek,
  Refusal,
  RosterEntry,
  RosterMove,
  ScreenRecord,
  SessionState,
  ShareEnd,
  ShareRecord,
  SignIn,
  StageMove,
  StageMoves,
  TemplateRecord,
  ThrowRecord,
  ThrowsImport,
  TraceChoice,
  WeekSheet,
  WeekWish,
} from '@wrightonic/contract';
import type { LexiconEdit } from '@wrightonic/core';
import { createApi } from '@reduxjs/toolkit/query/react';
import { answers } from '../offline/answers';
import { reading } from '../offline/held';
import { query } from './query';
import { token } from './token';

type Made = { id: string };
type Of<T> = { athleteId: string; body: T };

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
  ],
  keepUnusedDataFor: 600,
  refetchOnReconnect: true,
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
    /** What is read of one athlete beside the page; changes with it. */
    const ofAthlete = <T>(path: string) =>
      build.query<T, string>({
        query: (id) => `athletes/${id}/${path}`,
        providesTags: (_result, _error, id) => [{ type: 'Athlete', id }],
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
          if (!data) return;
          dispatch(api.util.upsertQueryData('session', undefined, data));
          await answers.put('session', data, Date.now());
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
        onQueryStarted: reading('page'),
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
        onQueryStarted: reading('session'),
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
      importAthletes: build.mutation<{ added: number }, AthletesImport>({
        query: (body) => ({ url: 'athletes/import', method: 'POST', body }),
        invalidatesTags: ['Roster'],
      }),
      profile: ofAthlete<ProfilePage>('profile'),
      addSize: change<NewSize>((id) => `athletes/${id}/sizes`),
      addInjury: change<NewInjury>((id) => `athletes/${id}/injuries`),
      addClearance: build.mutation<Made, Of<NewClearance> & { injuryId: string }>({
        query: ({ injuryId, body }) => ({ url: `injuries/${injuryId}/clearances`, method: 'POST', body }),
        invalidatesTags: (_result, _error, { athleteId }) => [{ type: 'Athlete', id: athleteId }],
      }),
      offers: build.query<Offers, string>({
        query: (id) => `athletes/${id}/offers`,
        providesTags: (_result, _error, id) => [
          { type: 'Athlete', id },
          { type: 'Offers', id },
        ],
      }),
      screens: ofAthlete<ScreenRecord[]>('screens'),
      throws: ofAthlete<ThrowRecord[]>('throws'),
      importThrows: build.mutation<{ added: number }, Of<ThrowsImport>>({
        query: ({ athleteId, body }) => ({
          url: `athletes/${athleteId}/throws/import`,
          method: 'POST',
          body,
        }),
        invalidatesTags: (_result, _error, { athleteId }) => [{ type: 'Athlete', id: athleteId }],
      }),
      clips: ofAthlete<ClipRecord[]>('clips'),
      curves: ofAthlete<CurveRecord[]>('curves'),
      lookHistory: build.query<FindingRecord[], string>({
        query: (id) => `looks/${id}/history`,
        keepUnusedDataFor: 0,
      }),
      keepPicture: build.mutation<Made, PictureQuery & { athleteId: string; clipId: string; png: Blob }>({
        query: ({ clipId, png, id, time, note }) => ({
          url: `clips/${clipId}/pictures`,
          method: 'POST',
          params: { id, time, note },
          headers: { 'content-type': 'image/png' },
          body: png,
        }),
        invalidatesTags: (_result, _error, { athleteId }) => [{ type: 'Athlete', id: athleteId }],
      }),
      showPicture: build.mutation<Made, { athleteId: string; id: string; shown: boolean }>({
        query: ({ id, shown }) => ({ url: `pictures/${id}`, method: 'PUT', body: { shown } }),
        invalidatesTags: (_result, _error, { athleteId }) => [{ type: 'Athlete', id: athleteId }],
      }),
      pastTraces: ofAthlete<PastTrace[]>('traces'),
      calls: build.query<CallRecord, void>({ query: () => 'calls', keepUnusedDataFor: 0 }),
      links: build.query<LinkEditRecord[], void>({ query: () => 'links', providesTags: ['Links'] }),
      editLink: build.mutation<Made & { version: string }, NewLinkEdit>({
        query: (body) => ({ url: 'links', method: 'POST', body }),
        invalidatesTags: ['Links', 'Athlete'],
      }),
      placeDrill: build.mutation<Made, Of<DrillPlace> & { planId: string; drillId: string }>({
        query: ({ planId, drillId, body }) => ({
          url: `plans/${planId}/drills/${drillId}/place`,
          method: 'PUT',
          body,
        }),
        invalidatesTags: (_result, _error, { athleteId }) => [{ type: 'Athlete', id: athleteId }],
      }),
      addDrill: planChange<DrillAddition>('drills'),
      moveStage: planChange<StageMove>('stage-moves'),
      readGames: build.mutation<CalendarGames, Of<CalendarText>>({
        query: ({ athleteId, body }) => ({ url: `athletes/${athleteId}/games/import`, method: 'POST', body }),
      }),
      keepGames: build.mutation<{ added: number }, Of<NewGames>>({
        query: ({ athleteId, body }) => ({ url: `athletes/${athleteId}/games`, method: 'POST', body }),
        invalidatesTags: (_result, _error, { athleteId }) => [{ type: 'Athlete', id: athleteId }],
      }),
      planning: build.query<AcademyPlanning, void>({ query: () => 'planning', providesTags: ['Planning'] }),
      savePlanning: build.mutation<AcademyPlanning, AcademyPlanning>({
        query: (body) => ({ url: 'planning', method: 'PUT', body }),
        invalidatesTags: ['Planning', 'Athlete'],
      }),
      lexicon: build.query<LexiconEdit[], void>({ query: () => 'lexicon', providesTags: ['Lexicon'] }),
      editLexicon: build.mutation<Made, NewLexiconEdit>({
        query: (body) => ({ url: 'lexicon', method: 'POST', body }),
        invalidatesTags: ['Lexicon', 'Athlete'],
      }),
      drills: build.query<OwnDrillRecord[], void>({ query: () => 'drills', providesTags: ['Drills'] }),
      readDrills: build.mutation<DrillFileRead, DrillFileText>({
        query: (body) => ({ url: 'drills/import', method: 'POST', body }),
      }),
      keepDrills: build.mutation<{ kept: number }, DrillsKept>({
        query: (body) => ({ url: 'drills', method: 'POST', body }),
        invalidatesTags: ['Drills', 'Athlete'],
      }),
      templates: build.query<TemplateRecord[], void>({
        query: () => 'templates',
        providesTags: ['Templates'],
      }),
      keepTemplate: build.mutation<Made, { planId: string; body: NewTemplate }>({
        query: ({ planId, body }) => ({ url: `plans/${planId}/template`, method: 'POST', body }),
        invalidatesTags: ['Templates'],
      }),
      shares: build.query<ShareRecord[], string>({
        query: (id) => `athletes/${id}/shares`,
        providesTags: ['Shares'],
      }),
      makeShare: build.mutation<MadeShare, Of<NewShare>>({
        query: ({ athleteId, body }) => ({ url: `athletes/${athleteId}/shares`, method: 'POST', body }),
        invalidatesTags: ['Shares'],
      }),
      endShare: build.mutation<Made, Of<ShareEnd> & { share: string }>({
        query: ({ share, body }) => ({ url: `shares/${share}/end`, method: 'POST', body }),
        invalidatesTags: ['Shares'],
      }),
      sharedWeek: build.query<WeekSheet & { expiresAt: string }, string>({
        query: (token) => `shared/${encodeURIComponent(token)}`,
      }),
      stageProposals: build.query<RosterMove[], void>({
        query: () => 'stage-proposals',
        providesTags: ['Roster'],
        keepUnusedDataFor: 0,
      }),
      takeMoves: build.mutation<{ moved: number }, StageMoves>({
        query: (body) => ({ url: 'stage-moves', method: 'POST', body }),
        invalidatesTags: ['Roster', 'Athlete'],
      }),
      assign: planChange<NewAssignment>('assignments'),
      proposeWeek: build.mutation<ProposedWeek, { planId: string; body: WeekWish }>({
        query: ({ planId, body }) => ({ url: `plans/${planId}/week`, method: 'POST', body }),
      }),
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
