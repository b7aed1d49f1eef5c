import { dayAt, may } from '@wrightonic/core';
import type { Request, RequestHandler } from 'express';
import type { SignedIn } from '../auth/authSession';
import { currentUser } from './input';

/** A smaller answer is not worth packing, characters. */
const worthPacking = 1_024;

/** Who asks, as far as the answer hangs on it. */
export type Asked<P> = Pick<SignedIn, 'academy' | 'academyRow'> & { person: P };
type Person = SignedIn['person'];

/** The same answer for everybody of the academy. */
export const anybody = (): null => null;
/** What of an athlete somebody may know beside the work itself. */
export interface Privy {
  contacts: boolean;
  health: boolean;
}

/** The same for those who may know the same. */
export const privy = ({ role }: Person): Privy => ({
  contacts: may(role, 'contacts'),
  health: may(role, 'health'),
});

/** The same for those who go about it alike and may know the same. */
export const manner = (person: Person): Pick<Person, 'approach' | 'goodStrikes'> & Privy => ({
  approach: person.approach,
  goodStrikes: person.goodStrikes,
  ...privy(person),
});

/** Whoever is signed in, as far as an athlete's fields hang on them. */
export const askedBy = ({ academy, academyRow, person }: SignedIn): Asked<ReturnType<typeof manner>> => ({
  academy,
  academyRow,
  person: manner(person),
});

/**
 * Answers a reading request with what was answered last, while nothing that it was read from has changed. The answer may
 * hang on the address, on the academy and on its day; on nothing else that changes by itself.
 *
 * @param of what of the person the answer hangs on; it sees nothing else of them
 */
export const kept =
  <P>(
    of: (person: Person) => P,
    answer: (asked: Asked<P>, request: Request) => Promise<unknown>,
  ): RequestHandler =>
  async (request, response) => {
    const { academy, academyRow, person: whole } = currentUser(request);
    const person = of(whole);
    const key = JSON.stringify([request.originalUrl, dayAt(new Date(), academyRow.zone), person, academyRow]);
    const found = await academy.kept(key, async () => {
      const read = await answer({ academy, academyRow, person }, request);
      return typeof read === 'string' ? read : JSON.stringify(read);
    });
    response.type('json').vary('accept-encoding');
    if (found.text.length < worthPacking || !request.acceptsEncodings('gzip'))
      return void response.end(found.text);
    response.setHeader('content-encoding', 'gzip');
    response.end(await found.packed());
  };
