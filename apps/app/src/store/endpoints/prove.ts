import type {
  MadeShare,
  NewReport,
  NewTarget,
  Progress,
  Reopening,
  ReportPage,
  ReportRecord,
  ShareEnd,
  Span,
} from '@wrightonic/contract';
import type { FlawWorth } from '@wrightonic/core';
import { changing, type Build, type Made, type Of } from './build';

/** Targets, reopened ladders, reports, and what an academy proves. */
export const proveEndpoints = (build: Build) => {
  const change = changing(build);
  return {
    setTarget: change<NewTarget>((id) => `athletes/${id}/targets`),
    reopenLadder: change<Reopening>((id) => `athletes/${id}/reopened`),
    reports: build.query<ReportRecord[], string>({
      query: (id) => `athletes/${id}/reports`,
      providesTags: ['Shares'],
    }),
    makeReport: build.mutation<MadeShare, Of<NewReport>>({
      query: ({ athleteId, body }) => ({ url: `athletes/${athleteId}/reports`, method: 'POST', body }),
      invalidatesTags: ['Shares'],
    }),
    endReport: build.mutation<Made, Of<ShareEnd> & { report: string }>({
      query: ({ report, body }) => ({ url: `reports/${report}/end`, method: 'POST', body }),
      invalidatesTags: ['Shares'],
    }),
    report: build.query<ReportPage, string>({
      query: (token) => `progress-reports/${encodeURIComponent(token)}`,
    }),
    progress: build.query<Progress, Span>({
      query: ({ from, to }) => `progress?from=${from}&to=${to}`,
      providesTags: ['Roster'],
      keepUnusedDataFor: 30,
    }),
    worth: build.query<FlawWorth[], void>({
      query: () => 'worth',
      providesTags: ['Roster'],
      keepUnusedDataFor: 30,
    }),
  };
};
