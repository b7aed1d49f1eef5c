import { spawnSync } from 'node:child_process';
import { writeFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const bin = join(__dirname, '..', 'bin', 'wright.js');
function wright(args: string[], input = '') {
  const { status, stdout, stderr } = spawnSync(process.execPath, [bin, ...args], { input, encoding: 'utf8' });
  return { status, stdout, stderr };
}
const json = (value: unknown) => JSON.stringify(value);
const athlete = { discipline: 'overhand', throws: 'R', age: 15 };

it('traces from standard input', () => {
  const { status, stdout, stderr } = wright(['trace'], json({ athlete, findings: { 'oh.glove-pull': 2 } }));
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

it('judges the gate from a file', () => {
  const file = join(mkdtempSync(join(tmpdir(), 'wright-')), 'gate.json');
  writeFileSync(file, json({ sessions: [{ clean: 16, missed: 4, pain: false }] }));
  const { status, stdout } = wright(['gate', file]);
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject({ n: 20, k: 16, decision: 'up', more: 0 });
});

it('times a clip', () => {
  const { stdout } = wright(['timing'], json({ fps: 30, events: { plant: 10, release: 14 } }));
  expect(JSON.parse(stdout).intervals).toEqual([
    { from: 'plant', to: 'release', ms: 4000 / 30, plusMinusMs: 1000 / 30 },
  ]);
});

it.each([['--help'], ['trace', '--help'], ['gate', '--help'], ['timing', '--help']])(
  'helps with %s %s',
  (...args) => {
    const { status, stdout } = wright(args);
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
  ['gate', '', /JSON|input/],
  ['gate', json({ sessions: 'many' }), /sessions/],
  ['gate', json({ sessions: [{ clean: -1, missed: 2, pain: false }] }), /sessions\.0\.clean/],
  ['timing', json({ fps: -30, events: {} }), /fps/],
  ['timing', json({ fps: 30, events: { plant: 1.5 } }), /events\.plant/],
  ['timing', json({ events: { plant: 1 } }), /fps/],
])('%s refuses %s', (command, input, why) => {
  const { status, stdout, stderr } = wright([command], input);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr).toMatch(why);
  expect(stderr.trim().split('\n')).toHaveLength(1);
});

it.each([[['gate', '/no/such/file.json']], [['juggle']], [[]]])('ends with 2 on %j', (args) => {
  const { status, stdout } = wright(args);
  expect([status, stdout]).toEqual([2, '']);
});
