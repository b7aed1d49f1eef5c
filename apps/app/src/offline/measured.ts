import type {
  ClipRecord,
  CurveRecord,
  LogEvent,
  ScreenRecord,
  ScreenTryRecord,
  ThrowRecord,
} from '@wrightonic/contract';
import type { Hand, MissSide } from '@wrightonic/core';
import { dayAt } from '@wrightonic/core/day';
import type { Entry } from './outbox';

/** What this device has logged about an athlete and the server has not refused, oldest first. */
const eventsOf = (entries: readonly Entry[], athleteId: string): LogEvent[] =>
  entries.filter((entry) => entry.athleteId === athleteId && !entry.why).map(({ event }) => event);

/** Screens as they stand with everything logged on this device, newest first. */
export function screensWith(
  stored: readonly ScreenRecord[],
  entries: readonly Entry[],
  athleteId: string,
  by: string,
): ScreenRecord[] {
  let screens = [...stored];
  const change = (id: string, to: (screen: ScreenRecord) => ScreenRecord) => {
    screens = screens.map((screen) => (screen.id === id ? to(screen) : screen));
  };
  for (const event of eventsOf(entries, athleteId))
    if (event.kind === 'screen-begun') {
      if (!screens.some(({ id }) => id === event.id))
        screens = [
          { id: event.id, date: dayAt(event.at, event.zone), by, finished: false, tries: [] },
          ...screens,
        ];
    } else if (event.kind === 'screen-try') {
      const { id: _, at: __, kind: ___, screenId, ...fields } = event;
      const { test, side, n, value, pain, retest } = fields;
      const same = (each: ScreenTryRecord) =>
        each.test === test && each.side === side && each.n === n && each.retest === retest;
      change(screenId, (screen) => ({
        ...screen,
        tries: [...screen.tries.filter((each) => !same(each)), ...(value === null && !pain ? [] : [fields])],
      }));
    } else if (event.kind === 'screen-finished')
      change(event.screenId, (screen) => ({ ...screen, finished: true }));
  return screens;
}

type Missed = (aim: { x: number; y: number }, arrived: { x: number; y: number }, hand: Hand) => MissSide[];

/** Throws as they stand with everything charted on this device, in time order. */
export function throwsWith(
  stored: readonly ThrowRecord[],
  entries: readonly Entry[],
  athlete: { id: string; throws: Hand },
  missOf: Missed,
): ThrowRecord[] {
  const events = eventsOf(entries, athlete.id);
  const gone = new Set(events.flatMap((event) => (event.kind === 'undo' ? [event.of] : [])));
  const known = new Set(stored.map(({ id }) => id));
  const fresh = events.flatMap((event): ThrowRecord[] => {
    if (event.kind !== 'pitch' || known.has(event.id)) return [];
    const { aim, arrived } = event;
    return [
      {
        id: event.id,
        session: null,
        at: event.at,
        date: dayAt(event.at, event.zone),
        velocity: event.velocity,
        effort: event.effort,
        pitch: event.pitch,
        ball: event.ballG,
        kind: event.type,
        simulated: false,
        distanceM: event.distanceM,
        aim,
        arrived,
        sides:
          aim && arrived
            ? missOf({ x: aim[0], y: aim[1] }, { x: arrived[0], y: arrived[1] }, athlete.throws)
            : null,
        flight: event.flight ?? null,
      },
    ];
  });
  return [...stored, ...fresh].filter(({ id }) => !gone.has(id));
}

/** Clips with the marks and drawings of this device, newest first. */
export function clipsWith(
  stored: readonly ClipRecord[],
  entries: readonly Entry[],
  athleteId: string,
  by: string,
): ClipRecord[] {
  let clips = [...stored];
  const change = (id: string, to: (clip: ClipRecord) => ClipRecord) => {
    clips = clips.map((clip) => (clip.id === id ? to(clip) : clip));
  };
  for (const event of eventsOf(entries, athleteId))
    switch (event.kind) {
      case 'clip-opened': {
        if (clips.some(({ id }) => id === event.id)) break;
        const { kind: _kind, at, athleteId: _athlete, zone, ...clip } = event;
        clips = [{ ...clip, date: dayAt(at, zone), by, marks: {}, drawings: [], motion: null }, ...clips];
        break;
      }
      case 'clip-told': {
        const { fps, captureFps, view, square } = event;
        change(event.clipId, (clip) => ({ ...clip, fps, captureFps, view, square }));
        break;
      }
      case 'clip-mark':
        change(event.clipId, (clip) => {
          const { [event.event]: _, ...marks } = clip.marks;
          return { ...clip, marks: event.time === null ? marks : { ...marks, [event.event]: event.time } };
        });
        break;
      case 'clip-drawing': {
        const { drawing, type, time, points, measure, lengthCm } = event;
        change(event.clipId, (clip) => ({
          ...clip,
          drawings: [
            ...clip.drawings.filter(({ id }) => id !== drawing),
            ...(points ? [{ id: drawing, type, time, points, measure, lengthCm }] : []),
          ],
        }));
        break;
      }
      case 'clip-motion': {
        const { throws, offers, figures, motion } = event;
        change(event.clipId, (clip) => ({ ...clip, motion: { throws, offers, figures, motion } }));
      }
    }
  return clips;
}

/** Readings of speed curves, newest first. */
export function curvesWith(
  stored: readonly CurveRecord[],
  entries: readonly Entry[],
  athleteId: string,
  by: string,
): CurveRecord[] {
  const known = new Set(stored.map(({ id }) => id));
  const fresh = eventsOf(entries, athleteId).flatMap((event): CurveRecord[] =>
    event.kind === 'curves-read' && !known.has(event.id)
      ? [{ id: event.id, date: dayAt(event.at, event.zone), by, name: event.name, result: event.result }]
      : [],
  );
  return [...fresh.reverse(), ...stored];
}
