import { may, type Act } from '@wrightonic/core';
import { useMe } from '../../store/useAthlete';

/** Whether whoever is signed in may do something, by the same table as the server’s. */
export const useMay = (act: Act): boolean => may(useMe().person.role, act);
