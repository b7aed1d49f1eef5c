import type {
  AcademyPlanning,
  CallRecord,
  DeviceRecord,
  DrillFileRead,
  DrillFileText,
  DrillsKept,
  LinkEditRecord,
  MadeDevice,
  Me,
  NewDevice,
  NewLexiconEdit,
  NewNormEdit,
  NormEditRecord,
  NewLinkEdit,
  Preferences,
} from '@wrightonic/contract';
import type { LexiconEdit } from '@wrightonic/core';
import type { Build, Made } from './build';

/** What holds for a person or the whole academy. */
export const academyEndpoints = (build: Build) => {
  return {
    savePreferences: build.mutation<Me, Preferences>({
      query: (body) => ({ url: 'profile', method: 'PUT', body }),
      invalidatesTags: ['Session', 'Athlete'],
    }),
    planning: build.query<AcademyPlanning, void>({ query: () => 'planning', providesTags: ['Planning'] }),
    savePlanning: build.mutation<AcademyPlanning, AcademyPlanning>({
      query: (body) => ({ url: 'planning', method: 'PUT', body }),
      invalidatesTags: ['Planning', 'Athlete', 'Roster', 'Camp'],
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
    links: build.query<LinkEditRecord[], void>({ query: () => 'links', providesTags: ['Links'] }),
    editLink: build.mutation<Made & { version: string }, NewLinkEdit>({
      query: (body) => ({ url: 'links', method: 'POST', body }),
      invalidatesTags: ['Links', 'Athlete'],
    }),
    calls: build.query<CallRecord, void>({ query: () => 'calls', keepUnusedDataFor: 0 }),
    readDrills: build.mutation<DrillFileRead, DrillFileText>({
      query: (body) => ({ url: 'drills/import', method: 'POST', body }),
    }),
    keepDrills: build.mutation<{ kept: number }, DrillsKept>({
      query: (body) => ({ url: 'drills', method: 'POST', body }),
      invalidatesTags: ['Drills', 'Athlete'],
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
  };
};
