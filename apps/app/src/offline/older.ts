import type { HomeRecord } from '@wrightonic/core';
import type { AthletePage, AthletePart, AuthSessionState, Lesson } from '@wrightonic/contract';
import { athletePath, athleteReads } from './athletePath';
import type { CachedResponse } from './database';

/*
 * What an earlier version of the app kept lacks what came later, or bears other names. It is what there is without a
 * connection, so it is brought into the form of today instead of being thrown away.
 */

const nothingAtHome: HomeRecord = { sets: [], pain: [], games: [] };

const later: Partial<Record<AthletePart, Partial<AthletePage>>> = {
  head: { norms: [] },
  build: { home: nothingAtHome, levels: {}, cues: [] },
  work: { home: nothingAtHome, levels: {}, cues: [], cueCounts: [], drillTotals: [] },
};

type Fields = Record<string, unknown>;

const renamed = (fields: Fields, names: Readonly<Record<string, string>>): Fields =>
  Object.fromEntries(Object.entries(fields).map(([key, value]) => [names[key] ?? key, value]));

function athleteFields(kept: Fields): Fields {
  const fields = renamed(kept, { told: 'instructions', ahead: 'upcoming' });
  const velocities = fields['velocities'] as Fields[] | undefined;
  if (velocities) fields['velocities'] = velocities.map((each) => renamed(each, { scatter: 'robustSd' }));
  const plan = fields['plan'] as { threads?: Fields[] } | null | undefined;
  return plan?.threads
    ? {
        ...fields,
        plan: { ...plan, threads: plan.threads.map((each) => renamed(each, { held: 'limitedBy' })) },
      }
    : fields;
}

const usualViews = { sizeUnit: 'us', zoneView: 'pitcher', dateOrder: 'auto', hours: 'auto' } as const;
const withViews = (state: AuthSessionState): AuthSessionState =>
  state.me ? { ...state, me: { ...state.me, person: { ...usualViews, ...state.me.person } } } : state;

const asPlanned = {
  name: '',
  instructorId: '',
  state: 'on',
  movedFrom: null,
  series: null,
  reason: '',
  fromHere: null,
} as const;

const ofAthlete = /^athletes\/([^/]+)(?:\/(look|trace|build|work|prove))?$/;

/** What was kept by an earlier version, as it is kept now; what was one response about an athlete is one for each part. */
export function broughtUp({ path, data, at }: CachedResponse): CachedResponse[] {
  if (path === 'session') return [{ path, data: withViews(data as AuthSessionState), at }];
  if (path === 'lessons')
    return [{ path, data: (data as Lesson[]).map((lesson) => ({ ...asPlanned, ...lesson })), at }];
  const [, id, name] = ofAthlete.exec(path) ?? [];
  if (id === undefined) return [{ path, data, at }];
  const fields = athleteFields(data as Fields);
  const isWhole = 'athlete' in fields && 'looks' in fields;
  return (isWhole ? athleteReads : [(name ?? 'head') as AthletePart]).map((each) => ({
    path: athletePath(id, each),
    data: { ...later[each], ...fields },
    at,
  }));
}
