import type { Href } from 'expo-router';
import type { IconName } from '../Icon/Icon';
import { texts } from '../texts';

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
  { name: texts.today, href: '/', icon: 'weather-sunny', key: 't', also: ['/diary'] },
  { name: texts.roster, href: '/roster', icon: 'account-group', key: 'r', also: ['/athletes', '/roster'] },
  { name: texts.drills, href: '/drills', icon: 'dumbbell', key: 'd', also: ['/drills'] },
  { name: texts.camps, href: '/camps', icon: 'tent', key: 'c', also: ['/camps'] },
  { name: texts.office, href: '/office', icon: 'tune-variant', key: 'o', also: ['/office'] },
];
