import { changeHoldsFor, standingLesson } from '../src';

const lesson = (id: string, plannedAt: string, series: string | null = 's') => ({ id, plannedAt, series });
const first = lesson('a', '2026-06-01T15:00:00.000Z');
const change = {
  rest: true,
  state: 'moved',
  startsAt: '2026-06-02T16:00:00.000Z',
  place: null,
  reason: 'Rain',
} as const;

describe('a change of a lesson', () => {
  it.each([
    ['itself', first, true],
    ['one planned at the same time', lesson('b', first.plannedAt), true],
    ['one planned a millisecond before', lesson('b', '2026-06-01T14:59:59.999Z'), false],
    ['one planned later', lesson('b', '2026-06-08T15:00:00.000Z'), true],
    ['one of another series', lesson('b', '2026-06-08T15:00:00.000Z', 't'), false],
    ['one of no series', lesson('b', '2026-06-08T15:00:00.000Z', null), false],
  ])('on the rest of its series, for %s: %p is %s', (_, other, holds) => {
    expect(changeHoldsFor({ rest: true }, first, other)).toBe(holds);
    expect(changeHoldsFor({ rest: false }, first, other)).toBe(other === first);
  });
  it('of no series holds for nobody else of no series', () => {
    const alone = lesson('a', first.plannedAt, null);
    expect(changeHoldsFor({ rest: true }, alone, lesson('b', '2026-06-08T15:00:00.000Z', null))).toBe(false);
  });
});

describe('a lesson as it stands', () => {
  it('is where and when it was planned until somebody changes it', () => {
    expect(standingLesson(first, 'Cage 1', null)).toEqual({
      startsAt: first.plannedAt,
      movedFrom: null,
      place: 'Cage 1',
      state: 'on',
      reason: '',
    });
  });
  it('is moved to another time, and back at its own once it is on again', () => {
    expect(standingLesson(first, 'Cage 1', change)).toMatchObject({
      startsAt: change.startsAt,
      movedFrom: first.plannedAt,
      place: 'Cage 1',
    });
    const on = { ...change, state: 'on', place: 'Mound' } as const;
    expect(standingLesson(first, 'Cage 1', on)).toMatchObject({
      startsAt: first.plannedAt,
      movedFrom: null,
      place: 'Mound',
    });
  });
});
