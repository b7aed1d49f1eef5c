import type {
  DrillAddition,
  DrillPlace,
  DrillSwap,
  NewAssignment,
  NewPlan,
  NewTemplate,
  ProposedWeek,
  RosterMove,
  StageMove,
  StageMoves,
  TemplateRecord,
  WeekWish,
} from '@wrightonic/contract';
import { athleteChanged, changedEverywhere, changing, type Build, type Made, type Of } from './build';

/** Plans, weeks, stages and templates. */
export const planEndpoints = (build: Build) => {
  const change = changing(build);
  const planChange = <T>(path: string) =>
    build.mutation<Made, Of<T> & { planId: string }>({
      query: ({ planId, body }) => ({ url: `plans/${planId}/${path}`, method: 'POST', body }),
      invalidatesTags: changedEverywhere,
    });
  return {
    makePlan: change<NewPlan>((id) => `athletes/${id}/plans`),
    swapDrill: build.mutation<Made, Of<DrillSwap> & { planId: string; drillId: string }>({
      query: ({ planId, drillId, body }) => ({
        url: `plans/${planId}/drills/${drillId}`,
        method: 'PUT',
        body,
      }),
      invalidatesTags: athleteChanged,
    }),
    placeDrill: build.mutation<Made, Of<DrillPlace> & { planId: string; drillId: string }>({
      query: ({ planId, drillId, body }) => ({
        url: `plans/${planId}/drills/${drillId}/place`,
        method: 'PUT',
        body,
      }),
      invalidatesTags: athleteChanged,
    }),
    addDrill: planChange<DrillAddition>('drills'),
    moveStage: planChange<StageMove>('stage-moves'),
    assign: planChange<NewAssignment>('assignments'),
    proposeWeek: build.mutation<ProposedWeek, { planId: string; body: WeekWish }>({
      query: ({ planId, body }) => ({ url: `plans/${planId}/week`, method: 'POST', body }),
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
    templates: build.query<TemplateRecord[], void>({
      query: () => 'templates',
      providesTags: ['Templates'],
    }),
    keepTemplate: build.mutation<Made, { planId: string; body: NewTemplate }>({
      query: ({ planId, body }) => ({ url: `plans/${planId}/template`, method: 'POST', body }),
      invalidatesTags: ['Templates'],
    }),
  };
};
