import type { Href } from 'expo-router';
import type { IconName } from '../Icon/Icon';

interface Place {
  name: string;
  href: Href;
  icon: IconName;
  /** After `g` on a keyboard. */
  key: string;
  /** Paths that belong to the place as well. */
  also: readonly string[];
}

export const places: readonly Place[] = [
  { name: 'Today', href: '/', icon: 'weather-sunny', key: 't', also: ['/diary'] },
  { name: 'Roster', href: '/roster', icon: 'account-group', key: 'r', also: ['/athletes', '/roster'] },
  { name: 'Drills', href: '/drills', icon: 'dumbbell', key: 'd', also: ['/drills'] },
  { name: 'Camps', href: '/camps', icon: 'tent', key: 'c', also: ['/camps'] },
  { name: 'Office', href: '/office', icon: 'tune-variant', key: 'o', also: ['/office'] },
];
