import type {
  AcademyPlanning,
  AthleteForm,
  AthletesImport,
  CalendarGames,
  CalendarText,
  CallRecord,
  ClipRecord,
  CurveRecord,
  DayNews,
  DeviceRecord,
  DrillAddition,
  DrillFileRead,
  DrillFileText,
  DrillPlace,
  DrillsKept,
  DrillSwap,
  FindingRecord,
  HomeResponse,
  Lesson,
  LinkEditRecord,
  MadeDevice,
  MadeFeed,
  MadeShare,
  Me,
  NewAssignment,
  NewAthlete,
  NewClearance,
  NewDevice,
  NewGames,
  NewInjury,
  NewLesson,
  NewLexiconEdit,
  NewNormEdit,
  NormEditRecord,
  NewLinkEdit,
  NewPlan,
  NewShare,
  NewSize,
  NewTemplate,
  Offers,
  PastTrace,
  PictureQuery,
  Preferences,
  AthleteProfilePage,
  ProposedWeek,
  RosterMove,
  ScreenRecord,
  ShareEnd,
  SharedPage,
  ShareRecord,
  StageMove,
  StageMoves,
  TemplateRecord,
  ThrowRecord,
  ThrowsImport,
  TraceChoice,
  WeekWish,
} from '@wrightonic/contract';
import type { LexiconEdit, HomeEvent } from '@wrightonic/core';
import { readingLessons } from '../offline/acknowledged';
import { api } from './api';

type Made = { id: string };
type Of<T> = { athleteId: string; body: T };

/** What the later screens ask for; it comes with them, so that the first script stays small. */
export const lazyEndpoints = api.enhanceEndpoints({ addTagTypes: ['Devices'] }).injectEndpoints({
  endpoints: (build) => {
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
    return {
      savePreferences: build.mutation<Me, Preferences>({
        query: (body) => ({ url: 'profile', method: 'PUT', body }),
        invalidatesTags: ['Session', 'Athlete'],
      }),
      addAthlete: build.mutation<Made, NewAthlete>({
        query: (body) => ({ url: 'athletes', method: 'POST', body }),
        invalidatesTags: ['Roster'],
      }),
      changeAthlete: change<AthleteForm>((id) => `athletes/${id}`, 'PUT'),
      addLesson: build.mutation<Made, NewLesson>({
        query: (body) => ({ url: 'lessons', method: 'POST', body }),
        invalidatesTags: ['Lessons'],
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
      athleteProfile: ofAthlete<AthleteProfilePage>('profile'),
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
      norms: build.query<NormEditRecord[], void>({ query: () => 'norms', providesTags: ['Planning'] }),
      editNorm: build.mutation<Made, NewNormEdit>({
        query: (body) => ({ url: 'norms', method: 'POST', body }),
        invalidatesTags: ['Planning', 'Athlete', 'Offers'],
      }),
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
      diary: build.query<Lesson[], { from: string; days: number }>({
        query: ({ from, days }) => `lessons?from=${from}&days=${days}`,
        providesTags: ['Lessons'],
        onQueryStarted: readingLessons,
      }),
      day: build.query<DayNews, void>({
        query: () => 'day',
        providesTags: ['Roster'],
        keepUnusedDataFor: 0,
      }),
      makeFeed: build.mutation<MadeFeed, { id: string }>({
        query: (body) => ({ url: 'feeds', method: 'POST', body }),
      }),
      devices: build.query<DeviceRecord[], void>({ query: () => 'devices', providesTags: ['Devices'] }),
      addDevice: build.mutation<MadeDevice, NewDevice>({
        query: (body) => ({ url: 'devices', method: 'POST', body }),
        invalidatesTags: ['Devices'],
      }),
      endDevice: build.mutation<Made, { device: string; id: string }>({
        query: ({ device, id }) => ({ url: `devices/${device}/end`, method: 'POST', body: { id } }),
        invalidatesTags: ['Devices'],
      }),
      sharedWeek: build.query<SharedPage, string>({
        query: (token) => `shared/${encodeURIComponent(token)}`,
      }),
      sendHome: build.mutation<HomeResponse, { token: string; events: HomeEvent[] }>({
        query: ({ token, events }) => ({
          url: `shared/${encodeURIComponent(token)}/log`,
          method: 'POST',
          body: { events },
        }),
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
