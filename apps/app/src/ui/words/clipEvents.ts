import type { ClipEvent, Discipline } from '@wrightonic/core';

/** What can be marked, in the order in which it comes; with the letter that marks it after `e`. */
export const eventsFor: Readonly<Record<Discipline, readonly [ClipEvent, letter: string, name: string][]>> = {
  overhand: [
    ['peak-lift', 'l', 'Peak lift'],
    ['hands-break', 'b', 'Hands break'],
    ['first-touch', 't', 'First touch'],
    ['plant', 'p', 'Plant'],
    ['hips-turn', 'h', 'Hips turn'],
    ['trunk-turn', 'k', 'Trunk turns'],
    ['hand-top', 'u', 'Hand at top'],
    ['lay-back', 'y', 'Layback'],
    ['release', 'r', 'Release'],
    ['back-foot-off', 'o', 'Back foot off'],
  ],
  windmill: [
    ['load', 'd', 'Load'],
    ['hands-break', 'b', 'Hands break'],
    ['push-off', 'f', 'Push-off'],
    ['arm-top', 'a', 'Arm at top'],
    ['first-touch', 't', 'First touch'],
    ['plant', 'p', 'Plant'],
    ['hips-turn', 'h', 'Hips turn'],
    ['through', 'n', 'Arm through'],
    ['release', 'r', 'Release'],
    ['back-foot-off', 'o', 'Back foot off'],
  ],
};

const names = new Map(
  Object.values(eventsFor).flatMap((list) => list.map(([event, , name]) => [event, name])),
);
export const eventName = (event: ClipEvent): string => names.get(event) ?? event;
