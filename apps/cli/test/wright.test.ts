import { spawnSync } from 'node:child_process';
import { writeFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { athlete, json, wright } from './wright';

it('is a program that reads, writes and ends as it should', () => {
  const bin = join(__dirname, '..', 'bin', 'wright.js');
  const run = (input: string) =>
    spawnSync(process.execPath, [bin, 'gate'], { input, encoding: 'utf8', timeout: 60_000 });
  const good = run(json({ sessions: [{ clean: 16, missed: 4, pain: false }] }));
  expect([good.status, good.stderr, JSON.parse(good.stdout).decision]).toEqual([0, '', 'up']);
  const bad = run('{');
  expect([bad.status, bad.stdout, bad.stderr.trim().split('\n').length]).toEqual([2, '', 1]);
});

it('traces from standard input', async () => {
  const { status, stdout, stderr } = await wright(
    ['trace'],
    json({ athlete, findings: { 'oh.glove-pull': 2 } }),
  );
  expect([status, stderr]).toEqual([0, '']);
  expect(JSON.parse(stdout)).toMatchObject({
    total: 2,
    roots: [{ id: 'oh.glove-pull', score: 2, share: 1 }],
    focus: { lower: null, arm: 'oh.glove-pull' },
    leaveAlone: [],
    bodyFirst: [],
    sure: { leader: 'oh.glove-pull', runs: 1000, seed: 1 },
  });
});

it('traces a whole academy, one athlete a line', async () => {
  const line = (id: string, findings: object, more: object = {}) => json({ id, athlete, findings, ...more });
  const lines = [line('a', { 'oh.glove-pull': 2 }), '', line('b', {}, { seed: 4 })].join('\n');
  const { status, stdout } = await wright(['trace', '--batch'], lines);
  expect(status).toBe(0);
  const answers = stdout
    .trim()
    .split('\n')
    .map((each) => JSON.parse(each));
  expect(answers.map(({ id, total, sure }) => [id, total, sure.seed])).toEqual([
    ['a', 2, 1],
    ['b', 0, 4],
  ]);
  expect(answers[1].lookFirst).toHaveLength(3);
  const bad = await wright(['trace', '--batch'], `${line('a', {})}\n${line('b', { 'oh.nobody': 1 })}`);
  expect([bad.status, bad.stdout]).toEqual([2, '']);
  expect(bad.stderr).toMatch(/^line 2: findings\.oh\.nobody/);
});

it('says how much may be thrown, by the league where it is stricter', async () => {
  const throws = [
    { date: '2026-06-10', count: 45, kind: 'game' },
    { date: '2026-06-12', count: 10, kind: 'practice', effort: 60 },
  ];
  const ask = async (on: string) =>
    JSON.parse(
      (
        await wright(
          ['limits'],
          json({ discipline: 'overhand', birthdate: '2011-05-23', league: { max_per_day: 80 }, throws, on }),
        )
      ).stdout,
    );
  expect(await ask('2026-06-11')).toMatchObject({
    age: 15,
    maxToday: 80,
    leftToday: 0,
    restUntil: '2026-06-12',
    weekRatio: null,
  });
  expect(await ask('2026-06-12')).toMatchObject({ thrownToday: 5, leftToday: 75, restUntil: null });
  const bad = await wright(
    ['limits'],
    json({ discipline: 'overhand', birthdate: '2011-02-30', throws, on: '2026-06-12' }),
  );
  expect([bad.status, bad.stderr]).toEqual([2, expect.stringMatching(/^birthdate must be a real day/)]);
});

const planned = {
  athlete,
  findings: { 'oh.lift-stall': 2, 'oh.lead-leg-opens': 3 },
  days: [
    { date: '2026-06-08', kind: 'home', minutes: 30, equipment: ['wall'], place: 'home' },
    {
      date: '2026-06-09',
      kind: 'lesson',
      minutes: 60,
      equipment: ['ball', 'net', 'suspension strap'],
      place: 'cage,home',
    },
    { date: '2026-06-11', kind: 'home', minutes: 20, equipment: [], place: ['home', 'field'] },
    { date: '2026-06-13', kind: 'game', minutes: 15, equipment: [], place: 'field' },
    { date: '2026-06-14', kind: 'off' },
  ],
  throws: [{ date: '2026-06-07', count: 50, kind: 'game' }],
};

it('plans a week from findings', async () => {
  const { status, stdout } = await wright(['plan'], json(planned));
  expect(status).toBe(0);
  const { threads, days, held, objective, bound } = JSON.parse(stdout);
  expect(threads[0]).toMatchObject({ thread: 'lower', focus: 'oh.lift-stall' });
  expect(threads[0].stages[0].stage).toBe('prep');
  expect(days.map(({ date }: { date: string }) => date)).toEqual(planned.days.map(({ date }) => date));
  expect(days[0].items.length).toBeGreaterThan(1);
  expect(days[4].items).toEqual([]);
  expect(held.join(' ')).toMatch(/No throwing Monday, Tuesday: 2 days of rest after 50 hard throws/);
  expect(bound - objective).toBeLessThanOrEqual(0.0101 * bound);
});

it.each([
  [
    'screen',
    { athlete, tests: [{ test: 'hip-ir', side: 'lead', tries: [30, -21] }] },
    /^tests\.0\.tries\.1: /,
  ],
  ['screen', { athlete, tests: [{ test: 'hip-ir', side: 'lead', tries: [91] }] }, /^tests\.0\.tries\.0: /],
  [
    'limits',
    { discipline: 'overhand', birthdate: '2026-06-13', throws: [], on: '2026-06-12' },
    /^birthdate: 2026-06-13 is after/,
  ],
  ['plan', { ...planned, done: [{ drill: 'no-drill', date: '2026-06-08', sets: 1 }] }, /^done\.0\.drill/],
] as const)('%s refuses what cannot be, by field: %j', async (command, input, why) => {
  const { status, stdout, stderr } = await wright([command], json(input));
  expect([status, stdout]).toEqual([2, '']);
  expect(stderr).toMatch(why);
});

it('takes no name that would change an object', async () => {
  const { status, stderr } = await wright(
    ['trace'],
    `{"athlete": ${json(athlete)}, "findings": {"__proto__": 3}}`,
  );
  expect([status, stderr]).toEqual([2, expect.stringMatching(/^findings\.__proto__/)]);
});

it('judges the gate from a file', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'wright-')), 'gate.json');
  writeFileSync(file, json({ sessions: [{ clean: 16, missed: 4, pain: false }] }));
  const { status, stdout } = await wright(['gate', file]);
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject({ n: 20, k: 16, decision: 'up', more: 0 });
});

it('times a clip', async () => {
  const { stdout } = await wright(['timing'], json({ fps: 30, events: { plant: 10, release: 14 } }));
  expect(JSON.parse(stdout).intervals).toEqual([
    { from: 'plant', to: 'release', ms: 4000 / 30, plusMinusMs: 1000 / 30 },
  ]);
});

const commands = [
  'trace',
  'screen',
  'limits',
  'gate',
  'timing',
  'velocity',
  'misses',
  'sequence',
  'motion',
  'simulate',
];

it('screens a body', async () => {
  const tests = [
    { test: 'hip-ir', side: 'trail', tries: [31, 33] },
    { test: 'vertical-jump', side: 'none', tries: [50] },
  ];
  const { stdout } = await wright(
    ['screen'],
    json({ athlete, tests, height_cm: 180, mass_kg: 70, level: 'high-school', sex: 'male' }),
  );
  expect(JSON.parse(stdout)).toMatchObject({
    limits: [
      { id: 'lim.hip-ir.trail', value: 33, severity: 1, margin: 1 },
      { id: 'lim.power', severity: 1 },
    ],
    refer: [],
    power: { watts: 4151 },
  });
});

it('reads throws, in mph', async () => {
  const throws = (date: string, mph: number) =>
    [0, 0.2, 0.4, 0.6, 0.8].map((off) => `${date},${mph + off},90,fastball,145`);
  const days = ['2026-05-01', '2026-05-09', '2026-05-17', '2026-05-25'].flatMap((date, n) =>
    throws(date, 70 + n),
  );
  const { stdout } = await wright(
    ['velocity'],
    ['date,velocity_mph,effort,pitch,ball_g', ...days, '2026-06-01,71,,,'].join('\n'),
  );
  const { sessions, effort, trend } = JSON.parse(stdout);
  expect(sessions[0]).toMatchObject({ date: '2026-05-01', n: 5, flash: null, fade: null });
  expect(sessions[0].usual).toBeCloseTo(70.4, 9);
  expect(sessions[4]).toMatchObject({ n: 1, usual: null, top: null, scatter: null });
  expect(effort).toBeNull();
  expect(trend.perMonth).toBeCloseTo(30.4375 / 8, 6);
});

it('counts misses', async () => {
  const rows = [...Array(12).fill('low,miss,high'), 'low,miss,arm', 'low,hit,'];
  const { stdout } = await wright(['misses'], ['aim,result,side', ...rows].join('\n'));
  expect(JSON.parse(stdout)).toMatchObject({
    n: 14,
    misses: 13,
    shares: { high: 1 },
    symptoms: { 'sym.miss-high': 3, 'sym.miss-low': 0, 'sym.miss-arm-side': 0, 'sym.miss-glove-side': 0 },
  });
});

it('counts a miss whose side nobody wrote down as a miss', async () => {
  const { status, stdout } = await wright(['misses'], 'aim,result,side\nlow,miss,\nlow,hit,');
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject({ n: 2, misses: 1 });
});

it('finds in simulated curves what was planted, and nothing else', async () => {
  const input = { discipline: 'overhand', throws: 'R', fps: 240, flaws: { 'oh.hips-late': 0.8 }, noise: 5 };
  const { stdout: csv } = await wright(['simulate', '--as', 'curves'], json(input));
  expect(csv.split(/\r?\n/)[0]).toBe('time_s,pelvis,trunk,glove,arm,hand,pelvis_lin,trunk_lin');
  const { stdout } = await wright(['sequence', '--plant', '0.6', '--level', 'high-school'], csv);
  const { evidence, peaks, missing } = JSON.parse(stdout);
  expect(evidence.map(({ flaw }: { flaw: string }) => flaw)).toEqual(['oh.hips-late']);
  expect(Object.keys(peaks[0])).toEqual(['segment', 'value', 'time_s']);
  expect(missing).toEqual([]);
});

it.each([['--help'], ...commands.map((command) => [command, '--help'])])(
  'helps with %s %s',
  async (...args) => {
    const { status, stdout } = await wright(args);
    expect(status).toBe(0);
    expect(stdout).toContain('Usage:');
  },
);

// Three pieces of bad input for each command: nothing on standard output, one line that names the field.
it.each([
  ['trace', 'not json', /JSON/],
  ['trace', json({ findings: {} }), /athlete/],
  ['trace', json({ athlete, findings: { 'oh.wobble': 7 } }), /findings\.oh\.wobble/],
  ['trace', json({ athlete, findings: { 'wm.stiff-arm': 1 } }), /wm\.stiff-arm/],
  ['trace', json({ athlete, findings: {}, struck: [['oh.lift-stall', 'nobody']] }), /^struck\.0: nobody/],
  [
    'plan',
    json({ ...planned, days: [{ date: '2026-06-08', kind: 'home', place: 'barn' }] }),
    /days\.0\.place/,
  ],
  ['plan', json({ ...planned, days: [...planned.days, { date: '2026-06-20', kind: 'off' }] }), /^days: /],
  [
    'plan',
    json({ ...planned, pins: [{ drill: 'hip-first-lean', date: '2026-06-14', sets: 1 }] }),
    /^pins: these cannot hold together: .*pinned to Sunday/,
  ],
  ['gate', '', /JSON|input/],
  ['gate', json({ sessions: 'many' }), /sessions/],
  ['gate', json({ sessions: [{ clean: -1, missed: 2, pain: false }] }), /sessions\.0\.clean/],
  ['timing', json({ fps: -30, events: {} }), /fps/],
  ['timing', json({ fps: 30, events: { plant: 1.5 } }), /events\.plant/],
  ['timing', json({ events: { plant: 1 } }), /fps/],
  ['screen', json({ athlete, tests: [{ test: 'hip-hop', side: 'lead', tries: [1] }] }), /tests\.0\.test/],
  ['screen', json({ athlete, tests: [{ test: 'hip-ir', side: 'lead', tries: [] }] }), /tests\.0\.tries/],
  ['screen', json({ athlete, tests: [], mass_kg: 900 }), /mass_kg/],
  ['velocity', '', /empty/],
  ['velocity', 'date,speed\n2026-05-01,70', /velocity_mph/],
  ['velocity', 'date,velocity_mph\n2026-05-01,NaN', /velocity_mph: row 2/],
  ['misses', 'aim,result,side\nlow,near,high', /result: row 2/],
  ['misses', 'aim\nlow', /result, side/],
  ['sequence', 'time_s,pelvis\n0,1\n0.1,2', /time_s/],
  ['sequence', 'time_s,pelvis\n0,1\n0.1,quick', /pelvis: row 3/],
  ['sequence', 'pelvis\n1', /time_s/],
  ['simulate', json({ discipline: 'overhand', throws: 'R', fps: 240, as: 'film' }), /as/],
  ['motion', '', /discipline/],
  ['motion', '{}', /discipline/],
  [
    'motion',
    json({ discipline: 'overhand', throws: 'R', view: 'above', fps: 60, size: [1, 1], frames: [] }),
    /view/,
  ],
  [
    'motion',
    json({ discipline: 'overhand', throws: 'R', view: 'front', fps: 60, size: [1, 1], frames: [] }),
    /^frames: /,
  ],
  [
    'simulate',
    json({ discipline: 'overhand', throws: 'R', fps: 240, as: 'curves', flaws: { 'oh.wobble': 1 } }),
    /flaws\.oh\.wobble/,
  ],
  ['simulate', json({ discipline: 'overhand', throws: 'R', fps: 1, as: 'curves' }), /fps/],
])('%s refuses %s', async (command, input, why) => {
  const { status, stdout, stderr } = await wright([command], input);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr).toMatch(why);
  expect(stderr.trim().split('\n')).toHaveLength(1);
});

it.each([[['gate', '/no/such/file.json']], [['juggle']], [[]]])('ends with 2 on %j', async (args) => {
  const { status, stdout } = await wright(args);
  expect([status, stdout]).toEqual([2, '']);
});
