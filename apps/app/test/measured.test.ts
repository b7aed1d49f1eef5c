import type { LogEvent } from '@wrightonic/contract';
import { missOf } from '@wrightonic/core';
import { readTyped, spotName, spotNumber, spotOf } from '../src/features/look/throws/typed';
import { screenSteps, sideWords } from '../src/features/look/screen/run';
import { clipsWith, screensWith, throwsWith } from '../src/offline/measured';
import type { Entry } from '../src/offline/outbox';

let clock = 0;
const entry = (event: Record<string, unknown>, more: Partial<Entry> = {}): Entry => ({
  event: {
    id: `e${String(++clock).padStart(6, '0')}`,
    at: '2026-05-01T10:00:00.000Z',
    ...event,
  } as unknown as LogEvent,
  athleteId: 'athlete',
  personId: 'person',
  ...more,
});

describe('what was measured on this device', () => {
  it('shows a screen with the newest of each try, and without what was taken back', () => {
    const begun = entry({ kind: 'screen-begun' });
    const tried = (n: number, value: number | null, pain = false) =>
      entry({ kind: 'screen-try', screenId: begun.event.id, test: 'hip-ir', side: 'lead', n, value, pain });
    const entries = [begun, tried(1, 30), tried(1, 33), tried(2, 31), tried(2, null)];
    const [screen] = screensWith([], entries, 'athlete', 'Isla');
    expect(screen).toMatchObject({ by: 'Isla', finished: false });
    expect(screen!.tries.map(({ n, value }) => [n, value])).toEqual([[1, 33]]);
    expect(
      screensWith([screen!], [...entries, tried(2, null, true)], 'athlete', 'Isla')[0]!.tries,
    ).toHaveLength(2);
    expect(screensWith([], entries, 'other', 'Isla')).toEqual([]);
  });
  it('shows a throw once, knows its miss, and leaves out what was taken back or refused', () => {
    const pitch = (more = {}) =>
      entry({ kind: 'pitch', aim: [0, 0], arrived: [-0.9, 0], type: 'practice', ...more });
    const [kept, gone, refused] = [pitch(), pitch(), { ...pitch(), why: 'no' }];
    const undo = entry({ kind: 'undo', of: gone.event.id });
    const who = { id: 'athlete', throws: 'L' as const };
    const throws = throwsWith([], [kept, gone, refused, undo], who, missOf);
    expect(throws.map(({ id, sides }) => [id, sides])).toEqual([[kept.event.id, ['arm']]]);
    expect(throwsWith(throws, [kept], who, missOf)).toHaveLength(1);
  });
  it('lays marks and drawings over a clip', () => {
    const opened = entry({ kind: 'clip-opened', name: 'a.mp4', fps: 30, captureFps: 30 });
    const clipId = opened.event.id;
    const drawn = (points: unknown) =>
      entry({ kind: 'clip-drawing', clipId, drawing: 'd', type: 'line', points });
    const mark = (event: string, time: number | null) => entry({ kind: 'clip-mark', clipId, event, time });
    const entries = [
      opened,
      mark('plant', 1),
      mark('plant', 1.1),
      mark('release', 2),
      mark('release', null),
      entry({ kind: 'clip-motion', clipId, throws: 2, offers: [], figures: [], motion: null }),
      drawn([
        [0, 0],
        [1, 1],
      ]),
    ];
    const [clip] = clipsWith([], entries, 'athlete', 'Isla');
    expect(clip).toMatchObject({ marks: { plant: 1.1 }, drawings: [{ id: 'd' }], motion: { throws: 2 } });
    expect(Object.keys(clip!.marks)).toEqual(['plant']);
    expect(clipsWith([], [...entries, drawn(null)], 'athlete', 'Isla')[0]!.drawings).toEqual([]);
  });
});

describe('a throw typed in a line', () => {
  it('reads spot, velocity and side in any order', () => {
    expect(readTyped('2 71.5 ha', 'R', 'mph', null)).toEqual({
      aim: spotOf(2, 'pitcher'),
      arrived: { x: 2 / 3, y: 0 },
      velocity: 71.5 * 0.44704,
      sides: ['high', 'arm'],
    });
    expect(readTyped('x', 'L', 'mph', spotOf(5, 'pitcher'))).toMatchObject({ sides: [], velocity: null });
    expect(readTyped('ga', 'R', 'mph', spotOf(5, 'pitcher'))).toMatch(/do not face/);
    expect(readTyped('95', 'R', 'km/h', null)).toMatchObject({ aim: null, arrived: null, sides: null });
  });
  it.each([
    ['', /Type a velocity/],
    ['juggle', /neither/],
    ['h', /aimed spot first/],
    ['130', /10 to 120/],
  ])('refuses “%s”', (text, why) => expect(readTyped(text, 'R', 'mph', null)).toMatch(why));
  it('gives what missOf finds in it', () => {
    for (const hand of ['R', 'L'] as const)
      for (const side of ['h', 'l', 'a', 'g', 'ha', 'lg']) {
        const read = readTyped(`5 ${side}`, hand, 'mph', null);
        if (typeof read === 'string') throw new Error(read);
        expect(missOf(read.aim!, read.arrived!, hand)).toEqual(read.sides);
      }
  });
  it('names the nine spots by the throwing hand', () => {
    for (let key = 1; key <= 9; key++)
      for (const view of ['pitcher', 'catcher'] as const)
        expect(spotNumber(spotOf(key, view), view)).toBe(key);
    expect([spotName(spotOf(3, 'pitcher'), 'R'), spotName(spotOf(3, 'pitcher'), 'L')]).toEqual([
      'low, arm side',
      'low, glove side',
    ]);
  });
});

describe('the physical screen', () => {
  it('knows left and right from the throwing hand', () => {
    expect([sideWords('lead', 'R'), sideWords('trail', 'L'), sideWords('glove', 'R')]).toEqual([
      'left side (lead)',
      'left side (trail)',
      'left side (glove)',
    ]);
  });
  it('is for adults alone in the squat', () => {
    const tests = (age: number) => screenSteps('R', age).map(({ test }) => test.id);
    expect(tests(17)).not.toContain('squat-ratio');
    expect(tests(18)).toContain('squat-ratio');
  });
});
