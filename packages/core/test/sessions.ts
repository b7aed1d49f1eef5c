import { addDays, fromMph, type SessionVelocity } from '../src';

/** The first day of all that is told by days. */
export const first = '2026-03-02';
export const on = (days: number) => addDays(first, days);
export const like = { effort: 90, pitch: 'fastball', ball: 145 };
/** A session some days in, with its usual velocity in mph. */
export const session = (days: number, mph: number, more: Partial<SessionVelocity> = {}): SessionVelocity => ({
  date: on(days),
  n: 12,
  usual: fromMph(mph),
  top: fromMph(mph + 2),
  robustSd: fromMph(0.5),
  step: fromMph(0.1),
  simulated: 0,
  like,
  ...more,
});
