import { ballSaid, bodySaid } from './body';
import { overhandSaid } from './overhand';
import type { Said } from './said';
import { windmillSaid } from './windmill';

export { voices, type Said, type Voice } from './said';

const everything: Readonly<Record<string, Said>> = { ...overhandSaid, ...windmillSaid, ...bodySaid };

/**
 * Words for a flaw or a limit; undefined for what is never worked on.
 *
 * @example saidOf('oh.lift-stall')?.plain // 'Keep your hips moving toward the plate.'
 */
export const saidOf = (id: string): Said | undefined => everything[id];

/**
 * What happens, in a clause, for anything that can be graded.
 *
 * @example happensOf('oh.lift-stall') // 'the body comes to a stop at the top of the leg lift'
 */
export const happensOf = (id: string): string | undefined => everything[id]?.happens ?? ballSaid[id];
