import {
  campFaults,
  campTable,
  heavySlotsADay,
  needsOf,
  planCamp,
  routeWorth,
  type CampInput,
  type CampPlan,
  type CampTable,
  type Solve,
} from '../src';
import { pretendCamp } from '../src/simulate';
import { patientSolver } from './patient';

let solve: Solve;
beforeAll(async () => {
  solve = await patientSolver();
});

const slot = (id: string, start: string, day = '2031-07-14') => ({ id, day, start, minutes: 25 });
const station = (id: string, more: object = {}) => ({
  id,
  treats: [],
  capacity: 2,
  minimum: 1,
  throwHeavy: false,
  ...more,
});
const camper = (id: string, more: object = {}) => ({
  id,
  age: 14,
  discipline: 'overhand' as const,
  throws: 'R' as const,
  needs: {},
  ...more,
});
const small = (more: Partial<CampInput> = {}): CampInput => ({
  mode: 'routes',
  seed: 1,
  slots: [slot('t0', '09:00'), slot('t1', '09:30'), slot('t2', '10:00')],
  stations: [station('hips'), station('mound', { throwHeavy: true })],
  athletes: [camper('a'), camper('b')],
  rules: { ageSpan: null },
  seconds: 1,
  ...more,
});
/** Routes of a plan by position. */
const positions = (table: CampTable, { routes }: CampPlan) =>
  routes.map(({ stations }) => stations.map((id) => (id === null ? null : table.stations.indexOf(id))));
const faults = (input: CampInput, routes: (number | null)[][]) =>
  campFaults(campTable(input), routes).map(({ rule }) => rule);

describe('what a route is worth', () => {
  it.each([
    [[], 0],
    [[0], 3],
    [[0, 0], 4.5],
    [[0, 0, 0], 4.5],
    [[0, 1, -1], 5],
  ])('%j is %d', (route, worth) => expect(routeWorth([3, 2], route)).toBe(worth));
  it.each([
    [9.9, 2],
    [10, 3],
    [13.9, 3],
    [14, 4],
  ])('at %d years throws fit into %i slots of a day', (age, slots) =>
    expect(heavySlotsADay(age)).toBe(slots),
  );
  it('needs a station for a focus most, then for a tenth of the picture, then for anything found', () => {
    const findings = { 'oh.lift-stall': 3, 'oh.glove-pull': 2, 'oh.wobble': 0 } as const;
    const treating = (...treats: string[]) => station(treats.join(), { treats });
    const stations = [
      treating('oh.lift-stall'),
      treating('oh.wobble'),
      treating('oh.wobble', 'oh.glove-pull'),
    ];
    expect(needsOf(camper('a', { needs: undefined, findings }), stations)).toEqual([3, 0, 3]);
    expect(needsOf(camper('a', { needs: { 'oh.wobble': 2 } }), stations)).toEqual([0, 2, 0]);
  });
});

describe('a camp that cannot be', () => {
  it.each([
    ['slots.1.start', { slots: [slot('t0', '09:00'), slot('t1', '09:24')] }],
    ['slots.1.day', { slots: [slot('t0', '09:00', '2031-07-15'), slot('t1', '09:30')] }],
    ['slots.1.id', { slots: [slot('t0', '09:00'), slot('t0', '09:30')] }],
    ['athletes.1.id', { athletes: [camper('a'), camper('a')] }],
    ['athletes.0.from', { athletes: [camper('a', { from: 't9' })] }],
    ['stations.0.closed.0', { stations: [station('hips', { closed: ['t9'] })] }],
    [
      'pinned.0',
      { pinned: [{ athlete: 'a', slot: 't0', station: 'hips' }], athletes: [camper('a', { from: 't1' })] },
    ],
    [
      'pinned.0',
      {
        pinned: [{ athlete: 'a', slot: 't0', station: 'hips' }],
        athletes: [camper('a', { barred: ['hips'] })],
      },
    ],
    ['rules.apart.0', { rules: { ageSpan: null, together: [['a', 'b']], apart: [['b', 'a']] } }],
    ['rules.together.0.1', { rules: { ageSpan: null, together: [['a', 'x']] } }],
  ] as [string, Partial<CampInput>][])('is refused by its field %s', (field, more) => {
    expect(() => campTable(small(more))).toThrow(expect.objectContaining({ field }));
  });
  it('may have a slot begin as the one before it ends', () =>
    expect(() => campTable(small({ slots: [slot('t0', '09:00'), slot('t1', '09:25')] }))).not.toThrow());
});

describe('the rules of a camp', () => {
  it('hold where everybody is somewhere', () =>
    expect(
      faults(small(), [
        [0, 1, 0],
        [0, 1, 0],
      ]),
    ).toEqual([]));
  it.each([
    ['throws', {}, [[1, 1, 0]]],
    ['capacity', { athletes: [camper('a'), camper('b'), camper('c')] }, [[0], [0], [0]]],
    ['minimum', { stations: [station('hips', { minimum: 3 })] }, [[0], [0]]],
    ['place', { athletes: [camper('a', { to: 't0' })] }, [[null, 0, null]]],
    ['place', { athletes: [camper('a', { barred: ['hips'] })] }, [[0]]],
    ['place', { stations: [station('hips', { closed: ['t0'] })] }, [[0]]],
    ['age', { rules: { ageSpan: 2 }, athletes: [camper('a'), camper('b', { age: 11 })] }, [[0], [0]]],
    ['apart', { rules: { ageSpan: null, apart: [['a', 'b']] } }, [[0], [0]]],
    [
      'together',
      { rules: { ageSpan: null, together: [['a', 'b']] } },
      [
        [0, 0, 1],
        [0, 1, 0],
      ],
    ],
    ['pin', { pinned: [{ athlete: 'a', slot: 't0', station: 'mound' }] }, [[0]]],
  ] as [string, Partial<CampInput>, (number | null)[][]][])('names %s', (rule, more, routes) => {
    const input = small(more);
    const whole = input.athletes.map((_, a) => input.slots.map((__, t) => routes[a]?.[t] ?? null));
    expect(faults(input, whole)).toContain(rule);
  });
  it('let ages be apart by the span itself, and friends be together in half of the slots', () => {
    const athletes = [camper('a'), camper('b', { age: 12 })];
    expect(
      faults(small({ athletes, rules: { ageSpan: 2 } }), [
        [0, null, null],
        [0, null, null],
      ]),
    ).toEqual([]);
    const friends = { ageSpan: null, together: [['a', 'b']] };
    expect(
      faults(small({ rules: friends }), [
        [0, 0, null],
        [0, 0, null],
      ]),
    ).toEqual([]);
  });
  it('let throws follow one another over a night', () => {
    const slots = [slot('t0', '17:00'), slot('t1', '09:00', '2031-07-15')];
    expect(
      faults(small({ slots }), [
        [1, 1],
        [1, 1],
      ]),
    ).toEqual([]);
  });
});

describe('a route for each', () => {
  it.each([
    [24, 6, 5],
    [60, 8, 8],
  ])(
    'keeps every rule and comes within 1 %% of the bound: %i athletes, %i stations, %i slots',
    (athletes, stations, slots) => {
      const input = pretendCamp({ athletes, stations, slots, slack: 1.2 });
      const plan = planCamp(input, solve);
      const table = campTable(input);
      expect(campFaults(table, positions(table, plan))).toEqual([]);
      expect(plan.gap).toBeLessThanOrEqual(0.01);
      expect(plan.objective).toBeLessThanOrEqual(plan.bound + 1e-6);
      for (const { share } of plan.served)
        if (share !== null) expect(share).toBeGreaterThanOrEqual(plan.floor - 1e-9);
      expect(planCamp(input, solve).routes).toEqual(plan.routes);
    },
    180_000,
  );

  it('keeps friends together in half of the slots, and others apart', () => {
    const input = pretendCamp({ athletes: 24, stations: 6, slots: 6, slack: 1.3 });
    const rules = {
      ageSpan: null,
      together: [
        ['a0', 'a7'],
        ['a3', 'a9'],
      ],
      apart: [['a1', 'a2', 'a4']],
    };
    const plan = planCamp({ ...input, rules }, solve);
    const table = campTable({ ...input, rules });
    expect(campFaults(table, positions(table, plan))).toEqual([]);
    expect(plan.limitedBy).toEqual([]);
  }, 180_000);

  it('says which friends it could not bring together', () => {
    const plan = planCamp(
      small({
        athletes: [camper('a', { barred: ['hips'] }), camper('b', { barred: ['mound'] })],
        rules: { ageSpan: null, together: [['a', 'b']] },
      }),
      solve,
    );
    expect(plan.limitedBy.join()).toContain('a, b: together in 0 of 3 slots');
  });

  it('moves few where somebody does not come, and nobody in what is over', () => {
    const input = pretendCamp({ athletes: 24, stations: 6, slots: 6, slack: 1.2 });
    const before = planCamp(input, solve);
    const again: CampInput = {
      ...input,
      athletes: input.athletes.slice(1),
      previous: before.routes,
      fixedBefore: 't2',
    };
    const plan = planCamp(again, solve);
    const table = campTable(again);
    // Whoever is missing is missing in what is over as well, where nobody can be moved any more.
    const ahead = campFaults(table, positions(table, plan)).filter(({ words }) => !/ t[01]\b/.test(words));
    expect(ahead).toEqual([]);
    expect(plan.moved.every(({ slot: at }) => at >= 't2')).toBe(true);
    expect(plan.moved.length).toBeLessThanOrEqual(0.1 * 23 * 4);
  }, 180_000);
});
