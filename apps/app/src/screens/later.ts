import { readAhead } from './readAhead';

export type All = typeof import('./lazyScreens');

let here: All | undefined;

/** The later screens, where they have come already. */
export const laterHere = (): All | undefined => here;

/** Fetches the later screens, and what the one of this path reads. */
export const fetchLater = async (): Promise<All> => {
  readAhead(location.pathname);
  return (here = await import('./lazyScreens'));
};

/** Something else that comes with the later screens. */
export const later = async <Name extends keyof All>(name: Name): Promise<All[Name]> =>
  (here ?? (await fetchLater()))[name];
