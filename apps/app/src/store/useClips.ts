import { clipsWith } from '../offline/measured';
import { lazyEndpoints } from './lazyEndpoints';
import { useMe } from './useAthlete';
import { useWithPendingEvents } from './useMeasured';

/** Clips of an athlete with what was logged since; none are asked for where nobody is chosen. */
export function useClips(athleteId: string | null) {
  const { person } = useMe();
  // Never of the one who was chosen before.
  const { currentData, error, refetch } = lazyEndpoints.useClipsQuery(athleteId ?? '', {
    skip: athleteId === null,
  });
  const clips = useWithPendingEvents(currentData, (stored, entries) =>
    clipsWith(stored, entries, athleteId!, person.name),
  );
  return { clips, error, again: () => void refetch() };
}
