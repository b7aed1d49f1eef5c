import type {
  HomeResponse,
  MadeShare,
  NewShare,
  ShareEnd,
  SharedPage,
  ShareRecord,
} from '@wrightonic/contract';
import type { HomeEvent } from '@wrightonic/core';
import type { Build, Made, Of } from './build';

/** Links for those at home, and the page behind one. */
export const shareEndpoints = (build: Build) => {
  return {
    shares: build.query<ShareRecord[], string>({
      query: (id) => `athletes/${id}/shares`,
      providesTags: ['Shares'],
    }),
    makeShare: build.mutation<MadeShare, Of<NewShare>>({
      query: ({ athleteId, body }) => ({ url: `athletes/${athleteId}/shares`, method: 'POST', body }),
      invalidatesTags: ['Shares'],
    }),
    endShare: build.mutation<Made, Of<ShareEnd> & { share: string }>({
      query: ({ share, body }) => ({ url: `shares/${share}/end`, method: 'POST', body }),
      invalidatesTags: ['Shares'],
    }),
    sharedWeek: build.query<SharedPage, string>({
      query: (token) => `shared/${encodeURIComponent(token)}`,
    }),
    sendHome: build.mutation<HomeResponse, { token: string; events: HomeEvent[] }>({
      query: ({ token, events }) => ({
        url: `shared/${encodeURIComponent(token)}/log`,
        method: 'POST',
        body: { events },
      }),
    }),
  };
};
