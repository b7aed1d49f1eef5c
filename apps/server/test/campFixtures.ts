import { usualSetup, type CampSetup } from '@wrightonic/core';
import { v7 } from 'uuid';
import { form, logs } from './testServer';

export const campDays = { firstDay: '2031-07-14', lastDay: '2031-07-15' };

/** A camp that opens its stations for whoever comes. */
export function smallSetup(more: Partial<CampSetup> = {}): CampSetup {
  const setup = usualSetup({ name: 'Summer camp', venue: 'The barn', ...campDays }, v7);
  return { ...setup, stations: setup.stations.map((station) => ({ ...station, minimum: 1 })), ...more };
}

export const newCamp = (more: Record<string, unknown> = {}) => ({
  id: v7(),
  setupId: v7(),
  name: 'Summer camp',
  venue: 'The barn',
  ...campDays,
  from: 'usual',
  copyOf: null,
  ...more,
});

export const memberRow = (athleteId: string, more: Record<string, unknown> = {}) => ({
  id: v7(),
  athleteId,
  coming: true,
  from: null,
  to: null,
  barred: [],
  restriction: '',
  ...more,
});

export const planWish = (before: string | null, more: Record<string, unknown> = {}) => ({
  id: v7(),
  before,
  anew: before === null,
  seconds: 0.5,
  pinned: [],
  change: null,
  ...more,
});

export const signUp = (more: Record<string, unknown> = {}) => ({
  id: v7(),
  givenName: 'Perrin',
  familyName: 'Reedly',
  discipline: 'overhand',
  throws: 'R',
  birthdate: '2018-03-04',
  allergies: 'bee stings',
  guardian: 'Sorrel Reedly',
  phone: '01632 960123',
  ...more,
});

interface Sender {
  get: (path: string) => Promise<{ status: number; body: any }>;
  post: (path: string, body: unknown) => Promise<{ status: number; body: any }>;
  put: (path: string, body: unknown) => Promise<{ status: number; body: any }>;
}

/** A camp of some athletes with a plan. */
export async function plannedCamp(owner: Sender, athletes: readonly string[], setup = smallSetup()) {
  const camp = newCamp({ from: 'nothing' });
  await owner.post('/camps', camp);
  const setupId = v7();
  await owner.put(`/camps/${camp.id}/setup`, { id: setupId, before: camp.setupId, setup });
  await owner.post(`/camps/${camp.id}/members`, { members: athletes.map((id) => memberRow(id)) });
  const { body: plan } = await owner.post(`/camps/${camp.id}/plans`, planWish(null));
  return { id: camp.id, setupId, setup, plan };
}

/** A good request for each route of a camp that takes one. */
export const campBodies = (
  theirs: Record<string, string>,
  setup: CampSetup,
): Record<string, () => object> => ({
  'POST /camps': () => newCamp(),
  'PUT /camps/:id/setup': () => ({ id: v7(), before: theirs['setup'], setup }),
  'POST /camps/:id/members': () => ({ members: [memberRow(theirs['athlete']!)] }),
  'POST /camps/:id/archive': () => ({ id: v7(), archived: false }),
  'POST /camps/:id/plans': () => planWish(theirs['campPlan']!),
  'PUT /camps/:id/plans': () => ({
    id: v7(),
    before: theirs['campPlan'],
    why: 'Moved',
    routes: [],
    pinned: [],
  }),
  'POST /camps/:id/plans/restore': () => ({ id: v7(), of: theirs['campPlan'], before: theirs['campPlan'] }),
  'POST /camps/:id/planning/stop': () => ({}),
  'POST /camps/:id/follow-ups': () => ({
    athletes: [{ athleteId: theirs['athlete'], traceId: v7(), planId: v7() }],
  }),
  'POST /camps/:id/helpers': () => ({
    id: v7(),
    name: 'Hazel',
    email: `${v7()}@helpers.example`,
    password: 'of the helpers',
  }),
  'POST /camps/:id/links': () => ({ id: v7(), kind: 'sign-up', athleteId: null, days: 30 }),
  'POST /camps/:id/links/:link/end': () => ({ id: v7() }),
  'POST /camps/:id/sign-ups/:signUp/end': () => ({ id: v7(), athleteId: null }),
});

/** Eight campers, the first six of them looked at. */
export async function campers(owner: Sender): Promise<string[]> {
  const forms = Array.from({ length: 8 }, (_, n) =>
    form({ givenName: `Camper${n}`, birthdate: '2018-05-01' }),
  );
  await owner.post('/athletes/import', { athletes: forms });
  const ids = forms.map(({ id }) => id as string);
  const seen = ids.slice(0, 6).map((id) => logs.look(id, { 'oh.shoulders-early': 3, 'oh.lead-leg-soft': 2 }));
  await owner.post('/log', { events: seen.flatMap(({ events }) => events) });
  return ids;
}
