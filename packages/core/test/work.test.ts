import fc from 'fast-check';
import {
  atOnce,
  clashes,
  barredBecause,
  countThrows,
  drillOf,
  due,
  gate,
  gateWords,
  isHard,
  painSites,
  pitchLimitRow,
  stageProposal,
  throwsToday,
  uncleared,
  wilson,
  type Gate,
  type PainSite,
  type Progress,
  type Stage,
} from '../src';

const session = (clean: number, missed: number, pain = false) => ({ clean, missed, pain });

describe('lessons in one place', () => {
  const lesson = (id: string, startsAt: string, more = {}) =>
    ({
      id,
      startsAt: `2026-05-10T${startsAt}:00.000Z`,
      minutes: 30,
      place: 'Cage 1',
      state: 'on',
      ...more,
    }) as const;
  const first = lesson('a', '15:00');
  it.each([
    ['15:29', {}, true],
    ['15:30', {}, false],
    ['14:31', {}, true],
    ['14:30', {}, false],
    ['15:00', { place: ' cage 1' }, true],
    ['15:00', { place: 'Cage 2' }, false],
    ['15:00', { state: 'rained-off' }, false],
  ])('at %s with %j: %s', (at, more, meets) =>
    expect(atOnce(first, [first, lesson('b', at, more)]).length > 0).toBe(meets),
  );
  it('are told once, at the first of them, and each is in one of the groups', () => {
    const day = [
      lesson('a', '15:00'),
      lesson('b', '15:15'),
      lesson('c', '15:40'),
      lesson('d', '15:40', { place: 'Mound' }),
      lesson('e', '16:30'),
    ];
    expect(clashes(day).map(({ lesson: { id }, others }) => [id, ...others.map((each) => each.id)])).toEqual([
      ['a', 'b'],
      ['c', 'b'],
    ]);
  });
  it('says nothing without a place', () =>
    expect(atOnce({ ...first, place: '' }, [lesson('b', '15:00', { place: '' })])).toEqual([]));
});

describe('the gate', () => {
  it.each([
    [16, 4, 'up', true, 0],
    [8, 2, 'stay', true, 0],
    [7, 3, 'stay', false, 3],
    // The upper bound of 4 of 10 is 0.533, that of 3 of 10 is 0.432.
    [4, 6, 'stay', false, 13],
    [3, 7, 'back', false, 16],
  ] as const)('says of %d clean and %d missed: %s', (clean, missed, decision, passes, more) =>
    expect(gate([session(clean, missed)])).toMatchObject({ decision, passes, repsNeeded: more }),
  );

  it('moves up at once from twenty reps on, and else when it passed at the end of two sessions in a row', () => {
    expect(gate([session(16, 3)])).toMatchObject({ n: 19, passes: true, decision: 'stay' });
    expect(gate([session(17, 3)])).toMatchObject({ n: 20, passes: true, decision: 'up' });
    expect(gate([session(9, 1), session(1, 0)])).toMatchObject({ n: 11, decision: 'up' });
    expect(gate([session(7, 3), session(3, 0)])).toMatchObject({ n: 13, passes: true, decision: 'stay' });
  });

  it('asks of the session before that its own three sessions were without pain', () => {
    const old = [session(0, 0, true), session(9, 1)];
    expect(gate([...old, session(0, 0), session(4, 0)])).toMatchObject({ passes: true, decision: 'stay' });
    expect(gate([session(0, 0), ...old.slice(1), session(0, 0), session(4, 0)]).decision).toBe('up');
  });

  it('has the one-sided 80 % Wilson bounds', () => {
    // p = 0.8, n = 10, z = 0.8416, by hand: (0.83541 ∓ 0.11219) / 1.07083
    const { lower, upper } = gate([session(8, 2)]);
    expect(lower).toBeCloseTo(0.67539, 4);
    expect(upper).toBeCloseTo(0.88492, 4);
    expect(wilson(0, 0, 1)).toEqual({ lower: 0, upper: 1 });
  });

  it('counts the last three sessions only', () => {
    const result = gate([session(0, 50), session(8, 2), session(4, 1), session(7, 0)]);
    expect([result.k, result.n]).toEqual([19, 22]);
    expect(result.decision).toBe('up');
  });

  it('needs ten reps, however clean', () => {
    expect(gate([session(9, 0)])).toMatchObject({ decision: 'stay', repsNeeded: 1 });
    expect(gate([])).toMatchObject({ n: 0, k: 0, lower: 0, upper: 1, decision: 'stay', repsNeeded: 10 });
  });

  it('steps back after pain in the newest session, whatever the counts', () => {
    expect(gate([session(20, 0), session(20, 0, true)])).toMatchObject({ decision: 'back', repsNeeded: 0 });
    expect(gateWords(gate([session(20, 0, true)]), true)).toContain('pain reported');
  });

  it('holds after pain in one of the two before, and forgets it after three', () => {
    expect(gate([session(20, 0, true), session(20, 0)]).decision).toBe('stay');
    expect(gate([session(20, 0, true), session(9, 1), session(9, 1), session(9, 1)]).decision).toBe('up');
  });

  it('takes another threshold', () => {
    expect(gate([session(16, 4)], 0.8).decision).toBe('stay');
  });

  it('asks for just enough further clean reps', () => {
    fc.assert(
      fc.property(fc.nat({ max: 60 }), fc.nat({ max: 60 }), (clean, missed) => {
        const { repsNeeded, passes, n, k } = gate([session(clean, missed)]);
        expect([n, k]).toEqual([clean + missed, clean]);
        if (passes) expect(repsNeeded).toBe(0);
        else {
          expect(gate([session(clean + repsNeeded, missed)]).passes).toBe(true);
          expect(gate([session(clean + repsNeeded - 1, missed)]).passes).toBe(false);
        }
      }),
    );
  });

  it('says it plainly', () => {
    expect(gateWords(gate([session(16, 4)]), false)).toBe('16 of 20 clean: locked in.');
    expect(gateWords(gate([session(8, 2)]), false)).toBe(
      '8 of 10 clean: passed once; one more session like it.',
    );
    expect(gateWords(gate([session(7, 3)]), false)).toBe(
      '7 of 10 clean: not yet; 3 more clean ones would pass.',
    );
    expect(gateWords(gate([]), false)).toContain('No reps yet');
  });
});

describe('stages', () => {
  const up = gate([session(18, 2)]);
  const stay = gate([session(6, 4)]);
  const back = gate([session(1, 14)]);
  const none = gate([]);
  const rungs = (move: Gate[]) => [
    { stage: 'prep' as Stage, drills: [{ gate: back }] },
    { stage: 'feel' as Stage, drills: [{ gate: up }] },
    { stage: 'move' as Stage, drills: move.map((each) => ({ gate: each })) },
    { stage: 'connect' as Stage, drills: [{ gate: none }] },
  ];
  it.each([
    ['up when all that was worked is proven', [up, none], { direction: 'up', to: 'connect' }],
    ['nothing while one is not', [up, stay], null],
    ['back when one is too hard', [up, back], { direction: 'back', to: 'feel' }],
    ['nothing before any rep', [none], null],
  ])('proposes %s', (_, move, proposal) => {
    expect(stageProposal(rungs(move), 'move')).toEqual(proposal);
  });
  it('never goes below the first rung nor above the last', () => {
    expect(stageProposal(rungs([up]).slice(0, 2), 'feel')).toBeNull();
    expect(stageProposal([{ stage: 'feel', drills: [{ gate: back }] }], 'feel')).toBeNull();
  });
});

describe('throws', () => {
  const thrown = (effort: number | null, kind: 'game' | 'practice' = 'practice') => ({ effort, kind });
  it.each([
    [80, 'practice', true],
    [79, 'practice', false],
    [null, 'practice', true],
    [40, 'game', true],
  ] as const)('at %s percent in a %s are hard: %s', (effort, kind, hard) => {
    expect(isHard({ effort, kind })).toBe(hard);
  });

  it('count half when easy, and leave whole throws', () => {
    const counts = countThrows([thrown(90), thrown(null), thrown(50), thrown(60), thrown(70)]);
    expect(counts).toEqual({ hard: 2, easy: 3 });
    const day = { maxToday: 95, restUntil: null, lock: null };
    expect(throwsToday(day, counts)).toEqual({ hard: 2, easy: 3, counted: 3.5, max: 95, left: 91 });
    expect(throwsToday({ ...day, restUntil: '2026-06-12' }, counts).left).toBe(0);
    const lock = { since: '2026-06-11', at: '', site: 'elbow' as const, saidBy: 'Isla' };
    expect(throwsToday({ ...day, lock }, counts).left).toBe(0);
  });

  it('never leave less than none', () => {
    expect(throwsToday({ maxToday: 75, restUntil: null, lock: null }, { hard: 200, easy: 0 }).left).toBe(0);
  });

  it.each([
    ['overhand', 5, 50],
    ['overhand', 8, 50],
    ['overhand', 9, 75],
    ['overhand', 16, 95],
    ['overhand', 40, 120],
  ] as const)('have in %s at age %d a maximum of %d a day', (discipline, age, most) => {
    expect(pitchLimitRow(discipline, age).maxPerDay).toBe(most);
  });
});

describe('what is due', () => {
  const done: Progress = {
    lookedOn: '2026-05-01',
    lookOpen: false,
    clean: false,
    traced: true,
    planned: true,
    assigned: true,
    relookOn: '2026-05-15',
    planEndsOn: '2026-06-26',
  };
  it.each([
    ['look', { lookedOn: null }],
    ['look', { lookOpen: true }],
    ['trace', { traced: false }],
    ['work', { traced: false, clean: true }],
    ['look', { traced: false, clean: true, planned: false }],
    ['build', { planned: false }],
    ['build', { assigned: false }],
    ['work', {}],
  ] as const)('is %s with %o', (verb, change) => {
    expect(due({ ...done, ...change }, '2026-05-10').verb).toBe(verb);
  });
  it('is a second look on its day, and proof when the plan is over', () => {
    expect(due(done, '2026-05-14').verb).toBe('work');
    expect(due(done, '2026-05-15').verb).toBe('look');
    expect(due({ ...done, lookedOn: '2026-05-16' }, '2026-05-17').verb).toBe('work');
    expect(due(done, '2026-06-27').verb).toBe('prove');
  });
});

describe('safety', () => {
  const elbow = { site: 'elbow' as const, what: 'Ligament', surgery: false, cleared: false };
  const barred = (id: string, age = 16, history: (typeof elbow)[] = [elbow]) =>
    barredBecause(drillOf(id)!, { age, history });
  it('holds hard throws and constraints back until an injury is cleared', () => {
    expect(barred('full-delivery')).toBe('Ligament (elbow) is not cleared: no throws above 60 %');
    expect(barred('knee-gate')).toContain('no constraint or tether drills');
    expect(barred('hip-first-lean')).toBeNull();
    expect(barred('delayed-hand-throw')).toBeNull();
    expect(barred('full-delivery', 16, [{ ...elbow, cleared: true }])).toBeNull();
    const unsaid = { ...drillOf('delayed-hand-throw')!, effort: null };
    expect(barredBecause(unsaid, { age: 16, history: [elbow] })).toContain('no throws above');
  });
  it('asks for a clearance after elbow, shoulder, back, and after any surgery', () => {
    const of = (site: PainSite, surgery: boolean) => uncleared([{ ...elbow, site, surgery }]).length;
    expect(painSites.map((site) => of(site, false))).toEqual(
      painSites.map((site) => (['shoulder', 'elbow', 'back'].includes(site) ? 1 : 0)),
    );
    expect(of('ankle', true)).toBe(1);
  });
  it('bars by age', () => {
    expect(barred('tethered-drive', 12, [])).toBe('from age 13 on');
    expect(barred('tethered-drive', 13, [])).toBeNull();
  });
});
