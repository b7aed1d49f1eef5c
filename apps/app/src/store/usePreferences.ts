import type { Preferences } from '@wrightonic/contract';
import { lazyEndpoints } from './lazyEndpoints';
import { useMe } from './useAthlete';

/** The settings of whoever is signed in, and a way to change some of them. */
export function usePreferences() {
  const { hand, velocityUnit, sizeUnit, zoneView, dateOrder, hours, goodStrikes, approach } = useMe().person;
  const [send, { error }] = lazyEndpoints.useSavePreferencesMutation({ fixedCacheKey: 'preferences' });
  const preferences: Preferences = {
    hand,
    velocityUnit,
    sizeUnit,
    zoneView,
    dateOrder,
    hours,
    goodStrikes,
    approach,
  };
  return {
    preferences,
    error,
    save: (change: Partial<Preferences>) => void send({ ...preferences, ...change }),
  };
}
