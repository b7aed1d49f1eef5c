import { emptyAthlete, type AthletePage, type LogEvent, type RosterMove } from '@wrightonic/contract';
import { drills, lastTap } from '@wrightonic/core';
import { readyWords } from '../src/ui/words/readyWords';
import { addable } from '../src/features/build/planDrills';
import { drillsThat, neededThings, servedTargets, type DrillFilter } from '../src/features/drills/filter';
import { constraintsNow, repsOfSet } from '../src/features/work/sets';
import { withDays } from '../src/ui/words/days';

const any: DrillFilter = { search: '', thread: null, stage: null, target: null, atHand: null };

describe('drills are found', () => {
  it('by thread and stage, flaw, words, and what is at hand', () => {
    expect(drillsThat(any)).toHaveLength(drills.length);
    const gates = drillsThat({ ...any, target: 'oh.quad-load', stage: 'constrain' }).map(({ id }) => id);
    expect(gates).toEqual(['tilted-mound', 'knee-gate', 'step-over-gate']);
    expect(
      drillsThat({ ...any, target: 'oh.quad-load', stage: 'constrain', atHand: ['cone'] }),
    ).toMatchObject([{ id: 'knee-gate' }]);
    expect(drillsThat({ ...any, atHand: [] }).every(({ equipment }) => equipment.length === 0)).toBe(true);
    expect(drillsThat({ ...any, search: ' KNEE gate ' }).map(({ id }) => id)).toEqual(['knee-gate']);
    expect(drillsThat({ ...any, thread: 'arm', search: 'knee gate' })).toEqual([]);
  });
  it('by things and flaws that some drill names', () => {
    expect(neededThings()).toContain('net');
    expect(servedTargets().map(({ value }) => value)).not.toContain('*');
  });
});

const athlete = { ...emptyAthlete, id: 'a', age: 15, birthdate: '2011-05-01', equipment: ['wall'] };
const page = {
  athlete,
  history: [],
  sets: [],
  constraints: {},
  plan: null,
  upcoming: [],
  academy: { equipment: ['net'] },
} as unknown as AthletePage;

describe('constraints in a session', () => {
  const event = (id: number, kind: string, rest: object) =>
    ({
      id: `e${id}`,
      at: '2026-05-01T10:00:00.000Z',
      kind,
      sessionId: 's',
      drill: 'knee-gate',
      ...rest,
    }) as LogEvent;
  const rep = (id: number, outcome = 'clean') => event(id, 'rep', { outcome });
  const done = (id: number, rest: object) =>
    event(id, 'set-done', { constraints: ['knee-gate'], clean: 3, missed: 3, workaround: null, ...rest });

  it('count the reps since the last set of the drill, and undo takes the set back first', () => {
    const events = [rep(1), rep(2), done(3, {}), rep(4), rep(5, 'missed')];
    expect(repsOfSet(events, 'knee-gate')).toEqual({ clean: 1, missed: 1 });
    expect(repsOfSet(events, 'step-over-gate')).toEqual({ clean: 0, missed: 0 });
    expect(lastTap(events.slice(0, 3)).map(({ id }) => id)).toEqual(['e3']);
  });

  it('go on as in the set before, with what to change after it, of this session and of earlier ones', () => {
    expect(constraintsNow(page, [], 'knee-gate')).toEqual({
      order: ['tilt', 'knee-gate', 'step-over'],
      on: [],
      offer: null,
    });
    const way = done(1, { workaround: 'oh.lead-leg-opens' });
    expect(constraintsNow(page, [way], 'knee-gate')).toMatchObject({
      on: ['knee-gate'],
      offer: { do: 'add', constraint: 'step-over' },
    });
    const stored = { drill: 'knee-gate', constraints: ['line'], clean: 8, missed: 0, workaround: null };
    const earlier = { ...page, sets: [{ ...stored, id: 'x', session: 'before', at: '' }] };
    expect(
      constraintsNow(earlier, [done(2, { constraints: ['line'], clean: 8, missed: 0 })], 'knee-gate').offer,
    ).toMatchObject({
      do: 'remove',
      constraint: 'line',
    });
    // The same set from the server and from this device is one set.
    const both = { ...page, sets: [{ ...stored, id: 'e2', session: 's', at: '' }] };
    expect(
      constraintsNow(both, [done(2, { constraints: ['line'], clean: 8, missed: 0 })], 'knee-gate').offer,
    ).toBeNull();
  });

  it('are none while an injury is not cleared', () => {
    const history = [{ site: 'elbow' as const, what: 'Ligament', surgery: false, cleared: false }];
    const own = { ...page, history, constraints: { 'knee-gate': ['line'] } };
    const after = constraintsNow(own, [done(1, { workaround: 'oh.lead-leg-opens' })], 'knee-gate');
    expect([after.order, after.offer]).toEqual([[], null]);
  });
});

describe('a ladder', () => {
  it('is offered what serves its focus first, and what may not be given with the reason', () => {
    const thread = { thread: 'lower', focus: 'oh.quad-load', stages: [], stage: 'feel' } as never;
    const offered = addable({ ...page, athlete: { ...athlete, age: 11 } }, thread, 'constrain');
    expect(offered[0]).toMatchObject({ serves: true, why: null });
    expect(offered.find(({ drill }) => drill.id === 'tilted-mound')!.why).toBe('from age 12 on');
    expect(offered.map(({ drill }) => drill.discipline)).not.toContain('windmill');
  });
});

describe('the roster', () => {
  const move = (athleteId: string, direction: 'up' | 'back') => ({ athleteId, direction }) as RosterMove;
  it('says how many are ready, each once', () => {
    expect(readyWords([])).toBeNull();
    expect(readyWords([move('a', 'up'), move('a', 'up')])).toBe('One athlete is ready to move up');
    expect(readyWords([...'abcdefg'].map((id) => move(id, 'up')))).toBe(
      'Seven athletes are ready to move up',
    );
    expect(readyWords([...'abcdefghijklmn'].map((id) => move(id, 'up')))).toMatch(/^14 /);
    expect(readyWords([move('a', 'back')])).toBe('One athlete has it too hard');
  });
});

it('says days of a sentence as one says them', () => {
  expect(withDays('rest until 2026-05-03, after 2025-12-31', '2026-05-01')).toBe(
    'rest until 3 May, after 31 Dec 2025',
  );
});
