import {
  boardNames,
  campMoment,
  campOutcome,
  campToPlan,
  faultsByHand,
  openThrows,
  overThrown,
  planCamp,
  placesAt,
  routesNow,
  slotsOf,
  slotsOfChange,
  staffed,
  throwRules,
  throwsOfRoutes,
  throwsOfVisit,
  triagePoints,
  usualSetup,
  type CampSetup,
  type CamperLimits,
} from '../src';
import { campMember as member, head } from './samples';
import { patientSolver } from './patient';

let n = 0;
const newId = () => `id${n++}`;
const setup: CampSetup = usualSetup(head, newId);
const members = Array.from({ length: 12 }, (_, m) => member(`a${m}`));
const limits = (more: Partial<CamperLimits> = {}): CamperLimits => ({
  discipline: 'overhand',
  birthdate: '2017-01-01',
  league: null,
  allHard: false,
  pain: openThrows,
  throws: [],
  ...more,
});
const coach = (id: string, more: Partial<CampSetup['staff'][number]> = {}) => ({
  id,
  name: id,
  skills: [],
  hours: [{ day: '2031-07-14', from: '09:00', to: '12:30' }],
  ...more,
});

it('has no more places than its things go round for', () => {
  const towels = (count: number, shared: number) => ({
    capacity: 8,
    things: [{ thing: 'towel', count, shared }],
  });
  expect([placesAt(towels(2, 3)), placesAt(towels(8, 1)), placesAt(towels(9, 1))]).toEqual([6, 8, 8]);
});

describe('throws of a camp', () => {
  it('count in full from 80 percent on, below it half', () => {
    expect([80, 79].map((effort) => throwsOfVisit({ throws: 12, effort }))).toEqual([12, 6]);
  });
  it('bar a station that asks for one more than is left', () => {
    const hard = { ...setup, stations: setup.stations.map((s) => ({ ...s, throws: 10, effort: 90 })) };
    const league = (maxPerDay: number) => limits({ league: { maxPerDay, maxPerGame: null } });
    expect(throwRules(hard, league(10), '2031-07-14').barred).toEqual([]);
    expect(throwRules(hard, league(9), '2031-07-14').barred).toHaveLength(6);
    // 29 throws are two visits of ten.
    expect([29, 30].map((most) => throwRules(hard, league(most), '2031-07-14').heavyADay)).toEqual([2, 3]);
    expect(throwRules(hard, league(30), '2031-07-14', 4)).toEqual({
      barred: hard.stations.map(({ id }) => id),
      heavyADay: 0,
    });
  });
  it('of the first day ask for rest on the second', () => {
    const [mound] = setup.stations.filter(({ name }) => name === 'Mound with radar');
    const slots = slotsOf(setup);
    const hard = {
      ...setup,
      stations: setup.stations.map((s) => (s === mound ? { ...s, throws: 21, effort: 90 } : s)),
    };
    const route = { athlete: 'a0', stations: slots.map((_, t) => (t === 0 || t === 5 ? mound!.id : null)) };
    const of = (from: string | null) => throwsOfRoutes(hard, new Map([['a0', limits()]]), [route], from);
    expect(of(null)).toMatchObject([
      { day: '2031-07-14', throws: 21, counted: 21, left: 95 },
      { day: '2031-07-15', counted: 21, left: 0 },
    ]);
    expect(overThrown(of(null)).map(({ day }) => day)).toEqual(['2031-07-15']);
    // Twenty ask for no rest.
    const twenty = {
      ...hard,
      stations: hard.stations.map((s) => ({ ...s, throws: Math.min(20, s.throws) })),
    };
    expect(overThrown(throwsOfRoutes(twenty, new Map([['a0', limits()]]), [route], null))).toEqual([]);
    // What is over was thrown, and is known from the log.
    expect(of(slots[6]!.id)).toMatchObject([{ day: '2031-07-15', counted: 0 }]);
  });
});

describe('who leads what', () => {
  const two = { ...setup, stations: setup.stations.slice(0, 2), blocks: setup.blocks.slice(0, 2) };
  const slot = slotsOf(two)[0]!.id;
  it('is as many stations as can be, by skill and hours', () => {
    const stations = two.stations.map((s, m) => ({ ...s, skill: m ? null : 'windmill' }));
    const staff = [coach('any', { skills: [] }), coach('both', { skills: ['windmill'] })];
    expect(staffed({ ...two, stations, staff }, new Map()).coaches[slot]).toEqual({
      [stations[0]!.id]: 'both',
      [stations[1]!.id]: 'any',
    });
    const early = [coach('any', { hours: [{ day: '2031-07-14', from: '09:00', to: '09:44' }] })];
    expect(staffed({ ...two, staff: early }, new Map()).without[slot]).toHaveLength(2);
    const enough = [coach('any', { hours: [{ day: '2031-07-14', from: '09:20', to: '09:45' }] })];
    expect(staffed({ ...two, staff: enough }, new Map()).without[slot]).toHaveLength(1);
  });
  it('closes what nobody can lead when a coach is away, from that slot on', () => {
    const staff = setup.stations.map((_, m) =>
      coach(`s${m}`, {
        hours: ['2031-07-14', '2031-07-15'].map((day) => ({ day, from: '08:00', to: '18:00' })),
      }),
    );
    const slots = slotsOf(setup);
    const changes = [{ id: 'c', kind: 'sick', subject: 's0', slot: slots[2]!.id }] as const;
    const { input } = campToPlan({
      setup: { ...setup, staff },
      members,
      changes,
      pinned: [],
      before: null,
      seconds: 1,
    });
    const closed = input.stations.flatMap((s) => s.closed!);
    // One station in each slot of the rest of that day.
    expect(closed.sort()).toEqual(
      slots
        .slice(2, 5)
        .map(({ id }) => id)
        .sort(),
    );
  });
});

it('what happens on the day is stronger than a pin', () => {
  const slots = slotsOf(setup);
  const [station] = setup.stations;
  const pin = (athlete: string, t: number) => ({ athlete, slot: slots[t]!.id, station: station!.id });
  const changes = [
    { id: 'c', kind: 'away', subject: 'a0', slot: slots[1]!.id },
    { id: 'd', kind: 'closed', subject: station!.areaId, slot: slots[3]!.id },
  ] as const;
  const pinned = [pin('a0', 0), pin('a0', 1), pin('a1', 2), pin('a1', 3), pin('gone', 0)];
  const { input } = campToPlan({ setup, members, changes, pinned, before: null, seconds: 1 });
  expect(input.pinned).toEqual([pin('a0', 0), pin('a1', 2)]);
});

it('a change holds to the end of its day, being late for all before it', () => {
  const slots = slotsOf(setup);
  const of = (kind: 'away' | 'late', t: number) =>
    slotsOfChange({ kind, slot: slots[t]!.id }, slots).map((id) => slots.findIndex((s) => s.id === id));
  expect([of('away', 3), of('late', 7), of('late', 5)]).toEqual([[3, 4], [5, 6], []]);
});

it('follows the clock', () => {
  const at = (day: string, time: string) => {
    const minute = Number(time.slice(0, 2)) * 60 + Number(time.slice(3));
    const { now, next, nextSlot, lastSlot, left } = campMoment(setup.blocks, day, minute);
    return [now?.kind ?? null, next?.start ?? null, nextSlot?.start ?? null, lastSlot?.start ?? null, left];
  };
  expect(at('2031-07-14', '08:59')).toEqual([null, '09:00', '09:20', null, 0]);
  expect(at('2031-07-14', '09:19')).toEqual(['warm-up', '09:20', '09:20', null, 1]);
  expect(at('2031-07-14', '09:20')).toEqual(['slot', '09:45', '09:45', '09:20', 25]);
  expect(at('2031-07-14', '12:15')).toEqual([null, null, '09:20', '11:30', 0]);
  expect(at('2031-07-15', '11:30')).toEqual(['slot', '11:55', null, '11:30', 25]);
});

it('a plan that is changed by hand names the rules that it breaks, and not those that were broken before', () => {
  const slots = slotsOf(setup);
  const [first] = setup.stations;
  const before = {
    routes: members.map(({ id }) => ({ athlete: id, stations: slots.map(() => null) })),
    fixedBefore: null,
  };
  const facts = { setup, members, changes: [], pinned: [], before, seconds: 1 };
  const put = (count: number) =>
    before.routes.map((route, m) => ({
      ...route,
      stations: slots.map((_, t) => (t === 0 && m < count ? first!.id : null)),
    }));
  expect(faultsByHand(facts, put(3))).toEqual([]);
  expect(faultsByHand(facts, put(2)).map(({ rule }) => rule)).toEqual(['minimum']);
  expect(faultsByHand(facts, put(9)).map(({ rule }) => rule)).toEqual(['capacity']);
  expect(faultsByHand({ ...facts, before: { ...before, routes: put(9) } }, put(9))).toEqual([]);
  // A slot that is over stays as it was.
  const over = { ...before, fixedBefore: slots[1]!.id };
  expect(new Set(faultsByHand({ ...facts, before: over }, put(3)).map(({ rule }) => rule))).toEqual(
    new Set(['pin']),
  );
});

it('takes routes of an earlier setup along, as far as it is there', () => {
  const slots = slotsOf(setup).map(({ id }) => id);
  const [a, b] = setup.stations.map(({ id }) => id);
  const were = { slots: [slots[1]!, 'gone'], routes: [{ athlete: 'a0', stations: [b!, a!] }] };
  expect(routesNow(setup, were)[0]!.stations.slice(0, 2)).toEqual([null, b]);
  expect(routesNow({ ...setup, stations: [] }, were)[0]!.stations[1]).toBeNull();
});

it('groups go on as they were without a no-show', async () => {
  const solve = await patientSolver();
  const needs = (m: number) => ({ [setup.stations[m % 6]!.id]: 3, [setup.stations[(m + 1) % 6]!.id]: 2 });
  const who = Array.from({ length: 20 }, (_, m) =>
    member(`g${String(m).padStart(2, '0')}`, { needs: needs(m) }),
  );
  const grouped: CampSetup = { ...setup, mode: 'groups', groups: { count: 4, min: 4, max: 6 } };
  const facts = { setup: grouped, members: who, changes: [], pinned: [], before: null, seconds: 2 };
  const plan = planCamp(campToPlan(facts).input, solve);
  const slots = slotsOf(setup);
  const changes = [{ id: 'c', kind: 'away', subject: 'g00', slot: slots[2]!.id }] as const;
  const before = { routes: plan.routes, groups: plan.groups!, fixedBefore: slots[2]!.id };
  const next = planCamp(campToPlan({ ...facts, changes, before }).input, solve);
  expect(next.groups!.map(({ athletes }) => [...athletes].sort())).toEqual(
    plan.groups!.map(({ athletes }) => [...athletes].sort()),
  );
  // Some turns may change, where somebody loses less by it the day after.
  const moved = next.moved.filter(({ athlete }) => athlete !== 'g00');
  expect(moved.length).toBeLessThanOrEqual(0.1 * (19 * 8 + 5));
  const gone = next.routes.find(({ athlete }) => athlete === 'g00')!.stations;
  expect(gone.slice(2, 5)).toEqual([null, null, null]);
  expect(gone.slice(0, 2)).toEqual(
    plan.routes.find(({ athlete }) => athlete === 'g00')!.stations.slice(0, 2),
  );
});

it('looks first at what a station of the camp works on', () => {
  expect(triagePoints('overhand', [{ treats: ['oh.cut-finish', 'oh.no-post'] }]).slice(0, 2)).toEqual([
    'oh.no-post',
    'oh.cut-finish',
  ]);
  expect(triagePoints('windmill', [])).toHaveLength(8);
});

it('tells two of one name apart without their family names', () => {
  const called = (familyNames: string[]) => [
    ...boardNames(
      familyNames.map((familyName, m) => ({ id: String(m), givenName: 'Wren', familyName })),
      false,
    ).values(),
  ];
  expect(called(['Moss'])).toEqual(['Wren']);
  expect(called(['Moss', 'Pell'])).toEqual(['Wren M.', 'Wren P.']);
  expect(called(['Moss', 'Marsh'])).toEqual(['Wren M. 1', 'Wren M. 2']);
});

describe('first against last day', () => {
  const day = (date: string, velocities: readonly number[], effort = 90) =>
    velocities.map((velocity) => ({ date, velocity, effort, pitch: 'fastball', ball: 145 }));
  const around = (middle: number) => [-0.2, -0.1, 0, 0.1, 0.2].map((by) => middle + by);
  const of = (last: number, effort = 90, count = 5) => [
    ...day('2031-07-14', around(30)),
    ...day('2031-07-15', around(last).slice(0, count), effort),
  ];
  const verdict = (throws: ReturnType<typeof of>) =>
    campOutcome(new Map([['a', throws]]), '2031-07-14', '2031-07-15', 1).athletes[0]!.verdict;
  it('counts a change only beyond the smallest real one, of like throws', () => {
    const { needed } = campOutcome(new Map([['a', of(31)]]), '2031-07-14', '2031-07-15', 1).athletes[0]!;
    expect(needed).toBeGreaterThan(0.8);
    expect([
      verdict(of(30 + needed! + 0.01)),
      verdict(of(30 + needed! - 0.01)),
      verdict(of(30 - needed! - 0.01)),
    ]).toEqual(['up', 'within', 'down']);
    expect([verdict(of(33, 60)), verdict(of(33, 90, 4))]).toEqual(['untested', 'untested']);
  });
  it('says something of the group from five on, the same each time', () => {
    const group = (count: number) =>
      campOutcome(
        new Map(Array.from({ length: count }, (_, m) => [`a${m}`, of(30.5 + m / 10)])),
        '2031-07-14',
        '2031-07-15',
        1,
      ).group;
    expect(group(4)).toBeNull();
    expect(group(5)!.median).toBeCloseTo(0.7);
    expect(group(5)).toEqual(group(5));
    expect(group(5)!.low).toBeLessThan(0.7);
  });
});
