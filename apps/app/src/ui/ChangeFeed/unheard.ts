import { changesRepeated } from '@wrightonic/contract/fixed';

/**
 * Whether something may have been told that a page did not hear, and is not told again now that its stream opens.
 *
 * @param since when the page read last, or heard last, ms
 * @param now when the stream opened, by the same clock
 */
export function unheard(since: number, now: number): boolean {
  const silent = now - since;
  // A clock that was put back says nothing.
  return silent < 0 || silent > changesRepeated;
}
