import type {
  ClipRecord,
  CurveRecord,
  FindingRecord,
  Offers,
  PictureQuery,
  ScreenRecord,
  ThrowRecord,
  ThrowsImport,
} from '@wrightonic/contract';
import type { MarkerMap } from '@wrightonic/core';
import { readingList } from '../../offline/acknowledged';
import { athleteChanged, changedEverywhere, ofAthlete, type Build, type Made, type Of } from './build';

/** What is measured of an athlete, and how a look came about. */
export const measureEndpoints = (build: Build) => {
  const read = ofAthlete(build);
  return {
    offers: build.query<Offers, string>({
      query: (id) => `athletes/${id}/offers`,
      providesTags: (_result, _error, id) => [
        { type: 'Athlete', id },
        { type: 'Offers', id },
      ],
    }),
    screens: read<ScreenRecord[]>('screens', readingList),
    throws: read<ThrowRecord[]>('throws', readingList),
    importThrows: build.mutation<{ added: number }, Of<ThrowsImport>>({
      query: ({ athleteId, body }) => ({
        url: `athletes/${athleteId}/throws/import`,
        method: 'POST',
        body,
      }),
      invalidatesTags: changedEverywhere,
    }),
    clips: read<ClipRecord[]>('clips', readingList),
    markerSheets: build.query<MarkerMap[], void>({
      query: () => 'marker-sheets',
      keepUnusedDataFor: 0,
    }),
    curves: read<CurveRecord[]>('curves', readingList),
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
      invalidatesTags: athleteChanged,
    }),
    showPicture: build.mutation<Made, { athleteId: string; id: string; shown: boolean }>({
      query: ({ id, shown }) => ({ url: `pictures/${id}`, method: 'PUT', body: { shown } }),
      invalidatesTags: athleteChanged,
    }),
  };
};
