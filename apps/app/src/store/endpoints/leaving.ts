import type { ArchivePreview, NewDeletion, RetentionPage, WeeklyLine } from '@wrightonic/contract';
import type { Build, Made, Of } from './build';

const sentFile = (url: string, file: File) => ({
  url,
  method: 'POST',
  headers: { 'content-type': 'application/zip' },
  body: file,
});

/** An athlete left the lists, or came back into them. */
const leftOrBack = ['Roster', 'Lessons', 'Camp', 'Removal'] as const;

/** What comes and goes: archives, athletes out of the lists, deletions, and the week by mail. */
export const leavingEndpoints = (build: Build) => ({
  previewArchive: build.mutation<ArchivePreview, File>({
    query: (file) => sentFile('archives/preview', file),
  }),
  bringIn: build.mutation<{ athletes: string[] }, File>({
    query: (file) => sentFile('archives', file),
    invalidatesTags: [
      ...(['Session', 'Roster', 'Athlete', 'Planning', 'Lessons', 'Links', 'Lexicon', 'Templates'] as const),
      ...(['Drills', 'Camps', 'Camp', 'Shares', 'Devices', 'People', 'Removal'] as const),
    ],
  }),
  retention: build.query<RetentionPage, void>({ query: () => 'retention', providesTags: ['Removal'] }),
  setRetention: build.mutation<{ years: number | null }, { years: number | null }>({
    query: (body) => ({ url: 'retention', method: 'PUT', body }),
    invalidatesTags: ['Removal'],
  }),
  archiveAthlete: build.mutation<Made, { athleteId: string; archived: boolean }>({
    query: ({ athleteId, archived }) => ({
      url: `athletes/${athleteId}/archived`,
      method: 'PUT',
      body: { archived },
    }),
    invalidatesTags: (_done, _error, { athleteId }) => [...leftOrBack, { type: 'Athlete', id: athleteId }],
  }),
  askForDeletion: build.mutation<Made, Of<NewDeletion>>({
    query: ({ athleteId, body }) => ({ url: `athletes/${athleteId}/deletion`, method: 'POST', body }),
    invalidatesTags: leftOrBack,
  }),
  confirmDeletion: build.mutation<{ dueAt: string }, string>({
    query: (id) => ({ url: `deletions/${id}/confirm`, method: 'POST', body: {} }),
    invalidatesTags: ['Removal', 'Shares'],
  }),
  takeBackDeletion: build.mutation<Made, string>({
    query: (id) => ({ url: `deletions/${id}/end`, method: 'POST', body: {} }),
    invalidatesTags: leftOrBack,
  }),
  sendWeeklyLine: build.mutation<{ id: string; simulated: boolean }, Of<WeeklyLine>>({
    query: ({ athleteId, body }) => ({ url: `athletes/${athleteId}/weekly-line`, method: 'POST', body }),
  }),
});
