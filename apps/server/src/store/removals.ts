import type { Academy } from './scope';

/** Athletes who were deleted since, by the ids that they had. */
export const removedSince = (academy: Academy, since: Date): Promise<string[]> =>
  academy.from('removals').where('at', '>=', since).orderBy('at').pluck('id') as Promise<string[]>;
