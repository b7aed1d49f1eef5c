import fc from 'fast-check';
import {
  doubtOf,
  drillOf,
  fromMph,
  isMissReason,
  missesBecause,
  missReasonName,
  missReasons,
  parseDose,
  setNow,
  type LineReading,
} from '../src';
import { rng, misreads, pretendThrow } from '../src/simulate';

describe('where a set stands', () => {
  const of = (dose: string, sets: number, reps: number) => setNow(parseDose(dose), { sets, reps });
  it('counts reps into sets, and rests after each', () => {
    expect(of('3x8', 0, 0)).toEqual({ set: 1, of: 3, rep: 0, reps: 8, between: false });
    expect(of('3x8', 0, 5)).toEqual({ set: 1, of: 3, rep: 5, reps: 8, between: false });
    expect(of('3x8', 0, 8)).toEqual({ set: 2, of: 3, rep: 0, reps: 8, between: true });
    expect(of('3x8', 0, 24)).toMatchObject({ set: 4, of: 3, between: true });
  });
  it('goes by the marks where a set was ended early, counts both sides, and a timed set as one rep', () => {
    expect(of('3x8', 1, 3)).toMatchObject({ set: 2, rep: 3, between: false });
    expect(of('2x6 each', 0, 7)).toMatchObject({ set: 1, rep: 7, reps: 12 });
    expect(of('2x30 s each', 0, 2)).toMatchObject({ set: 2, rep: 0, reps: 2, between: true });
    expect(of('10+10', 0, 4)).toMatchObject({ rep: 4 });
  });
});

describe('why a rep was missed', () => {
  it('offers the checkpoints of the drill first, and knows nothing else', () => {
    const reasons = missReasons(drillOf('hip-first-lean')!).map(({ id }) => id);
    expect(reasons[0]).toBe(drillOf('hip-first-lean')!.targets[0]);
    expect(reasons).toContain('rushed');
    expect(missReasons({ targets: ['*'] }).map(({ id }) => id)).not.toContain('*');
    expect(reasons.every(isMissReason)).toBe(true);
    expect([isMissReason('the weather'), isMissReason('toString')]).toEqual([false, false]);
    expect(missReasonName('old-way')).toBe('the old way');
  });
  it('counts the commonest first', () => {
    expect(missesBecause(['tired', undefined, 'rushed', null, 'rushed'])).toEqual([
      { id: 'rushed', n: 2 },
      { id: 'tired', n: 1 },
    ]);
  });
});

describe('a reading that may be of something else', () => {
  const at = (velocity: number, seconds: number): LineReading => ({
    velocity: fromMph(velocity),
    at: seconds * 1000,
  });
  const known = { doubtfulAbove: fromMph(91), best: fromMph(70), before: at(66, 0) };
  it.each([
    [at(91.1, 10), 'impossible'],
    [at(91, 10), null],
    [at(67, 1), 'repeats'],
    [at(66, 3.5), 'repeats'],
    [at(66, 9), null],
    [at(66.4, 3.5), null],
    [at(20.9, 10), 'slow'],
    [at(21.1, 10), null],
  ] as const)('%j: %s', (reading, doubt) => expect(doubtOf(reading, known)).toBe(doubt));
  it('knows a walker without a best, and the first reading as no repeat', () => {
    const first = { doubtfulAbove: 40, best: null, before: null };
    expect(doubtOf(at(4, 0), first)).toBe('slow');
    expect(doubtOf(at(12, 0), first)).toBeNull();
  });
});

describe('the pretend radar', () => {
  const profile = { usual: fromMph(70), robustSd: fromMph(1) };
  it('is the same for the same seed, and its misreads are held', () => {
    const run = (seed: number) => {
      const random = rng(seed);
      return Array.from({ length: 40 }, () => pretendThrow(profile, 90, random));
    };
    expect(run(3)).toEqual(run(3));
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        let clock = 0;
        for (const { readings } of run(seed)) {
          clock += 9_000;
          let before: LineReading | null = null;
          for (const { after, velocity, of } of readings) {
            const reading = { velocity, at: clock + after };
            const doubt = doubtOf(reading, { doubtfulAbove: 1.3 * fromMph(72), best: fromMph(72), before });
            before = reading;
            expect([of, doubt]).toEqual([
              of,
              { throw: null, repeat: 'repeats', bat: 'impossible', walker: 'slow' }[of],
            ]);
          }
        }
      }),
      { numRuns: 50 },
    );
  });
  it('misreads about as often as it says, and throws slower with less effort', () => {
    const random = rng(11);
    const throws = Array.from({ length: 4000 }, () => pretendThrow(profile, 70, random));
    const share = (n: number) => n / throws.length;
    const seen = throws.filter(({ readings }) => readings.some(({ of }) => of === 'throw'));
    expect(share(throws.length - seen.length)).toBeCloseTo(misreads.missed, 1);
    expect(share(throws.filter(({ dropsOut }) => dropsOut).length)).toBeCloseTo(misreads.dropOut, 1);
    const velocities = seen.map(({ readings }) => readings.find(({ of }) => of === 'throw')!.velocity);
    const mean = velocities.reduce((sum, each) => sum + each, 0) / velocities.length;
    expect(mean).toBeCloseTo(profile.usual * 0.92, 1);
  });
});
