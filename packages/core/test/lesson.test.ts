import { changeHoldsFor, lessonConflicts, standingLesson, type LessonState } from '../src';

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

describe('what stands in the way of a lesson', () => {
  const booked = (id: string, startsAt: string, more: object = {}) => ({
    id,
    startsAt: `2026-06-01T${startsAt}:00.000Z`,
    minutes: 30,
    place: 'Cage 1',
    state: 'on' as LessonState,
    instructorId: 'i',
    athleteId: id,
    ...more,
  });
  const wanted = booked('a', '16:00', { state: 'moved' });
  const whys = (...others: ReturnType<typeof booked>[]) =>
    lessonConflicts(wanted, [wanted, ...others]).map(({ why, other }) => `${why} ${other.id}`);
  it.each([
    ['ends as it begins', booked('b', '15:30'), []],
    ['begins as it ends', booked('b', '16:30'), []],
    ['overlaps by a minute', booked('b', '15:31'), ['place b']],
    ['is in the place by another name', booked('b', '16:00', { place: ' cage 1 ' }), ['place b']],
    ['is elsewhere with the same instructor', booked('b', '16:00', { place: 'Mound' }), ['instructor b']],
    ['is elsewhere with another', booked('b', '16:00', { place: 'Mound', instructorId: 'j' }), []],
    ['is of the athlete', booked('b', '16:00', { athleteId: 'a', place: 'Mound' }), ['athlete b']],
    ['is called off', booked('b', '16:00', { state: 'called-off' }), []],
  ])('another that %s', (_, other, expected) => {
    expect(whys(other)).toEqual(expected);
  });
  it('without a place, the instructor cannot be in two', () => {
    const nowhere = booked('b', '16:00', { place: '' });
    expect(lessonConflicts({ ...wanted, place: '' }, [nowhere]).map(({ why }) => why)).toEqual([
      'instructor',
    ]);
  });
});
