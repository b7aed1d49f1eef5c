import type { Profile } from '@wrightonic/contract';
import { more } from './more';
import { useMe } from './useAthlete';

/** The settings of whoever is signed in, and a way to change some of them. */
export function useProfile() {
  const { hand, velocityUnit, sizeUnit, zoneView, goodStrikes, approach } = useMe().person;
  const [send, { error }] = more.useSaveProfileMutation();
  const profile: Profile = { hand, velocityUnit, sizeUnit, zoneView, goodStrikes, approach };
  return { profile, error, save: (change: Partial<Profile>) => void send({ ...profile, ...change }) };
}
