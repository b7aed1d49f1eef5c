export const lessonStates = ['on', 'called-off', 'moved', 'no-show', 'rained-off'] as const;
/** What became of a lesson. */
export type LessonState = (typeof lessonStates)[number];

/**
 * Whether somebody is expected.
 *
 * @example takesPlace({ state: 'rained off' }) // false
 */
export const takesPlace = ({ state }: { state: LessonState }): boolean => state === 'on' || state === 'moved';
