import type { ClipRecord } from '@wrightonic/contract';
import { isRead, type ClipEvent, type ThrowsReading } from '@wrightonic/core';
import type { Flag } from '../Timeline';
import { slowedBy } from './useTracking';

export interface Flags {
  flags: Flag[];
  span: readonly [number, number];
}

/** Before the first and behind the last flag, s of true time. */
const beside = 0.25;

/** Events as they stand along a clip: what somebody marked, and what the film says of a throw. */
export function flagsOf(clip: ClipRecord | undefined, reading: ThrowsReading | null, shown: number): Flags {
  if (!clip) return { flags: [], span: [0, 0] };
  const slowed = slowedBy(clip);
  const one = reading?.throws[shown];
  const found = one && isRead(one) ? Object.entries(one.events) : [];
  const flags: Flag[] = [
    ...(Object.entries(clip.marks) as [ClipEvent, number][]).map(([event, time]) => ({
      event,
      time,
      byHand: true,
    })),
    ...found.map(([event, { t }]) => ({ event: event as ClipEvent, time: t * slowed, byHand: false })),
  ].filter(({ event, byHand }) => byHand || clip.marks[event] === undefined);
  if (found.length === 0) return { flags, span: [0, clip.seconds] };
  const times = flags.map(({ time }) => time);
  return {
    flags,
    span: [
      Math.max(0, Math.min(...times) - beside * slowed),
      Math.min(clip.seconds, Math.max(...times) + beside * slowed),
    ],
  };
}
