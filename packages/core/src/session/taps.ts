/** Something of a session that was logged. */
export interface Logged {
  id: string;
  kind: string;
}

/** A throw, as far as taps must know it. */
export interface LoggedThrow {
  id: string;
  kind: 'throw';
  drill: string | null;
  /** m/s; null when not measured. */
  velocity: number | null;
  /** What measured it, where it was no thumb. */
  source?: string;
  /** The rep that it was; a throw without a rep has none. */
  repId?: string;
}

const isThrow = <E extends Logged>(event: E): event is E & LoggedThrow => event.kind === 'throw';

const isTyped = ({ velocity, source }: LoggedThrow): boolean => velocity !== null && !source;

/** Kinds of events that a tap ends with. */
const taps = new Set(['rep', 'throw', 'set-done', 'spot-charted']);

/**
 * The events of the newest tap, newest first: a rep with its throw, a velocity that was typed for it, where it went, or
 * the end of a set. What belongs together is joined by id, not by time.
 *
 * @param events of one session, oldest first, without what was taken back
 * @returns none before the first tap
 * @example lastTap([{ id: 'r', at: '2026-06-08T16:00:00Z', kind: 'rep', drill: 'hip-snap', outcome: 'clean' }]).map(({ id }) => id) // [ 'r' ]
 */
export function lastTap<E extends Logged>(events: readonly E[]): E[] {
  const last = events.findLast(({ kind }) => taps.has(kind));
  if (!last) return [];
  if (last.kind === 'rep')
    return [...events.filter((event) => isThrow(event) && event.repId === last.id), last];
  // A velocity that was typed is a tap of its own; one that a radar measured is not.
  if (!isThrow(last) || !last.repId || isTyped(last)) return [last];
  const rep = events.find(({ id }) => id === last.repId);
  return rep ? [last, rep] : [last];
}

/**
 * The newest throw when it is of a drill and has no velocity yet: a reading, typed or measured, belongs to it.
 *
 * @param events of one session, oldest first, without what was taken back
 * @example unmeasured([{ id: 't', at: '2026-06-08T16:00:00Z', kind: 'throw', drill: 'easy-catch', velocity: null }], 'easy-catch')?.id // 't'
 */
export function unmeasured<E extends Logged>(
  events: readonly E[],
  drill: string,
): Extract<E, { kind: 'throw' }> | null {
  const last = events.findLast(isThrow);
  return last && last.drill === drill && last.velocity === null ? (last as never) : null;
}

/**
 * The throw that stays, unmeasured, when a typed velocity is taken back; null where the throw goes as well.
 *
 * @param tap what `lastTap` gave
 * @example throwThatStays([]) // null
 */
export function throwThatStays<E extends Logged>(tap: readonly E[]): Extract<E, { kind: 'throw' }> | null {
  const [last, ...more] = tap;
  return more.length === 0 && last && isThrow(last) && last.repId && isTyped(last) ? (last as never) : null;
}
