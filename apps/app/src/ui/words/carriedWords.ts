import type { Carried } from '@wrightonic/core';
import { agoWords } from './days';

/** How many grades come from earlier looks, and how old they are; nothing where none does. */
export function carriedWords(carried: readonly Carried[], today: string): string {
  const days = [...new Set(carried.map(({ date }) => date))].sort();
  if (days.length === 0) return '';
  const [first, last] = [agoWords(days[0]!, today), agoWords(days.at(-1)!, today)];
  const when = first === last ? first : `${first} to ${last}`;
  return `${carried.length} ${carried.length === 1 ? 'grade is' : 'grades are'} carried from earlier looks (${when}), drawn lighter. `;
}
