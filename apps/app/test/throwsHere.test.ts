import type { AthletePage } from '@wrightonic/contract';
import { openThrows } from '@wrightonic/core';
import { painWith, withPain, withPendingEvents } from '../src/offline/local';
import type { Entry } from '../src/offline/outbox';
import { entry, isla, page } from './entries';

it('locks throws by pain of this device, opens them by a clearance, and lets what is left follow', () => {
  const open = {
    ...page,
    pain: openThrows,
    limits: { maxToday: 95, thrownToday: 5, restUntil: null, leftToday: 90 },
  } as unknown as AthletePage;
  const hurt = entry({ kind: 'pain', sessionId: 's', moment: 'after', level: 'pain', site: 'elbow' });
  const locked = painWith(open.athlete.id, open.pain, [hurt], isla);
  expect(locked.lock).toMatchObject({ site: 'elbow', saidBy: 'Isla', since: '2026-04-30' });
  expect(withPain(open, locked, '2026-04-30').limits).toMatchObject({ leftToday: 0, lock: locked.lock });
  const well = entry({ kind: 'pain', sessionId: 't', moment: 'before', level: 'none', site: null });
  expect(painWith(open.athlete.id, open.pain, [hurt, well], isla)).toEqual(locked);
  const cleared = entry({ kind: 'throws-cleared', athleteId: 'athlete', sessionId: null });
  expect(painWith(open.athlete.id, open.pain, [hurt, well, cleared], isla).lock).toBeNull();
  expect(painWith(open.athlete.id, open.pain, [{ ...hurt, why: 'no' }], isla)).toBe(openThrows);
  expect(painWith(open.athlete.id, open.pain, [{ ...hurt, athleteId: 'other' }], isla)).toBe(openThrows);
  expect(withPain(open, open.pain, '2026-04-30')).toBe(open);
});
it('counts what was thrown here since the limits were read, easy throws by half, as the academy counts', () => {
  const limits = {
    maxToday: 50,
    hardToday: 40,
    easyToday: 2,
    thrownToday: 41,
    restUntil: null,
    lock: null,
  };
  const read = { ...page, limits: { ...limits, leftToday: 9 } } as unknown as AthletePage;
  const hard = entry({ kind: 'throw', sessionId: 's', effort: null });
  const easy = entry({ kind: 'throw', sessionId: 's', effort: 79 });
  const game = entry({ kind: 'pitch', effort: 60, type: 'game' });
  const left = (entries: Entry[], whole = read, here = isla) =>
    withPendingEvents('athlete', whole, entries, here).limits.leftToday;
  expect(left([])).toBe(9);
  expect(left([hard])).toBe(8);
  expect(left([easy])).toBe(8);
  expect(left([easy, { ...easy, event: { ...easy.event, id: 'another' } } as Entry])).toBe(8);
  expect(left([game])).toBe(8);
  expect(left([hard, entry({ kind: 'undo', sessionId: 's', of: hard.event.id })])).toBe(9);
  expect(
    left([
      { ...hard, why: 'no' },
      { ...hard, athleteId: 'other' },
    ]),
  ).toBe(9);
  expect(left([hard], read, { ...isla, today: '2026-05-01' })).toBe(9);
  const strict = { ...read, academy: { ...read.academy, allHard: true } };
  expect(withPendingEvents('athlete', strict, [easy], isla).limits).toMatchObject({
    hardToday: 41,
    leftToday: 8,
  });
  const resting = { ...read, limits: { ...read.limits, restUntil: '2026-05-02', leftToday: 0 } };
  expect(left([hard], resting)).toBe(0);
});
