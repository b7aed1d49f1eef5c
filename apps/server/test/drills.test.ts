import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv2019 from 'ajv/dist/2019';
import { check, drillFile } from '@wrightonic/contract';
import { drills, wholeDrill } from '@wrightonic/core';
import { v7 } from 'uuid';
import { drillSchema } from '../src/http/drills';
import { drillFileOf, fixtures, ourDrill } from './fixtures';
import { form, logs } from './testServer';

let set: Awaited<ReturnType<typeof fixtures>>;
let today: string;
beforeAll(async () => {
  set = await fixtures();
  ({ today } = (await set.owner.get('/session')).body);
});
afterAll(() => set.here.end());

const keep = (drill = ourDrill(), retired = false) =>
  set.owner.post('/drills', { drills: [{ id: v7(), drill, retired }] });
const read = (text: string) => set.owner.post('/drills/import', { text });
const names = async () =>
  (await set.owner.get('/drills')).body.map((each: any) => [each.drill.name, each.retired]);

describe('the schema of a file of drills', () => {
  const whole = {
    format: 'wrightonic-drills',
    version: 1,
    drills: drills.map(({ id }) => ({ ...wholeDrill(id), id: `own-${id}` })),
  };
  const bySchema = new Ajv2019({ strict: false }).compile(drillSchema());
  const changed = (change: (file: any) => void) => {
    const copy = structuredClone(whole);
    change(copy);
    return copy;
  };

  it('is the one that is published', async () => {
    const published = readFileSync(join(__dirname, '../../../docs/drills.schema.json'), 'utf8');
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(drillSchema())));
    expect((await set.nobody.get('/schemas/drills')).body).toEqual(JSON.parse(published));
  });
  it('takes every drill of the catalogue', () => {
    expect([bySchema(whole), check(drillFile, whole).problems]).toEqual([true, undefined]);
  });
  it.each([
    ['another format', (file) => (file.format = 'other')],
    ['another version', (file) => (file.version = 2)],
    ['no drills', (file) => (file.drills = [])],
    ['a field that is not there', (file) => delete file.drills[3].cue],
    ['a field that nobody knows', (file) => (file.drills[3].colour = 'red')],
    ['a wrong type', (file) => (file.drills[3].minAge = '9')],
    ['an age below the least', (file) => (file.drills[3].minAge = 4)],
    ['an unknown stage', (file) => (file.drills[3].stage = 'warm')],
    ['an unknown target', (file) => (file.drills[3].targets = ['oh.none'])],
    ['an id of another form', (file) => (file.drills[3].id = 'cross tap')],
    ['a page without steps', (file) => (file.drills[3].page.steps = [])],
    ['a tag that is none', (file) => (file.drills[3].cues.tags = ['fly'])],
  ] as [string, (file: any) => void][])('refuses %s, as the server does', (_, change) => {
    const wrong = changed(change);
    expect(bySchema(wrong)).toBe(false);
    expect(check(drillFile, wrong).problems!.length).toBeGreaterThan(0);
  });
});

describe('a file of drills', () => {
  it('says what it would bring, and brings nothing by itself', async () => {
    const other = ourDrill({ id: 'own-second', name: 'Second', harder: 'own-fence-lean' });
    expect((await read(drillFileOf(ourDrill(), other))).body).toMatchObject({
      fresh: [{ id: 'own-fence-lean' }, { id: 'own-second' }],
      changed: [],
      same: [],
    });
    expect(await names()).toEqual([]);
    await keep();
    const { dose, ...rest } = ourDrill({ cue: 'Another cue.' });
    const turned = { dose, ...rest };
    expect((await read(drillFileOf(ourDrill(), other))).body).toMatchObject({
      fresh: [{ id: 'own-second' }],
      same: ['own-fence-lean'],
    });
    expect((await read(drillFileOf(turned))).body).toMatchObject({ changed: [{ cue: 'Another cue.' }] });
  });
  it.each([
    ['not JSON', '{ "format": ', /not JSON/],
    ['of something else', '{"rows": []}', /not a file of drills/],
    ['null', 'null', /not a file of drills/],
    ['with a drill twice', drillFileOf(ourDrill(), ourDrill()), /duplicate/],
    [
      'with throws that do not add up',
      drillFileOf(ourDrill({ throws: 7, effort: { from: 50, to: 50 } })),
      /the dose 3x8 is 24/,
    ],
    ['with a drill of the catalogue', drillFileOf(wholeDrill('cross-tap')), /drills\.0\.id begins with own-/],
  ])('that is %s is refused in words', async (_, text, words) => {
    const before = await set.counts();
    const answer = await read(text);
    expect([answer.status, answer.body.error]).toEqual([422, expect.stringMatching(words)]);
    expect(await set.counts()).toEqual(before);
  });
  it('names the drill and the field of what safety does not allow', async () => {
    const { body } = await keep(ourDrill({ equipment: [['heavy balls']], minAge: 12 }));
    expect(body.fields).toEqual([
      {
        field: 'drills.0.minAge',
        message: expect.stringContaining('Fence lean, our way: minAge is at least 15'),
        text: expect.stringContaining('is at least 15'),
      },
    ]);
  });
});

it('keeps drills that instruct, changes and retires them, and nobody else sees them', async () => {
  await keep();
  await keep(ourDrill({ name: 'Renamed' }));
  expect(await names()).toEqual([['Renamed', false]]);
  await keep(ourDrill({ name: 'Renamed' }), true);
  expect(await names()).toEqual([['Renamed', true]]);
  expect((await set.rival.get('/drills')).body).toEqual([]);
  const refused = await set.assistant.post('/drills', {
    drills: [{ id: v7(), drill: ourDrill(), retired: false }],
  });
  expect(refused.status).toBe(403);
  await keep();
});

it('goes through ladder, week, sheet and calendar as any other drill', async () => {
  const drill = ourDrill({ targets: ['oh.lift-stall'], dose: '3x6' });
  await keep(drill);
  const athlete = form({ givenName: 'Own' });
  await set.owner.post('/athletes', athlete);
  const page = async () => (await set.owner.whole(athlete.id)).body;
  const seen = logs.look(athlete.id as string, { 'oh.lift-stall': 3 });
  await set.owner.post('/log', { events: seen.events });
  const traceId = v7();
  await set.owner.post(`/athletes/${athlete.id}/traces`, {
    id: traceId,
    lookId: seen.id,
    lower: 'oh.lift-stall',
    arm: null,
    reason: '',
  });
  const planId = v7();
  await set.owner.post(`/athletes/${athlete.id}/plans`, { id: planId, traceId, startsOn: today, weeks: 2 });
  const feel = (await page()).plan.threads[0].stages.find((each: any) => each.stage === 'feel');
  expect(feel.drills).toContainEqual(expect.objectContaining({ drill: drill.id, dose: '3x6' }));
  const days = [
    { date: today, kind: 'home', minutes: 40, equipment: ['fence'], places: ['home'], pitches: null },
  ];
  const proposed = await set.owner.post(`/plans/${planId}/week`, {
    from: today,
    days,
    pins: [{ date: today, drill: drill.id, sets: 2 }],
    before: null,
  });
  expect(proposed.body.items).toContainEqual(expect.objectContaining({ date: today, drill: drill.id }));
  const assigned = { id: v7(), from: today, days, items: proposed.body.items, reason: '' };
  expect((await set.owner.post(`/plans/${planId}/assignments`, assigned)).status).toBe(201);
  const share = await set.owner.post(`/athletes/${athlete.id}/shares`, { id: v7(), days: 7 });
  const sheet = (await set.nobody.get(`/shared/${share.body.token}`)).body;
  expect(sheet.days[0].items).toContainEqual(
    expect.objectContaining({
      name: drill.name,
      amount: '6 reps',
      figure: 'hip-first-lean',
      page: expect.objectContaining({ steps: drill.page.steps }),
    }),
  );
  // Retired: whoever has it keeps it, and nobody is given it anew.
  await keep(drill, true);
  expect((await page()).plan.assignment.items).toContainEqual(expect.objectContaining({ drill: drill.id }));
  const again = await set.owner.post(`/plans/${planId}/drills`, {
    id: v7(),
    thread: 'lower',
    stage: 'feel',
    drill: drill.id,
    dose: '3x6',
  });
  expect(again.body.error).toContain('there is no drill own-fence-lean to give');
});

it('refuses a drill of another academy’s own in a plan', async () => {
  await keep(ourDrill());
  const swap = await set.owner.put(`/plans/${set.theirs['plan']}/drills/${set.theirs['drill']}`, {
    id: v7(),
    drill: 'own-of-others',
    dose: '3x8',
  });
  expect([swap.status, swap.body.error]).toEqual([422, expect.stringContaining('own-of-others')]);
});
