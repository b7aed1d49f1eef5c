import type { Started } from '../../offline/acknowledged';
import { api } from '../api';

export type Made = { id: string };
export type Of<T> = { athleteId: string; body: T };

/** The requests of the later screens are added to those of the first ones. */
export const tagged = api.enhanceEndpoints({ addTagTypes: ['Devices', 'Account', 'People', 'Removal'] });
export type Build = Parameters<Parameters<typeof tagged.injectEndpoints>[0]['endpoints']>[0];

/** What is read of the athlete is out of date. */
export const athleteChanged = (_result: unknown, _error: unknown, { athleteId }: { athleteId: string }) => [
  { type: 'Athlete' as const, id: athleteId },
];

/** What is read of the athlete, of all of them, and of a camp that they may come to is out of date. */
export const changedEverywhere = (
  _result: unknown,
  _error: unknown,
  { athleteId }: { athleteId: string },
) => [{ type: 'Athlete' as const, id: athleteId }, 'Roster' as const, 'Camp' as const];

/** A change to one athlete. */
export const changing =
  (build: Build) =>
  <T>(url: (athleteId: string) => string, method: 'POST' | 'PUT' = 'POST') =>
    build.mutation<Made, Of<T>>({
      query: ({ athleteId, body }) => ({ url: url(athleteId), method, body }),
      invalidatesTags: changedEverywhere,
    });

/** What is read of one athlete beside the page; changes with it. */
export const ofAthlete =
  (build: Build) =>
  <T>(path: string, reading?: (id: string, started: Started) => Promise<void>) =>
    build.query<T, string>({
      query: (id) => `athletes/${id}/${path}`,
      ...(reading ? { onQueryStarted: reading } : {}),
      providesTags: (_result, _error, id) => [{ type: 'Athlete', id }],
    });
