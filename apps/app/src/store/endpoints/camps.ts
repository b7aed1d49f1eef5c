import type {
  CampDayRecord,
  CampListEntry,
  CampPlanning,
  CampPlanRecord,
  CampRecord,
  ChangedSetup,
  HandPlan,
  MemberRow,
  NewCamp,
  PlanWish,
} from '@wrightonic/contract';
import { readingCamp, readingCampDay } from '../../offline/acknowledged';
import type { Meta } from '../query';
import { tagged, type Build, type Made } from './build';

/** A camp as it was read, and when it was asked for, milliseconds. */
export interface CampRead {
  camp: CampRecord;
  readAt: number;
}
export interface CampDayRead {
  day: CampDayRecord;
  readAt: number;
}

const readAt = (meta: Meta | undefined): number => meta?.kept ?? meta?.at ?? 0;

/** The camp with the plan that now holds. */
export function withPlan({ camp, readAt }: CampRead, plan: CampPlanRecord): CampRead {
  const before = camp.plan;
  if (before?.id === plan.id) return { camp, readAt };
  const earlier = before
    ? [{ id: before.id, at: before.at, why: before.why }, ...camp.earlier]
    : [...camp.earlier];
  return { camp: { ...camp, plan, earlier }, readAt };
}

interface PlanAnswered {
  dispatch: (action: never) => unknown;
  queryFulfilled: Promise<{ data: CampPlanRecord }>;
}

/** What the server answers holds at once: the next change is made of it, not of the plan before. */
async function planHolds({ campId }: { campId: string }, { dispatch, queryFulfilled }: PlanAnswered) {
  const answer = await queryFulfilled.catch(() => null);
  if (!answer) return;
  const change = (read: CampRead) => withPlan(read, answer.data);
  dispatch(tagged.util.updateQueryData('camp' as never, campId as never, change as never) as never);
}

/** Camps, their plans, and what is logged on their days. */
export const campEndpoints = (build: Build) => ({
  camps: build.query<CampListEntry[], void>({ query: () => 'camps', providesTags: ['Camps'] }),
  makeCamp: build.mutation<Made, NewCamp>({
    query: (body) => ({ url: 'camps', method: 'POST', body }),
    invalidatesTags: ['Camps'],
  }),
  camp: build.query<CampRead, string>({
    query: (id) => `camps/${id}`,
    providesTags: (_result, _error, id) => [{ type: 'Camp', id }],
    transformResponse: (camp: CampRecord, meta: Meta | undefined) => ({ camp, readAt: readAt(meta) }),
    onQueryStarted: readingCamp,
  }),
  campDay: build.query<CampDayRead, { id: string; date: string }>({
    query: ({ id, date }) => `camps/${id}/days/${date}`,
    providesTags: (_result, _error, { id }) => [{ type: 'CampDay', id }],
    transformResponse: (day: CampDayRecord, meta: Meta | undefined) => ({ day, readAt: readAt(meta) }),
    onQueryStarted: readingCampDay,
  }),
  changeCampSetup: build.mutation<Made, ChangedSetup & { campId: string }>({
    query: ({ campId, ...body }) => ({ url: `camps/${campId}/setup`, method: 'PUT', body }),
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }, 'Camps'],
  }),
  setCampMembers: build.mutation<{ added: number }, { campId: string; members: MemberRow[] }>({
    query: ({ campId, members }) => ({ url: `camps/${campId}/members`, method: 'POST', body: { members } }),
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }, 'Camps'],
  }),
  archiveCamp: build.mutation<Made, { campId: string; id: string; archived: boolean }>({
    query: ({ campId, ...body }) => ({ url: `camps/${campId}/archive`, method: 'POST', body }),
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }, 'Camps'],
  }),
  planCamp: build.mutation<CampPlanRecord, PlanWish & { campId: string }>({
    query: ({ campId, ...body }) => ({ url: `camps/${campId}/plans`, method: 'POST', body }),
    onQueryStarted: planHolds,
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }, 'Camps'],
  }),
  changeCampPlan: build.mutation<CampPlanRecord, HandPlan & { campId: string }>({
    query: ({ campId, ...body }) => ({ url: `camps/${campId}/plans`, method: 'PUT', body }),
    onQueryStarted: planHolds,
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }],
  }),
  restoreCampPlan: build.mutation<CampPlanRecord, { campId: string; id: string; of: string; before: string }>(
    {
      query: ({ campId, ...body }) => ({ url: `camps/${campId}/plans/restore`, method: 'POST', body }),
      onQueryStarted: planHolds,
      invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }],
    },
  ),
  campPlanning: build.query<{ planning: CampPlanning | null }, string>({
    query: (id) => `camps/${id}/planning`,
    keepUnusedDataFor: 0,
  }),
  stopCampPlanning: build.mutation<Made, string>({
    query: (id) => ({ url: `camps/${id}/planning/stop`, method: 'POST', body: {} }),
  }),
});
