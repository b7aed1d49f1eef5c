import type { EventOf, LogEvent } from '@wrightonic/contract';

export const thrownIn = (events: readonly LogEvent[]): EventOf<'throw'>[] =>
  events.filter((event) => event.kind === 'throw');

/** Measured throws of a session, as far as they belong to the ladder. */
export const onLadder = (events: readonly LogEvent[], efforts: readonly number[]): EventOf<'throw'>[] =>
  thrownIn(events).filter(
    ({ velocity, effort }) => velocity !== null && effort !== null && efforts.includes(effort),
  );
