import { countedTables } from './countedTables';
import { drillFileFormat, drillFileVersion } from '@wrightonic/contract';
import { drills, wholeDrill, type OwnDrill, type PlannedDay } from '@wrightonic/core';
import { v7 } from 'uuid';
import { campBodies, plannedCamp } from './campFixtures';
import { academy, browser, form, logs, testServer, type TestServer } from './testServer';

export const day = '2026-05-01';

export const weekDay = (date: string, more: Partial<PlannedDay> = {}): PlannedDay => ({
  date,
  kind: 'lesson',
  minutes: 60,
  equipment: [...new Set(drills.flatMap(({ equipment }) => equipment.flat()))],
  places: ['home', 'field', 'cage', 'mound'],
  pitches: null,
  ...more,
});

/** A week with the same drills on each of some days. */
export const weekOf = (
  from: string,
  days: readonly string[],
  drillIds: readonly string[],
  { sets = 1, reason = '' } = {},
) => ({
  id: v7(),
  from,
  days: days.map((date) => weekDay(date)),
  items: days.flatMap((date) => drillIds.map((drill) => ({ date, drill, sets }))),
  reason,
});

/** A good request for each route that takes one, about the first academy's things. */
/** A drill that only this academy has. */
export const ourDrill = (changed: Partial<OwnDrill> = {}): OwnDrill => ({
  ...wholeDrill('hip-first-lean'),
  id: 'own-fence-lean',
  name: 'Fence lean, our way',
  ...changed,
});
export const drillFileOf = (...drills: OwnDrill[]): string =>
  JSON.stringify({ format: drillFileFormat, version: drillFileVersion, drills });

export const bodiesFor = (theirs: Record<string, string>): Record<string, () => object> => ({
  'PUT /profile': () => ({
    hand: 'L',
    velocityUnit: 'mph',
    sizeUnit: 'us',
    zoneView: 'pitcher',
    dateOrder: 'auto',
    hours: 'auto',
    goodStrikes: 0.6,
    approach: form().approach,
  }),
  'POST /athletes': () => form(),
  'PUT /athletes/:id': () => (({ id: _, ...rest }) => rest)(form()),
  'POST /lessons': () => ({
    id: v7(),
    athleteId: theirs['athlete'],
    date: day,
    time: '16:00',
    minutes: 30,
    place: '',
  }),
  'POST /log': () => ({ events: [logs.event('look-finished', { lookId: theirs['look'] })] }),
  'POST /athletes/:id/traces': () => ({
    id: v7(),
    lookId: theirs['look'],
    lower: 'oh.lift-stall',
    arm: null,
    reason: '',
  }),
  'POST /athletes/:id/plans': () => ({ id: v7(), traceId: theirs['trace'], startsOn: day, weeks: 2 }),
  'PUT /plans/:id/drills/:drill': () => ({ id: v7(), drill: 'hip-first-lean', dose: '3x8' }),
  'POST /plans/:id/stage-moves': () => ({ id: v7(), thread: 'lower', to: 'feel', reason: 'Not yet' }),
  'PUT /plans/:id/drills/:drill/place': () => ({ id: v7(), after: null, locked: true, removed: false }),
  'POST /plans/:id/drills': () => ({
    id: v7(),
    thread: 'lower',
    stage: 'deliver',
    drill: 'called-spots',
    dose: '4x5',
  }),
  'POST /athletes/:id/games/import': () => ({ text: 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR' }),
  'POST /athletes/:id/games': () => ({ games: [{ id: v7(), uid: 'g1', date: day, title: 'Away' }] }),
  'POST /athletes/:id/targets': () => ({ id: v7(), velocity: 30, by: null }),
  'POST /athletes/:id/reopened': () => ({ flaw: 'oh.lift-stall', traceId: v7(), planId: v7() }),
  'POST /athletes/:id/reports': () => ({
    id: v7(),
    days: 30,
    before: null,
    after: theirs['look'],
    names: false,
  }),
  'POST /reports/:id/end': () => ({ id: v7() }),
  'PUT /people/:id': () => ({ role: 'assistant', active: true }),
  'POST /people/:id/hand-over': () => ({ to: theirs['person'] }),
  'POST /invitations': () => ({ id: v7(), name: 'Cy', email: `${v7()}@first.example`, role: 'assistant' }),
  'POST /invitations/:id/end': () => ({}),
  'PUT /retention': () => ({ years: 3 }),
  'PUT /athletes/:id/archived': () => ({ archived: false }),
  'POST /athletes/:id/deletion': () => ({ id: v7(), reason: 'Asked by phone' }),
  'POST /deletions/:id/confirm': () => ({}),
  'POST /deletions/:id/end': () => ({}),
  'POST /athletes/:id/weekly-line': () => ({ id: v7(), guardian: 0, text: 'A good week.' }),
  'PUT /account/password': () => ({ current: 'not it', password: 'a new long one' }),
  'POST /account/second-factor': () => ({ password: 'not it' }),
  'PUT /account/second-factor': () => ({ code: '123456' }),
  'POST /account/second-factor/end': () => ({ password: 'not it' }),
  'POST /founding': () => ({
    code: 'x',
    academy: 'A',
    zone: 'Europe/London',
    velocityUnit: 'mph',
    sizeUnit: 'us',
    name: 'A',
    email: 'a@b.example',
    password: 'a long enough one',
  }),
  'POST /join/:token': () => ({ name: 'A', password: 'a long enough one' }),
  'POST /password-resets': () => ({ email: 'nobody@first.example' }),
  'POST /password-resets/:token': () => ({ password: 'a long enough one' }),
  'PUT /planning': () => ({
    equipment: ['wall'],
    weekThrows: 120,
    buildUpWeeks: null,
    rampPercent: 25,
    carryDays: 28,
    allHard: false,
    growthNote: true,
  }),
  'POST /drills/import': () => ({ text: drillFileOf(ourDrill()) }),
  'POST /drills': () => ({ drills: [{ id: v7(), drill: ourDrill(), retired: false }] }),
  'POST /norms': () => ({
    id: v7(),
    key: 'body-mass both college male',
    range: { low: 80, high: 95, basis: 'our own' },
  }),
  'POST /lexicon': () => ({ id: v7(), tag: 'push', phrase: 'leap', removed: false }),
  'POST /plans/:id/template': () => ({ id: v7(), name: 'Barn ladder' }),
  'POST /athletes/:id/shares': () => ({ id: v7(), days: 30 }),
  'POST /shares/:id/end': () => ({ id: v7() }),
  'POST /feeds': () => ({ id: v7() }),
  'POST /devices': () => ({ id: v7(), name: 'Gun at cage 1' }),
  'POST /devices/:id/end': () => ({ id: v7() }),
  'POST /stage-moves': () => ({
    moves: [{ id: v7(), planId: theirs['plan'], thread: 'lower', to: 'feel', reason: 'Not yet' }],
  }),
  'POST /plans/:id/assignments': () => weekOf(day, [day], [theirs['drillName']!]),
  'POST /plans/:id/week': () => ({ from: day, days: [weekDay(day)], pins: [], before: null }),
  'POST /athletes/import': () => ({ athletes: [form(), form({ givenName: 'Bex' })] }),
  'POST /athletes/:id/throws/import': () => ({ throws: [tableThrow()] }),
  'POST /athletes/:id/sizes': () => ({ id: v7(), date: day, heightCm: 180, massKg: 72 }),
  'POST /athletes/:id/injuries': () => ({
    id: v7(),
    site: 'elbow',
    what: 'Sore inner elbow',
    since: day,
    surgery: false,
  }),
  'POST /injuries/:id/clearances': () => ({
    id: v7(),
    clearedBy: 'Dr. Marrable',
    date: day,
    restrictions: '',
  }),
  'PUT /pictures/:id': () => ({ shown: true }),
  'POST /links': () => ({
    id: v7(),
    cause: 'oh.lift-stall',
    effect: 'oh.lead-leg-opens',
    weight: 0.5,
    reason: 'Seen on film',
  }),
});

export const tableThrow = (more: Record<string, unknown> = {}) => ({
  id: v7(),
  date: day,
  time: '',
  velocity: 30,
  effort: 90,
  pitch: 'fastball',
  ballG: 145,
  kind: 'practice',
  sides: null,
  ...more,
});

/** The smallest PNG: one pixel. */
export const onePixel = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

export const pitchFields = (athleteId: string) => ({
  athleteId,
  zone: 'Europe/London',
  velocity: 31,
  effort: 90,
  pitch: 'fastball',
  ballG: 145,
  type: 'practice',
  distanceM: 18,
  aim: [0, 0],
  arrived: [0.8, 0.9],
});

export const clipFields = (athleteId: string) => ({
  athleteId,
  zone: 'Europe/London',
  name: 'side.mp4',
  size: 4_000_000,
  hash: 'ab'.repeat(32),
  seconds: 2,
  width: 1280,
  height: 720,
  fps: 30,
  captureFps: 240,
  view: 'side',
  square: true,
});

/** Two academies on one server, the first with an athlete, a look, a trace, a plan and a session. */
export async function fixtures({ camp: withCamp = false } = {}) {
  const here: TestServer = await testServer();
  const [first, second] = [await academy(here, 'first'), await academy(here, 'second')];
  const [owner, assistant, rival, nobody] = [browser(here), browser(here), browser(here), browser(here)];
  await owner.signIn(first.email('owner'));
  await assistant.signIn(first.email('assistant'));
  await rival.signIn(second.email('owner'));
  await nobody.knock();

  const athlete = form();
  await owner.post('/athletes', athlete);
  const look = logs.look(athlete.id, { 'oh.lift-stall': 2 });
  const session = logs.session(athlete.id, null, day);
  const clip = logs.event('clip-opened', clipFields(athlete.id));
  await owner.post('/log', { events: [...look.events, session, clip] });
  const injury = bodiesFor({})['POST /athletes/:id/injuries']!() as { id: string };
  await owner.post(`/athletes/${athlete.id}/injuries`, injury);
  const picture = v7();
  await owner.upload(`/clips/${clip.id}/pictures?id=${picture}&time=0.5&note=plant`, onePixel);
  const trace = { id: v7(), lookId: look.id, lower: 'oh.lift-stall', arm: null, reason: '' };
  await owner.post(`/athletes/${athlete.id}/traces`, trace);
  const plan = { id: v7(), traceId: trace.id, startsOn: day, weeks: 2 };
  await owner.post(`/athletes/${athlete.id}/plans`, plan);
  const share = { id: v7(), days: 30 };
  await owner.post(`/athletes/${athlete.id}/shares`, share);
  const report = { id: v7(), days: 30, before: null, after: look.id, names: false };
  await owner.post(`/athletes/${athlete.id}/reports`, report);
  const device = { id: v7(), name: 'Gun at cage 2' };
  await owner.post('/devices', device);
  const invitation = { id: v7(), name: 'Bo', email: 'bo@first.example', role: 'assistant' };
  await owner.post('/invitations', invitation);
  const page = await owner.whole(athlete.id);
  const { id: drill, drill: drillName } = page.body.plan.threads[0].stages[0].drills[0] as {
    id: string;
    drill: string;
  };
  // A plan starts a thread with a solver: only where somebody asks for it.
  const camp = withCamp ? await plannedCamp(owner, [athlete.id]) : null;
  const link = { id: v7(), kind: 'sign-up', athleteId: null, days: 30 };
  if (camp) await owner.post(`/camps/${camp.id}/links`, link);
  const theirs: Record<string, string> = {
    athlete: athlete.id,
    ...(camp ? { camp: camp.id, setup: camp.setupId, campPlan: camp.plan.id, campLink: link.id } : {}),
    look: look.id,
    session: session.id,
    trace: trace.id,
    plan: plan.id,
    drill,
    drillName,
    clip: clip.id,
    injury: injury.id,
    picture,
    share: share.id,
    report: report.id,
    device: device.id,
    invitation: invitation.id,
    person: (await here
      .db('people')
      .where({ email: first.email('assistant') })
      .first('id'))!.id,
    deletion: v7(),
  };

  /** Everything stored, to see that a refused request changed nothing. */
  const counts = async () => {
    const of = async (table: string) => [table, Number((await here.db(table).count({ n: '*' }))[0]!['n'])];
    return Object.fromEntries(await Promise.all(countedTables.map(of)));
  };
  const bodies = { ...bodiesFor(theirs), ...(camp ? campBodies(theirs, camp.setup) : {}) };
  return { here, owner, assistant, rival, nobody, theirs, bodies, counts };
}

/** Somebody new with a session under way, and a way to log in it. */
export async function working(set: Awaited<ReturnType<typeof fixtures>>, givenName: string) {
  const { today } = (await set.owner.get('/session')).body;
  const athlete = form({ givenName });
  await set.owner.post('/athletes', athlete);
  const id = athlete.id as string;
  const session = v7();
  const send = async (kind: string, body: object, eventId = v7()) => {
    const event = { id: eventId, at: new Date().toISOString(), kind, ...body };
    return (await set.owner.post('/log', { events: [event] })).body.responses[0];
  };
  await send('session-begun', { athleteId: id, planId: null, zone: 'Europe/London', date: today }, session);
  const page = async () => (await set.owner.whole(id)).body;
  return { id, session, send, page };
}
