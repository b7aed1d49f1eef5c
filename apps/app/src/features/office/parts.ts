import { may, type Act, type Role } from '@wrightonic/core';
import type { Href } from 'expo-router';

/** Parts of the page itself. */
export const officeParts = [
  { id: 'you', name: 'You', what: 'Hand, units, dates, strike zone' },
  { id: 'device', name: 'This device', what: 'Theme, beep' },
  { id: 'approach', name: 'Your approach', what: 'What you teach, and what counts as good results' },
  { id: 'calls', name: 'Calls', what: 'How your choices turned out' },
  { id: 'account', name: 'Account', what: 'Password, second factor, sign out' },
] as const;
export type OfficePart = (typeof officeParts)[number]['id'];

/** What has a screen of its own. */
export const officeScreens: readonly { href: Href; name: string; what: string; act?: Act }[] = [
  { href: '/office/links', name: 'Causes and effects', what: 'The links behind every trace' },
  { href: '/office/planning', name: 'Planning', what: 'Rules for every weekly plan' },
  { href: '/office/words', name: 'Words', what: 'The words that tag notes' },
  { href: '/office/norms', name: 'Norms', what: 'Ranges that count as usual' },
  { href: '/office/devices', name: 'Devices', what: 'Radar lines and their keys' },
  { href: '/office/people', name: 'People', what: 'Roles, invitations, who left', act: 'people' },
  { href: '/office/mail', name: 'Mail', what: 'What went out', act: 'people' },
  { href: '/office/archive', name: 'Archive', what: 'Take along, bring in', act: 'export' },
  {
    href: '/office/deletions',
    name: 'Archived and deleted',
    what: 'Out of the lists, and out for good',
    act: 'remove',
  },
  { href: '/office/audit', name: 'Who did what', what: 'The last year', act: 'audit' },
];

/** Those of them that somebody may open. */
export const screensFor = (role: Role): typeof officeScreens =>
  officeScreens.filter(({ act }) => act === undefined || may(role, act));
