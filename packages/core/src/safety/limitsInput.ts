import type { DayThrows, LimitsInput } from './throwLimits';

/** As far back as any limit looks, days. */
export const limitsLookBack = 40;

/**
 * Everything that the limits must know of an athlete but the day, whoever asks. There is no other way to gather it, so that
 * nobody forgets a league or a lock.
 *
 * @param athlete discipline, birthdate (ISO day), and the league or null
 * @param academy whether it counts every throw as a hard one
 * @param pain what pain makes of the throws
 * @param throws by day, of the log and of home, at least the last `limitsLookBack` days
 * @example limitsInputOf(week, { allHard: true }, openThrows, []).allHard // true
 */
export const limitsInputOf = (
  { discipline, birthdate, league }: Pick<LimitsInput, 'discipline' | 'birthdate' | 'league'>,
  { allHard }: Pick<LimitsInput, 'allHard'>,
  pain: LimitsInput['pain'],
  throws: readonly DayThrows[],
): Omit<LimitsInput, 'on'> => ({ discipline, birthdate, league, allHard, pain, throws });
