import { Redirect } from 'expo-router';
import { useToday } from '../../store/useAthlete';
import { dueOf } from './due';
import { useCamp } from './useCamp';

/** A camp opens on what is due. */
export function CampHome() {
  const { id, camp } = useCamp();
  const today = useToday();
  return camp ? <Redirect href={`/camps/${id}/${dueOf(camp, today)}`} /> : null;
}
