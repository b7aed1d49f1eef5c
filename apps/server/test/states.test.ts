import { logKinds, type LogKind } from '@wrightonic/contract';
import { rng } from '@wrightonic/core/simulate';
import { v7 } from 'uuid';
import { rebuild } from '../src/store/state/rebuild';
import { fixtures, pitchFields } from './fixtures';
import { form } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
beforeAll(async () => {
  set = await fixtures();
});
afterAll(() => set.here.end());

const random = rng(20261129);
const pick = <T>(all: readonly T[]): T => all[random.integer(0, all.length - 1)]!;
const zone = 'Europe/London';
let clock = Date.now() - 40 * 86_400_000;
const next = () => new Date((clock += random.integer(1_000, 1_200_000))).toISOString();

const kept = [
  'athlete_states',
  'rep_counts',
  'throw_days',
  'velocity_days',
  'velocity_wander',
  'home_days',
  'trace_calls',
  'flaw_cases',
];
const keys: Record<string, string[]> = {
  athlete_states: ['athlete_id'],
  rep_counts: ['session_id', 'position'],
  throw_days: ['athlete_id', 'date', 'hard'],
  velocity_days: ['athlete_id', 'date'],
  velocity_wander: ['athlete_id', 'like_key'],
  home_days: ['athlete_id', 'date'],
  trace_calls: ['trace_id'],
  flaw_cases: ['athlete_id', 'flaw'],
};
const everything = async () =>
  Object.fromEntries(
    await Promise.all(
      kept.map(async (table) => {
        const rows = await set.here.db(table).orderBy(['academy_id', ...keys[table]!]);
        // How often a state was changed is the one thing that making it anew changes.
        return [table, rows.map(({ version: _, ...row }) => row)];
      }),
    ),
  );

const drills = ['hip-first-lean', 'hip-snap', 'easy-catch', 'delayed-hand-throw', 'flat-ground-fall'];
const nodes = ['oh.lift-stall', 'oh.jump', 'oh.glove-pull', 'oh.short-stride', 'lim.balance'];

/** An event that may be, of somebody who has logged what is known. */
function randomEvent(
  athletes: readonly string[],
  known: { sessions: string[]; looks: string[]; things: string[] },
): { kind: LogKind } & Record<string, unknown> {
  const athleteId = pick(athletes);
  const sessionId = pick(known.sessions);
  const lookId = pick(known.looks);
  const drill = pick(drills);
  const instructions = { place: '', view: null, thrown: '', lookedBy: '' };
  const events: (() => { kind: LogKind } & Record<string, unknown>)[] = [
    () => ({ kind: 'session-begun', athleteId, planId: null, zone, date: '2026-01-01' }),
    () => ({ kind: 'look-begun', athleteId, look: 'quick', zone, place: '' }),
    () => ({ kind: 'look-finished', lookId }),
    () => ({ kind: 'look-told', lookId, zone, lookedAt: next(), ...instructions }),
    () => ({
      kind: 'look-corrected',
      lookId,
      node: pick(nodes),
      severity: random.integer(0, 3),
      reason: 'Seen again',
    }),
    () => ({
      kind: 'pain',
      sessionId,
      moment: 'before',
      level: 'pain',
      score: 4,
      site: pick(['knee', 'elbow']),
    }),
    () => ({ kind: 'throws-cleared', athleteId, sessionId: null, clearedBy: 'Dr. Vale', reason: 'Seen' }),
    () => ({ kind: 'session-ended', sessionId, note: '' }),
    () => ({ kind: 'pitch', ...pitchFields(athleteId) }),
    () => ({ kind: 'undo', sessionId: pick([sessionId, null]), of: pick(known.things) }),
  ];
  const usual = [
    () => ({ kind: 'rep' as const, sessionId, drill, outcome: pick(['clean', 'clean', 'clean', 'missed']) }),
    () => ({
      kind: 'throw' as const,
      sessionId,
      drill: 'easy-catch',
      velocity: 30,
      effort: pick([60, 80, null]),
      pitch: 'fastball',
      ballG: 145,
    }),
    () => ({ kind: 'finding' as const, lookId, node: pick(nodes), severity: pick([0, 1, 2, 3, null]) }),
  ];
  return random.integer(0, 9) < 6 ? pick(usual)() : pick(events)();
}

it('agree with the history after a thousand events, however they were made', async () => {
  const second = form({ givenName: 'Teal' });
  await set.owner.post('/athletes', second);
  const athletes = [set.theirs['athlete']!, second.id];
  const known = { sessions: [v7()], looks: [v7()], things: [v7()] };
  const stored = new Map<string, number>();
  for (let batch = 0; batch < 40; batch++) {
    const events = Array.from({ length: 25 }, () => {
      const event = { id: v7(), at: next(), ...randomEvent(athletes, known) };
      if (event.kind === 'session-begun') known.sessions.push(event.id);
      if (event.kind === 'look-begun') known.looks.push(event.id);
      if (event.kind === 'rep' || event.kind === 'throw' || event.kind === 'pitch')
        known.things.push(event.id);
      return event;
    });
    const { status, body } = await set.owner.post('/log', { events });
    expect(status).toBe(200);
    for (const [n, answer] of body.responses.entries())
      if (answer.stored) stored.set(events[n]!.kind, (stored.get(events[n]!.kind) ?? 0) + 1);
  }
  // Every kind that turns something was among them.
  for (const kind of [
    'rep',
    'throw',
    'undo',
    'pain',
    'pitch',
    'look-finished',
    'look-told',
    'look-corrected',
  ])
    expect([kind, (stored.get(kind) ?? 0) > 3]).toEqual([kind, true]);
  expect([...stored.keys()].every((kind) => logKinds.includes(kind as LogKind))).toBe(true);
  // The proposals are only marked by the log, and made by whoever reads them.
  expect((await everything())['athlete_states'].some((row: any) => row.moves_stale)).toBe(true);
  await set.owner.get('/stage-proposals');
  const was = await everything();
  expect(was['athlete_states'].some((row: any) => row.moves_stale)).toBe(false);
  expect(was['rep_counts'].length).toBeGreaterThan(20);
  expect(was['throw_days'].length).toBeGreaterThan(10);
  expect(await rebuild(set.here.db, false)).toBeGreaterThanOrEqual(2);
  expect(await everything()).toEqual(was);
}, 120_000);

it('are made for athletes of whom nothing is kept yet, as after a migration', async () => {
  const was = await everything();
  for (const table of kept) await set.here.db(table).delete();
  expect(await rebuild(set.here.db, true)).toBe(was['athlete_states'].length);
  expect(await everything()).toEqual(was);
  expect(await rebuild(set.here.db, true)).toBe(0);
}, 60_000);
