/** Who works at an academy. */
export const roles = ['owner', 'instructor', 'assistant'] as const;
export type Role = (typeof roles)[number];

/** What somebody may do, and how it is called. */
export const actNames = {
  own: 'Change one’s own settings, password and sessions',
  read: 'Open athletes, lessons, drills, camps and progress',
  log: 'Log looks, reps, throws and pain, and keep the diary',
  coach: 'Add athletes; trace, build and assign; lead camps',
  share: 'Make links for families, and end them',
  contacts: 'See guardians and how to reach them',
  health: 'See injuries, and clear throws after pain',
  export: 'Take an athlete out as a file, or bring one in',
  remove: 'Ask for a deletion, confirm it or take it back',
  rules: 'Change planning, causes, words and norms',
  people: 'Invite people, change roles, deactivate accounts, read mail that went out',
  audit: 'Read who did what',
  academy: 'Take the academy out as a file, or bring one in',
} as const;
export type Act = keyof typeof actNames;

const assistant: readonly Act[] = ['own', 'read', 'log'];
const instructor: readonly Act[] = [...assistant, 'coach', 'share', 'contacts', 'health', 'export', 'remove'];

/** Everything that a role may do; what is not named here is refused. */
export const permissions: Readonly<Record<Role, readonly Act[]>> = {
  assistant,
  instructor,
  owner: [...instructor, 'rules', 'people', 'audit', 'academy'],
};

/**
 * Whether a role may do something.
 *
 * @returns false for whatever the table does not name
 * @example may('assistant', 'contacts') // false
 */
export const may = (role: Role, act: Act): boolean => permissions[role].includes(act);

/**
 * The roles that may do something, for words that say whom to ask.
 *
 * @example whoMay('audit') // [ 'owner' ]
 */
export const whoMay = (act: Act): Role[] => roles.filter((role) => may(role, act));
