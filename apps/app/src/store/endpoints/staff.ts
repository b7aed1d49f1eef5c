import type {
  Account,
  AuditPage,
  InvitationRecord,
  MadeShare,
  MailRecord,
  NewInvitation,
  SecondFactorSetup,
  StaffChange,
  StaffRecord,
} from '@wrightonic/contract';
import type { Build, Made } from './build';

/** What of the audit is asked for; what is empty holds nothing back. */
export interface AuditWish {
  kind: string;
  person: string;
  from: string;
  to: string;
}

export const auditQueryOf = (wish: AuditWish): string =>
  new URLSearchParams(Object.entries(wish).filter(([, value]) => value)).toString();

/** One's own account, who works here, mail, and who did what. */
export const staffEndpoints = (build: Build) => ({
  account: build.query<Account, void>({ query: () => 'account', providesTags: ['Account'] }),
  changePassword: build.mutation<Made, { current: string; password: string }>({
    query: (body) => ({ url: 'account/password', method: 'PUT', body }),
    invalidatesTags: ['Account'],
  }),
  endSession: build.mutation<null, string>({
    query: (id) => ({ url: `account/sessions/${id}`, method: 'DELETE' }),
    invalidatesTags: ['Account'],
  }),
  beginSecondFactor: build.mutation<SecondFactorSetup, { password: string }>({
    query: (body) => ({ url: 'account/second-factor', method: 'POST', body }),
  }),
  confirmSecondFactor: build.mutation<{ codes: string[] }, { code: string }>({
    query: (body) => ({ url: 'account/second-factor', method: 'PUT', body }),
    invalidatesTags: ['Account'],
  }),
  endSecondFactor: build.mutation<Made, { password: string }>({
    query: (body) => ({ url: 'account/second-factor/end', method: 'POST', body }),
    invalidatesTags: ['Account'],
  }),
  people: build.query<StaffRecord[], void>({ query: () => 'people', providesTags: ['People'] }),
  changePerson: build.mutation<Made, { id: string } & StaffChange>({
    query: ({ id, ...body }) => ({ url: `people/${id}`, method: 'PUT', body }),
    invalidatesTags: ['People', 'Session'],
  }),
  handOver: build.mutation<{ lessons: number }, { id: string; to: string }>({
    query: ({ id, to }) => ({ url: `people/${id}/hand-over`, method: 'POST', body: { to } }),
    invalidatesTags: ['People', 'Lessons'],
  }),
  invitations: build.query<InvitationRecord[], void>({
    query: () => 'invitations',
    providesTags: ['People'],
  }),
  invite: build.mutation<MadeShare, NewInvitation>({
    query: (body) => ({ url: 'invitations', method: 'POST', body }),
    invalidatesTags: ['People'],
  }),
  endInvitation: build.mutation<Made, string>({
    query: (id) => ({ url: `invitations/${id}/end`, method: 'POST', body: {} }),
    invalidatesTags: ['People'],
  }),
  mails: build.query<{ simulated: boolean; mails: MailRecord[] }, void>({
    query: () => 'mails',
    keepUnusedDataFor: 0,
  }),
  audit: build.query<AuditPage, AuditWish>({
    query: (wish) => `audit?${auditQueryOf(wish)}`,
    keepUnusedDataFor: 0,
  }),
});
