import { v7 } from 'uuid';
import { academy, browser, form, logs, stand, type Stand } from './stand';

export const day = '2026-05-01';

/** A good request for each route that takes one, about the first academy's things. */
export const bodiesFor = (theirs: Record<string, string>): Record<string, () => object> => ({
  'PUT /profile': () => ({ hand: 'L', velocityUnit: 'mph', approach: form().approach }),
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
  'POST /plans/:id/stage-moves': () => ({ id: v7(), thread: 'lower', to: 'feel', reason: '' }),
  'POST /plans/:id/assignments': () => ({
    id: v7(),
    from: day,
    days: [day],
    drills: [theirs['drill']],
    reason: '',
  }),
});

/** Two academies on one server, the first with an athlete, a look, a trace, a plan and a session. */
export async function furnished() {
  const here: Stand = await stand();
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
  await owner.post('/log', { events: [...look.events, session] });
  const trace = { id: v7(), lookId: look.id, lower: 'oh.lift-stall', arm: null, reason: '' };
  await owner.post(`/athletes/${athlete.id}/traces`, trace);
  const plan = { id: v7(), traceId: trace.id, startsOn: day, weeks: 2 };
  await owner.post(`/athletes/${athlete.id}/plans`, plan);
  const page = await owner.get(`/athletes/${athlete.id}`);
  const drill = page.body.plan.threads[0].stages[0].drills[0].id as string;
  const theirs: Record<string, string> = {
    athlete: athlete.id,
    look: look.id,
    session: session.id,
    trace: trace.id,
    plan: plan.id,
    drill,
  };

  /** Everything stored, to see that a refused request changed nothing. */
  const counts = async () => {
    const tables = [
      'athletes',
      'lessons',
      'looks',
      'findings',
      'look_ends',
      'traces',
      'plans',
      'plan_drills',
      'stage_moves',
      'assignments',
      'sessions',
    ];
    const of = async (table: string) => [table, Number((await here.db(table).count({ n: '*' }))[0]!['n'])];
    return Object.fromEntries(await Promise.all(tables.map(of)));
  };
  return { here, owner, assistant, rival, nobody, theirs, bodies: bodiesFor(theirs), counts };
}
