import type { AthletePart } from '@wrightonic/contract';
import { verbs } from '@wrightonic/core/due';
import { api } from '../store/api';
import { store } from '../store/store';

/** What a verb reads beside the part that bears its name. */
const beside: Readonly<Record<string, readonly AthletePart[]>> = { prove: ['course'] };

/**
 * Asks for what the screen of a path will read while its script is still on its way; it is asked for once, whoever comes
 * first.
 */
export function readAhead(path: string): void {
  const [, id, last] = /^\/athletes\/([\w-]{36})(?:\/(\w+))?$/.exec(path) ?? [];
  if (!id) return;
  const verb = verbs.find((each) => each === last);
  const parts: AthletePart[] = ['head', ...(verb ? [verb, ...(beside[verb] ?? [])] : [])];
  for (const part of parts)
    void store.dispatch(api.endpoints.athlete.initiate({ id, part }, { subscribe: false }));
}
