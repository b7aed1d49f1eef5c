import type { AuthSessionState, Founding, InvitationPage } from '@wrightonic/contract';
import { api } from '../api';
import { token } from '../token';
import type { Build } from './build';

/** Ways in: an academy founded, an invitation, a password that was forgotten. */
export const wayInEndpoints = (build: Build) => {
  /** A way in: whoever comes out is signed in. */
  const entry = <T>(url: (wish: T) => string, body: (wish: T) => unknown) =>
    build.mutation<AuthSessionState, T>({
      query: (wish) => ({ url: url(wish), method: 'POST', body: body(wish) }),
      async onQueryStarted(_wish, { queryFulfilled, dispatch }) {
        const answer = await queryFulfilled.catch(() => null);
        if (!answer) return;
        token.set(answer.data.csrf);
        dispatch(api.util.upsertQueryData('authSession', undefined, answer.data));
      },
    });
  return {
    found: entry<Founding>(
      () => 'founding',
      (wish) => wish,
    ),
    foundDemo: entry<{ code: string }>(
      () => 'founding/demo',
      (wish) => wish,
    ),
    invitation: build.query<InvitationPage, string>({ query: (link) => `join/${encodeURIComponent(link)}` }),
    join: entry<{ link: string; name: string; password: string }>(
      ({ link }) => `join/${encodeURIComponent(link)}`,
      ({ name, password }) => ({ name, password }),
    ),
    askForReset: build.mutation<object, { email: string }>({
      query: (body) => ({ url: 'password-resets', method: 'POST', body }),
    }),
    reset: build.query<object, string>({ query: (link) => `password-resets/${encodeURIComponent(link)}` }),
    setPassword: build.mutation<object, { link: string; password: string }>({
      query: ({ link, password }) => ({
        url: `password-resets/${encodeURIComponent(link)}`,
        method: 'POST',
        body: { password },
      }),
    }),
  };
};
