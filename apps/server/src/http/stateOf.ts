import type { SignedIn } from '../auth/session';
import { bookOf } from '../store/drills';
import type { StateOf } from '../store/state/athleteStates';

/** What the states of an academy's athletes hang on; its drills are read when somebody asks for them. */
export const stateOf = ({ academy, home }: Pick<SignedIn, 'academy' | 'home'>): StateOf => ({
  zone: home.zone,
  carryDays: home.carryDays,
  book: () => bookOf(academy),
});
