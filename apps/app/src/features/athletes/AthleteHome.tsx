import { Redirect } from 'expo-router';
import { useAthlete } from '../../store/useAthlete';

/** An athlete opens on the verb that is due. */
export function AthleteHome() {
  const { id, page } = useAthlete('head');
  return page ? <Redirect href={`/athletes/${id}/${page.due.verb}`} /> : null;
}
