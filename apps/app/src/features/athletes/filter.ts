import type { RosterEntry } from '@wrightonic/contract';
import type { Discipline, Hand } from '@wrightonic/core';
import { nodeName } from '@wrightonic/core/checkpoints';

export const ageBands = {
  'under 10': [0, 9],
  '10–12': [10, 12],
  '13–15': [13, 15],
  '16–18': [16, 18],
  '19 on': [19, 99],
} as const;
export type AgeBand = keyof typeof ageBands;

export interface RosterFilter {
  search: string;
  discipline: Discipline | null;
  hand: Hand | null;
  age: AgeBand | null;
  /** Id of a checkpoint or limit that is somebody's focus. */
  focus: string | null;
}

export const noFilter: RosterFilter = { search: '', discipline: null, hand: null, age: null, focus: null };

/** Letters without accents, in lower case, so that a search finds what was meant. */
const bare = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Athletes for whom every part of the filter holds; each word of the search begins some word of the name. */
export function filtered(roster: readonly RosterEntry[], filter: RosterFilter): RosterEntry[] {
  const { discipline, hand, age, focus } = filter;
  const words = bare(filter.search).split(/\s+/).filter(Boolean);
  return roster.filter((athlete) => {
    const names = bare(`${athlete.givenName} ${athlete.familyName}`).split(/[\s-]+/);
    const [from, to] = age ? ageBands[age] : [0, 99];
    return (
      words.every((word) => names.some((name) => name.startsWith(word))) &&
      (!discipline || athlete.discipline === discipline) &&
      (!hand || athlete.throws === hand) &&
      athlete.age >= from &&
      athlete.age <= to &&
      (!focus || athlete.focus.lower === focus || athlete.focus.arm === focus)
    );
  });
}

/** Every focus that somebody has, by name. */
export const focusesOf = (roster: readonly RosterEntry[]): { id: string; name: string }[] =>
  [...new Set(roster.flatMap(({ focus }) => [focus.lower, focus.arm]).filter((id) => id !== null))]
    .map((id) => ({ id, name: nodeName(id) }))
    .sort((a, b) => a.name.localeCompare(b.name));
