import type { Href } from 'expo-router';

/** Parts of the page itself. */
export const officeParts = [
  { id: 'you', name: 'You', what: 'Hand, units, dates, strike zone' },
  { id: 'device', name: 'This device', what: 'Theme, beep' },
  { id: 'approach', name: 'Your approach', what: 'What you teach, and what counts as good results' },
  { id: 'calls', name: 'Calls', what: 'How your choices turned out' },
  { id: 'account', name: 'Account', what: 'Sign out' },
] as const;
export type OfficePart = (typeof officeParts)[number]['id'];

/** What has a screen of its own. */
export const officeScreens: readonly { href: Href; name: string; what: string }[] = [
  { href: '/office/links', name: 'Causes and effects', what: 'The links behind every trace' },
  { href: '/office/planning', name: 'Planning', what: 'Rules for every weekly plan' },
  { href: '/office/words', name: 'Words', what: 'The words that tag notes' },
  { href: '/office/norms', name: 'Norms', what: 'Ranges that count as usual' },
  { href: '/office/devices', name: 'Devices', what: 'Radar lines and their keys' },
];
