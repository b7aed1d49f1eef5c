import type {
  CampAfter,
  CampHelper,
  CampLinkRecord,
  CampSignUp,
  FollowedUp,
  FollowUps,
  MadeShare,
  NewCampHelper,
  NewCampLink,
  SignUpPage,
  SignUpRecord,
} from '@wrightonic/contract';
import type { Build, Made } from './build';

/** What comes of a camp, and its links and accounts. */
export const campLinkEndpoints = (build: Build) => ({
  campAfter: build.query<CampAfter, string>({
    query: (id) => `camps/${id}/after`,
    providesTags: (_result, _error, id) => [
      { type: 'Camp', id },
      { type: 'CampDay', id },
    ],
  }),
  followUpCamp: build.mutation<FollowedUp, FollowUps & { campId: string }>({
    query: ({ campId, ...body }) => ({ url: `camps/${campId}/follow-ups`, method: 'POST', body }),
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }, 'Roster', 'Athlete'],
  }),
  campSignUps: build.query<SignUpRecord[], string>({
    query: (id) => `camps/${id}/sign-ups`,
    providesTags: (_result, _error, id) => [{ type: 'Camp', id }],
  }),
  endCampSignUp: build.mutation<
    Made,
    { campId: string; signUp: string; id: string; athleteId: string | null }
  >({
    query: ({ campId, signUp, ...body }) => ({
      url: `camps/${campId}/sign-ups/${signUp}/end`,
      method: 'POST',
      body,
    }),
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }],
  }),
  campLinks: build.query<CampLinkRecord[], string>({
    query: (id) => `camps/${id}/links`,
    providesTags: (_result, _error, id) => [{ type: 'Camp', id }],
  }),
  makeCampLink: build.mutation<MadeShare, NewCampLink & { campId: string }>({
    query: ({ campId, ...body }) => ({ url: `camps/${campId}/links`, method: 'POST', body }),
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }],
  }),
  endCampLink: build.mutation<Made, { campId: string; link: string; id: string }>({
    query: ({ campId, link, id }) => ({
      url: `camps/${campId}/links/${link}/end`,
      method: 'POST',
      body: { id },
    }),
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }],
  }),
  campHelpers: build.query<CampHelper[], string>({
    query: (id) => `camps/${id}/helpers`,
    providesTags: (_result, _error, id) => [{ type: 'Camp', id }],
  }),
  addCampHelper: build.mutation<Made, NewCampHelper & { campId: string }>({
    query: ({ campId, ...body }) => ({ url: `camps/${campId}/helpers`, method: 'POST', body }),
    invalidatesTags: (_result, _error, { campId }) => [{ type: 'Camp', id: campId }],
  }),
  signUpPage: build.query<SignUpPage, string>({ query: (token) => `camp-sign-up/${token}` }),
  signUp: build.mutation<Made, { token: string; body: CampSignUp }>({
    query: ({ token, body }) => ({ url: `camp-sign-up/${token}`, method: 'POST', body }),
  }),
});
