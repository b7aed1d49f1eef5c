import type {
  AthleteForm,
  AthletesImport,
  CalendarGames,
  CalendarText,
  NewAthlete,
  NewClearance,
  NewGames,
  NewInjury,
  NewSize,
  PastTrace,
  AthleteProfilePage,
  TraceChoice,
} from '@wrightonic/contract';
import {
  athleteChanged,
  changedEverywhere,
  changing,
  ofAthlete,
  type Build,
  type Made,
  type Of,
} from './build';

/** An athlete beside the verbs: who they are, their games, what was traced. */
export const athleteEndpoints = (build: Build) => {
  const change = changing(build);
  const read = ofAthlete(build);
  return {
    addAthlete: build.mutation<Made, NewAthlete>({
      query: (body) => ({ url: 'athletes', method: 'POST', body }),
      invalidatesTags: ['Roster'],
    }),
    putPhoto: build.mutation<Made, { athleteId: string; png: Blob }>({
      query: ({ athleteId, png }) => ({
        url: `athletes/${athleteId}/photo`,
        method: 'PUT',
        headers: { 'content-type': 'image/png' },
        body: png,
      }),
      invalidatesTags: athleteChanged,
    }),
    removePhoto: build.mutation<Made, { athleteId: string }>({
      query: ({ athleteId }) => ({ url: `athletes/${athleteId}/photo`, method: 'DELETE' }),
      invalidatesTags: athleteChanged,
    }),
    changeAthlete: change<AthleteForm>((id) => `athletes/${id}`, 'PUT'),
    importAthletes: build.mutation<{ added: number }, AthletesImport>({
      query: (body) => ({ url: 'athletes/import', method: 'POST', body }),
      invalidatesTags: ['Roster'],
    }),
    athleteProfile: read<AthleteProfilePage>('profile'),
    addSize: change<NewSize>((id) => `athletes/${id}/sizes`),
    addInjury: change<NewInjury>((id) => `athletes/${id}/injuries`),
    addClearance: build.mutation<Made, Of<NewClearance> & { injuryId: string }>({
      query: ({ injuryId, body }) => ({ url: `injuries/${injuryId}/clearances`, method: 'POST', body }),
      invalidatesTags: changedEverywhere,
    }),
    pastTraces: read<PastTrace[]>('traces'),
    chooseFocus: change<TraceChoice>((id) => `athletes/${id}/traces`),
    readGames: build.mutation<CalendarGames, Of<CalendarText>>({
      query: ({ athleteId, body }) => ({ url: `athletes/${athleteId}/games/import`, method: 'POST', body }),
    }),
    keepGames: build.mutation<{ added: number }, Of<NewGames>>({
      query: ({ athleteId, body }) => ({ url: `athletes/${athleteId}/games`, method: 'POST', body }),
      invalidatesTags: athleteChanged,
    }),
  };
};
