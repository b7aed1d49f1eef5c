import type { KeyboardEvent } from 'react';

const steps: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };
const one = '[role=radio],[role=tab]';

/**
 * What the keys do in a group: the space bar chooses, which a `Pressable` leaves to buttons; where one of several is
 * chosen, arrows lead from one to the next and round, Home and End to the ends. Nothing is chosen by passing over it.
 */
function onKeyDown(event: KeyboardEvent<HTMLElement>): void {
  const { key, target, currentTarget } = event;
  const at = (target as HTMLElement).closest<HTMLElement>(`${one},[role=checkbox]`);
  if (!at || event.ctrlKey || event.metaKey || event.altKey) return;
  const all = [...currentTarget.querySelectorAll<HTMLElement>(one)];
  const here = all.indexOf(at);
  if (key === ' ') at.click();
  else if (here < 0) return;
  else if (key === 'Home') all[0]!.focus();
  else if (key === 'End') all.at(-1)!.focus();
  else if (steps[key]) all[(here + steps[key] + all.length) % all.length]!.focus();
  else return;
  event.preventDefault();
  event.stopPropagation();
}

/** For the `View` of the group; React Native does not know keys. */
export const groupKeys = { onKeyDown } as object;

/** Tab stops once in a group: at the one that is chosen, else (-1) at the first. */
export const groupStop = (chosen: number, n: number): 0 | -1 => (n === Math.max(0, chosen) ? 0 : -1);
