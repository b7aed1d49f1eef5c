import type { Instants, ThrowReading } from '@wrightonic/core';

/** A throw that could be read. */
export type Read = Extract<ThrowReading, { events: unknown }>;

/** When the events of a throw are, s of true time. */
export const timesOf = ({ events }: Read): Instants =>
  Object.fromEntries(Object.entries(events).map(([event, at]) => [event, at.t]));
