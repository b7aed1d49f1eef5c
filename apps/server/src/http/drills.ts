import {
  check,
  drillFile,
  drillFileFormat,
  drillFileText,
  drillsKept,
  problem,
  type DrillFileRead,
  type DrillsKept,
  type Problem,
} from '@wrightonic/contract';
import { bookWith, faultsOf, type OwnDrill } from '@wrightonic/core';
import { Router, type Request } from 'express';
import toJsonSchema from 'joi-to-json';
import { keepDrills, ownDrills } from '../store/drills';
import { athletesWorking } from '../store/plans';
import { refreshAthletes } from '../store/state/refresh';
import { body, currentUser } from './input';
import { HttpError } from './httpError';
import { stateOf } from './stateOf';
import { texts } from './texts';

/** As many faults as anybody reads. */
const shownFaults = 12;

/** What a file of drills has to look like, for whoever writes one elsewhere. */
export const drillSchema = () => ({
  $schema: 'https://json-schema.org/draft/2019-09/schema',
  $id: 'wrightonic-drills-1',
  title: texts.drillsTitle,
  ...(toJsonSchema(drillFile, 'json-draft-2019-09') as object),
});

/** Refuses drills of which one is wrong, naming the drill and the field. */
function mustBeRight(drills: readonly OwnDrill[], kept: Parameters<typeof bookWith>[0], path: string): void {
  const fresh = new Map([...kept.map((each) => [each.drill.id, each] as const)]);
  for (const drill of drills) fresh.set(drill.id, { drill, retired: false });
  const book = bookWith([...fresh.values()]);
  const problems: Problem[] = drills.flatMap((drill, n) =>
    faultsOf(drill, book).map(({ field, why }) => ({
      field: `${path}.${n}.${field}`,
      message: `${drill.name}: ${field} ${why}`,
      text: why,
    })),
  );
  refuse(problems);
}

function refuse(problems: readonly Problem[]): void {
  if (problems.length === 0) return;
  const more = problems.length > shownFaults ? ` And ${problems.length - shownFaults} more.` : '';
  const words = problems.slice(0, shownFaults).map(({ message }) => message);
  throw new HttpError(422, `${words.join('; ')}.${more}`, problems.slice(0, shownFaults));
}

/** The drills of a file; a file that is none, or breaks the schema, is refused in words. */
function drillsIn(text: string): OwnDrill[] {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch (error) {
    throw new HttpError(422, texts.fileIsNoJson((error as Error).message), [problem('text', texts.isNoJson)]);
  }
  if ((parsed as { format?: unknown } | null)?.format !== drillFileFormat)
    refuse([problem('format', texts.formatMustBe(drillFileFormat))]);
  const checked = check(drillFile, parsed);
  if (checked.problems) refuse(checked.problems);
  return checked.value!.drills;
}

async function read(request: Request): Promise<DrillFileRead> {
  const drills = drillsIn(body(request, drillFileText).text);
  const kept = await ownDrills(currentUser(request).academy);
  mustBeRight(drills, kept, 'drills');
  const there = new Map(kept.map((each) => [each.drill.id, each]));
  // The order of fields says nothing: both go through the schema's own.
  const written = (drill: OwnDrill) => JSON.stringify(inOrder(drill));
  const same = drills.filter(({ id }) => there.has(id) && !there.get(id)!.retired);
  const unchanged = new Set(
    same.filter((drill) => written(there.get(drill.id)!.drill) === written(drill)).map(({ id }) => id),
  );
  return {
    fresh: drills.filter(({ id }) => !there.has(id)),
    changed: drills.filter(({ id }) => there.has(id) && !unchanged.has(id)),
    same: [...unchanged],
  };
}

/** The same value with the fields of every object in one order. */
function inOrder(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(inOrder);
  if (value === null || typeof value !== 'object') return value;
  const entries = Object.entries(value).sort(([a], [b]) => a.localeCompare(b));
  return Object.fromEntries(entries.map(([key, each]) => [key, inOrder(each)]));
}

async function keep(request: Request): Promise<DrillsKept> {
  const { academy, person } = currentUser(request);
  const wish = body(request, drillsKept);
  mustBeRight(
    wish.drills.map(({ drill }) => drill),
    await ownDrills(academy),
    'drills',
  );
  await academy.current(async (current) => {
    await keepDrills(current, wish.drills, person.id);
    // The gates of a drill hang on its levels.
    const working = await athletesWorking(
      current,
      wish.drills.map(({ drill }) => drill.id),
    );
    await refreshAthletes(
      current,
      working,
      ['moves'],
      stateOf({ ...currentUser(request), academy: current }),
    );
  });
  return wish;
}

/** What anybody may read who writes a file of drills. */
export function schemaRoutes(): Router {
  const routes = Router();
  routes.get('/schemas/drills', (_request, response) => {
    response.type('application/schema+json').send(JSON.stringify(drillSchema(), null, 2));
  });
  return routes;
}

export function drillRoutes(): Router {
  const routes = Router();
  routes.get('/drills', async (request, response) => {
    response.json(await ownDrills(currentUser(request).academy));
  });
  routes.post('/drills/import', async (request, response) => {
    response.json(await read(request));
  });
  routes.post('/drills', async (request, response) => {
    const { drills } = await keep(request);
    response.status(201).json({ kept: drills.length });
  });
  return routes;
}
