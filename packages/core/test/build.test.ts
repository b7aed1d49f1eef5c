import fc from 'fast-check';
import {
  buildLadders,
  doseSeconds,
  DoseError,
  doseWords,
  drillFits,
  drillOf,
  drills,
  firstStage,
  leftOutWords,
  limitsToWorkOn,
  nodesFor,
  parseDose,
  stageOrder,
  trace,
  type Discipline,
  type Findings,
  type Severity,
} from '../src';

describe('doses', () => {
  it.each([
    ['3x8', { sets: 3, reps: { from: 8, to: 8 }, sides: 1 }, '3 sets of 8'],
    ['1x20', { sets: 1, reps: { from: 20, to: 20 } }, '20'],
    ['1x15-20', { sets: 1, reps: { from: 15, to: 20 } }, '15 to 20'],
    ['2x8 each way', { sets: 2, sides: 2, sideWord: 'each way' }, '2 sets of 8, each way'],
    ['2x8 each', { sets: 2, sides: 2, sideWord: 'each side' }, '2 sets of 8, each side'],
    ['3x5 hold 3 s', { holds: [3] }, '3 sets of 5, hold 3 s'],
    ['3x3 hold 3,4,5 s', { holds: [3, 4, 5] }, '3 sets of 3, hold 3, 4, 5 s'],
    ['2x8 each, last hold 20 s', { lastHold: 20, holds: [] }, '2 sets of 8, each side, hold the last 20 s'],
    ['2x30 s each', { timed: 30, reps: null, sides: 2 }, '2 sets of 30 s, each side'],
    ['1x6 min', { timed: 360, reps: null }, '6 min'],
    ['10+10', { inTurn: true, reps: { from: 20, to: 20 } }, '10 in the drill and 10 for real, in turn'],
    ['15 pitches', { sets: 1, reps: { from: 15, to: 15 } }, '15'],
  ])('reads %s', (text, parts, words) => {
    expect(parseDose(text)).toMatchObject(parts);
    expect(doseWords(parseDose(text))).toBe(words);
  });

  it.each([
    '',
    'x',
    '3x',
    '0x8',
    '3x0',
    '3x8-5',
    '3x8 hold',
    '3x3 hold 3,4 s',
    '0+0',
    '2x10-20 s',
    '3 x 8',
    '-3x8',
  ])('refuses “%s” and says how to write one', (text) => {
    expect(() => parseDose(text)).toThrow(DoseError);
    expect(() => parseDose(text)).toThrow(/write for example 3x8/);
  });

  it('takes every dose of the catalogue', () => {
    for (const { dose } of drills) expect(parseDose(dose).sets).toBeGreaterThan(0);
  });

  it('knows how long a dose takes', () => {
    // 60 set-up + 3 × 8 × 4 + 2 × 30 between sets
    expect(doseSeconds(parseDose('3x8'), false)).toBe(216);
    expect(doseSeconds(parseDose('2x8'), true)).toBe(60 + 16 * 12 + 30);
    expect(doseSeconds(parseDose('3x3 hold 3,4,5 s'), false)).toBe(60 + 9 * 4 + 3 * (3 + 4 + 5) + 60);
    expect(doseSeconds(parseDose('2x30 s each'), false)).toBe(60 + 2 * 2 * 30 + 30);
    expect(doseSeconds(parseDose('2x8 each, last hold 20 s'), false)).toBe(60 + 2 * 2 * (8 * 4 + 20) + 30);
  });

  it('never breaks on any text', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 20 }), (text) => {
        try {
          expect(parseDose(text).sets).toBeGreaterThan(0);
        } catch (error) {
          expect(error).toBeInstanceOf(DoseError);
        }
      }),
    );
  });
});

const everything = [...new Set(drills.flatMap(({ equipment }) => equipment.flat()))];
const findings = { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2, 'oh.glove-pull': 2 } as const;
const athlete = { discipline: 'overhand', throws: 'R', age: 15 } as const;
const ladders = (age: number, equipment: readonly string[], teach: 'constrain' | 'instruct' = 'instruct') => {
  const result = trace({ athlete: { ...athlete, age, approach: { teach } }, findings, runs: 0 });
  return buildLadders(result.focus, { discipline: 'overhand', age, equipment }, result);
};

describe('ladders', () => {
  it('climb one thread each, from prep to the delivery', () => {
    const [lower, arm] = ladders(15, everything);
    expect([lower!.focus, arm!.focus]).toEqual(['oh.lift-stall', 'oh.glove-pull']);
    for (const ladder of [lower!, arm!]) {
      expect(ladder.reachesDelivery).toBe(true);
      const order = stageOrder('instruct');
      const places = ladder.stages.map(({ stage }) => order.indexOf(stage));
      expect(places).toEqual([...places].sort((a, b) => a - b));
      expect(firstStage(ladder.stages)).not.toBe('prep');
    }
  });

  it('prefer what targets the focus itself', () => {
    const feel = ladders(15, everything)[0]!.stages.find(({ stage }) => stage === 'feel')!;
    expect(drillOf(feel.drills[0]!)!.targets).toContain('oh.lift-stall');
  });

  it('put constraints before movement where change is taught by them', () => {
    const order = (teach: 'constrain' | 'instruct') =>
      stageOrder(teach).indexOf('constrain') - stageOrder(teach).indexOf('move');
    expect(order('constrain')).toBe(-1);
    expect(order('instruct')).toBe(1);
  });

  it('hold only drills that the age and the equipment allow, and name the stages without any', () => {
    fc.assert(
      fc.property(fc.integer({ min: 7, max: 20 }), fc.subarray(everything), (age, equipment) => {
        for (const ladder of ladders(age, equipment)) {
          for (const { drills: ids } of ladder.stages)
            for (const id of ids)
              expect(drillFits(drillOf(id)!, { discipline: 'overhand', age, equipment })).toBe(true);
          for (const stage of ladder.skipped)
            expect(ladder.limitedBy.join(' ')).toContain(`no ${stage} drill`);
          expect(ladder.stages.map(({ stage }) => stage)).not.toEqual(
            expect.arrayContaining([...ladder.skipped, 'x']),
          );
        }
      }),
      { numRuns: 40 },
    );
  });

  it('start with the body where a limit holds the focus back', () => {
    const result = trace({ athlete, findings: { 'lim.hip-ir.trail': 3, 'oh.hips-late': 2 }, runs: 0 });
    const [ladder] = buildLadders(
      { lower: 'oh.hips-late', arm: null },
      { discipline: 'overhand', age: 15, equipment: everything },
      result,
    );
    expect(ladder!.limitedBy[0]).toContain('until the body is tested again');
    const prep = ladder!.stages.find(({ stage }) => stage === 'prep')!;
    expect(prep.drills.some((id) => drillOf(id)!.targets.includes('lim.hip-ir.trail'))).toBe(true);
  });

  it('exist for whatever can be a focus', () => {
    const someone = (discipline: Discipline) => ({ discipline, throws: 'R' as const, age: 16 });
    for (const discipline of ['overhand', 'windmill'] as const)
      for (const node of nodesFor(discipline)) {
        if (node.type !== 'flaw' || node.kind !== 'pattern') continue;
        const result = trace({
          athlete: someone(discipline),
          findings: { [node.id]: 2 as Severity },
          runs: 0,
        });
        const [ladder] = buildLadders(
          { lower: null, arm: null, [node.thread]: node.id },
          { discipline, age: 16, equipment: everything },
          result,
        );
        expect([node.id, ladder!.reachesDelivery]).toEqual([node.id, true]);
      }
  });
});

describe('two clean threads', () => {
  const whom = { discipline: 'overhand' as const, age: 15, equipment: everything };
  const laddersOf = (findings: Findings, more: object = {}) => {
    const traced = trace({ athlete: { discipline: 'overhand', throws: 'R', age: 15 }, findings, runs: 0 });
    return buildLadders(traced.focus, { ...whom, ...more }, traced);
  };
  it('hold drills of their own thread, and of the other only where none of their own fits', () => {
    const looks: Findings[] = [
      { 'oh.lift-stall': 3, 'oh.glove-pull': 3 },
      { 'oh.weak-hips': 3, 'oh.late-hand': 3 },
    ];
    for (const look of looks)
      for (const { thread, stages, limitedBy } of laddersOf(look))
        for (const { stage, drills: ids } of stages.filter((rung) => rung.stage !== 'prep')) {
          const own = ids
            .map((id) => drillOf(id)!)
            .filter((drill) => drill.thread === thread || drill.targets.includes('*'));
          if (limitedBy.join().includes(`no ${stage} drill of its own fits`)) expect(own).toEqual([]);
          else expect(own).toHaveLength(ids.length);
        }
  });
  it('hold four drills of a stage and no more', () => {
    // Seven drills of feel and eight of move would serve it.
    const look: Findings = { 'oh.weight-back': 3, 'oh.wobble': 2, 'oh.cross-line': 2, 'oh.lift-stall': 2 };
    const sizes = laddersOf(look).flatMap(({ stages }) =>
      stages.filter(({ stage }) => stage !== 'prep').map((rung) => rung.drills.length),
    );
    expect(Math.max(...sizes)).toBe(4);
  });
  it('leave out what pulls against the approach, and name it', () => {
    const fall = laddersOf({ 'oh.hip-not-leading': 3 });
    expect(fall[0]!.stages.flatMap(({ drills: ids }) => ids)).toContain('hip-first-lean');
    const traced = trace({
      athlete: { discipline: 'overhand', throws: 'R', age: 15, approach: { leave: 'drive' } },
      findings: { 'oh.hip-not-leading': 3 },
      runs: 0,
    });
    const [drive] = buildLadders(traced.focus, whom, traced);
    expect(drive!.stages.flatMap(({ drills: ids }) => ids)).not.toContain('hip-first-lean');
    expect(drive!.left.find(({ drill }) => drill === 'hip-first-lean')!.why).toContain('asks for “fall”');
  });
  it('name each thing that is missing once, with the drills that it would bring', () => {
    const [ladder] = laddersOf({ 'oh.pivot-away': 3 }, { equipment: [] });
    expect(leftOutWords(ladder!.left)).toContain('No tape line: Pivot on the line, Pivot and lift left out.');
  });
  it('take in prep for two limits that hold nothing back, from obvious on', () => {
    const limits = { 'lim.ankle-df': 2, 'lim.balance': 2, 'lim.hip-er.trail': 2, 'lim.trunk-control': 1 };
    expect(limitsToWorkOn(limits)).toEqual(['lim.ankle-df', 'lim.balance', 'lim.hip-er.trail']);
    const prep = (asked: readonly string[]) =>
      laddersOf({ 'oh.glove-pull': 3 }, { limits: asked })[0]!
        .stages.find(({ stage }) => stage === 'prep')!
        .drills.filter((id) => drillOf(id)!.targets.some((target) => target.startsWith('lim.')));
    expect(prep([])).toEqual([]);
    expect(prep(['lim.ankle-df', 'lim.hip-er.trail', 'lim.hip-ir.lead'])).toHaveLength(2);
  });
});
