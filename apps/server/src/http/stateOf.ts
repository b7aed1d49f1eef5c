import type { SignedIn } from '../auth/authSession';
import { bookOf } from '../store/drills';
import type { Academy } from '../store/scope';
import type { StateOf, StatePart } from '../store/state/athleteStates';
import { refreshAthletes } from '../store/state/refresh';

/** What the states of an academy's athletes hang on; its drills are read when somebody asks for them. */
export const stateOf = ({ academy, academyRow }: Pick<SignedIn, 'academy' | 'academyRow'>): StateOf => ({
  zone: academyRow.zone,
  carryDays: academyRow.carryDays,
  book: () => bookOf(academy),
});

/** A change with the states that hang on it, in one transaction; the change may be done again, see `Academy.current`. */
export const changing = <T>(
  signedIn: Pick<SignedIn, 'academy' | 'academyRow'>,
  athletes: readonly string[],
  parts: readonly StatePart[],
  change: (academy: Academy) => Promise<T>,
): Promise<T> =>
  signedIn.academy.current(async (academy) => {
    const done = await change(academy);
    await refreshAthletes(academy, athletes, parts, stateOf({ academy, academyRow: signedIn.academyRow }));
    return done;
  });
