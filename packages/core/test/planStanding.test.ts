import {
  hasStayed,
  lookThatHolds,
  presentStage,
  proposalsFor,
  type Findings,
  type KeptThread,
  type WorkedCount,
} from '../src';

const thread: KeptThread = {
  thread: 'lower',
  focus: 'oh.lift-stall',
  movedTo: 'feel',
  stayedAt: null,
  stages: [
    { stage: 'prep', drills: [{ drill: 'hip-in-turns' }] },
    { stage: 'feel', drills: [{ drill: 'hip-first-lean' }] },
    { stage: 'move', drills: [{ drill: 'flat-ground-fall' }] },
  ],
};
const at = '2026-06-01T15:00:00.000Z';
const worked = (
  drill: string,
  clean: number,
  missed: number,
  more: Partial<WorkedCount> = {},
): WorkedCount => ({
  session: 's1',
  at,
  drill,
  level: null,
  clean,
  missed,
  pain: false,
  ...more,
});

describe('where a thread stands', () => {
  it('is where it was moved to, else the first of its climb that is not prep', () => {
    expect(presentStage(thread)).toBe('feel');
    expect(presentStage({ ...thread, movedTo: 'move' })).toBe('move');
    expect(presentStage({ ...thread, movedTo: null })).toBe('feel');
  });
  it('stays by somebody’s word until one of its drills is worked after it', () => {
    const stayed = { ...thread, stayedAt: at };
    expect(hasStayed(thread, [])).toBe(false);
    expect(hasStayed(stayed, [worked('hip-first-lean', 1, 0)])).toBe(true);
    expect(hasStayed(stayed, [worked('hip-first-lean', 1, 0, { at: '2026-06-01T15:00:00.001Z' })])).toBe(
      false,
    );
    expect(hasStayed(stayed, [worked('flat-ground-fall', 1, 0, { at: '2026-06-02T15:00:00.000Z' })])).toBe(
      true,
    );
  });
});

describe('what the gates propose', () => {
  const propose = (counts: WorkedCount[], of: KeptThread = thread) => proposalsFor([of], counts, {});
  it('is the next stage once twenty reps pass, and nothing one rep before', () => {
    expect(propose([worked('hip-first-lean', 17, 2)])).toEqual([]);
    expect(propose([worked('hip-first-lean', 18, 2)])).toMatchObject([
      { thread: 'lower', focus: 'oh.lift-stall', from: 'feel', to: 'move', direction: 'up' },
    ]);
  });
  it('says which gates it looked at', () => {
    expect(propose([worked('hip-first-lean', 18, 2)])[0]!.why).toEqual([
      expect.stringMatching(/^Hip-first lean: 18 of 20 clean/),
    ]);
  });
  it('is nothing while somebody stays against it, and on another stage', () => {
    expect(propose([worked('hip-first-lean', 18, 2)], { ...thread, stayedAt: at })).toEqual([]);
    expect(propose([worked('hip-first-lean', 18, 2)], { ...thread, movedTo: 'move' })).toEqual([]);
  });
  it('is nothing upward after pain in the newest session', () => {
    const hurt = propose([worked('hip-first-lean', 18, 2, { pain: true })]);
    expect(hurt.filter(({ direction }) => direction === 'up')).toEqual([]);
  });
});

describe('the look that holds', () => {
  const look = (date: string, findings: Findings, finished = true) => ({ date, findings, finished });
  it('is the newest finished one of the delivery', () => {
    const looks = [
      look('2026-05-01', { 'oh.jump': 0 }),
      look('2026-05-02', { 'lim.balance': 2 }),
      look('2026-05-03', { 'oh.jump': 2 }, false),
    ];
    expect(lookThatHolds(looks, 28)).toEqual({ look: looks[0], clean: true });
    expect(lookThatHolds([], 28)).toEqual({ look: undefined, clean: true });
  });
  it.each([
    ['2026-05-29', false],
    ['2026-05-30', true],
  ])('is clean on %s or not, by what it still carries', (date, clean) => {
    const looks = [look('2026-05-01', { 'oh.jump': 2 }), look(date, { 'oh.wobble': 0 })];
    expect(lookThatHolds(looks, 28).clean).toBe(clean);
  });
});
