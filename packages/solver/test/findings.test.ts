import { addDays, drillOf, planAthlete, type PlanInput } from '@wrightonic/core';
import { day, flat, loadOnce, monday, solve } from './weeks';

beforeAll(loadOnce);

describe('from findings to a week', () => {
  const input: PlanInput = {
    athlete: { discipline: 'overhand', throws: 'R', age: 15 },
    findings: { 'oh.lift-stall': 2, 'oh.lead-leg-opens': 3, 'oh.early-hand': 2 },
    days: [0, 1, 2, 3, 4].map((n) => day(n, { minutes: 40, kind: n % 2 ? 'lesson' : 'home' })),
    throws: [],
  };

  it('gives the present stage most, the next one at lessons only', () => {
    const plan = planAthlete({ ...input, stages: { lower: 'feel', arm: 'feel' } }, solve);
    const moves = flat(plan).filter(({ drill }) => drillOf(drill)!.stage === 'move');
    expect(moves.length).toBeGreaterThan(0);
    const lessons = input.days.filter(({ kind }) => kind === 'lesson').map(({ date }) => date);
    for (const { date } of moves) expect(lessons).toContain(date);
  });

  it('takes the nearest rung below where the ladder has no drill of the stage, and says so', () => {
    // No constrain drill serves a slow pelvis: the ladder goes from move to connect.
    const slow: PlanInput = { ...input, findings: { 'oh.weak-hips': 3 } };
    const stagesOf = (plan: ReturnType<typeof planAthlete>) =>
      plan.threads[0]!.stages.map(({ stage }) => stage);
    const missing = planAthlete({ ...slow, stages: { lower: 'constrain' } }, solve);
    expect(stagesOf(missing)).not.toContain('constrain');
    const below = stagesOf(missing)
      .filter((stage) => stage === 'feel' || stage === 'move')
      .at(-1);
    expect(missing.limitedBy[0]).toBe(
      `Lower half, Hips turn slowly: the ladder has no constrain drill, so this week works on ${below ?? 'connect'}.`,
    );
    expect(missing.objective).toBeGreaterThan(0);
    expect(flat(missing).some(({ drill }) => drillOf(drill)!.targets.includes('oh.weak-hips'))).toBe(true);
  });

  it('puts the body first at every stage, for the flaw that is held back and for the limit that holds it', () => {
    const beyond = (findings: PlanInput['findings'], stage: 'move' | 'connect' | 'deliver') => {
      const plan = planAthlete({ ...input, findings, stages: { lower: stage } }, solve);
      return flat(plan)
        .map(({ drill }) => drillOf(drill)!.stage)
        .filter((each) => !['prep', 'feel', 'move'].includes(each));
    };
    const limit = { 'lim.hip-ir.trail': 3, 'oh.hips-late': 2 } as const;
    expect(planAthlete({ ...input, findings: limit }, solve).threads[0]!.focus).toBe('lim.hip-ir.trail');
    const flaw = { 'lim.hip-ir.trail': 2, 'oh.hips-late': 3, 'oh.peaks-together': 3 } as const;
    for (const stage of ['move', 'connect', 'deliver'] as const) {
      expect(beyond(limit, stage)).toEqual([]);
      expect(beyond({ 'oh.hips-late': 3 }, stage).length).toBeGreaterThan(0);
    }
    const held = planAthlete({ ...input, findings: flaw, stages: { lower: 'connect' } }, solve);
    expect(held.limitedBy.join(' ')).toContain('the body comes first, so this week works on move');
  });

  it('refuses drills of the week before that there are none of', () => {
    const item = { drill: 'nothing', date: monday, sets: 1 };
    expect(() => planAthlete({ ...input, before: [item] }, solve)).toThrow(/^before\.0\.drill/);
    expect(() => planAthlete({ ...input, done: [item] }, solve)).toThrow(/^done\.0\.drill/);
  });

  it('builds up after three weeks without throws: easy, and little at first', () => {
    const plan = planAthlete(
      {
        ...input,
        stages: { lower: 'deliver', arm: 'connect' },
        throws: [{ date: addDays(monday, -42), count: 50, kind: 'game' }],
      },
      solve,
    );
    const thrown = flat(plan).filter(({ drill }) => drillOf(drill)!.throws > 0);
    expect(thrown.length).toBeGreaterThan(0);
    for (const { drill } of thrown) expect(drillOf(drill)!.effort!.to).toBeLessThanOrEqual(50);
    expect(plan.limitedBy.join(' ')).toContain('Build-up, week 1 of 3 after 42 days without throws');
  });

  it('refuses days of two weeks and pins of drills that are not in it, by name', () => {
    expect(() => planAthlete({ ...input, days: [day(0), day(9)] }, solve)).toThrow(/^days: /);
    const pins = [{ drill: 'towel-elbow-throw', date: monday, sets: 1 }];
    expect(() => planAthlete({ ...input, pins }, solve)).toThrow(/^pins\.0\.drill: /);
  });

  it('says so when no day is open', () => {
    const plan = planAthlete({ ...input, days: [day(0, { kind: 'off', minutes: 0 })] }, solve);
    expect(flat(plan)).toEqual([]);
    expect(plan.limitedBy.length).toBeGreaterThan(0);
  });
});
