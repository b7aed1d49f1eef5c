import {
  archiving,
  newDeletion,
  retention,
  type DeletionRecord,
  type RetentionPage,
} from '@wrightonic/contract';
import { Router, type Request } from 'express';
import { athlete } from '../store/athletes';
import { note } from '../store/auditEvents';
import {
  askForDeletion,
  confirmDeletion,
  daysToTakeBack,
  deletions,
  retentionOf,
  setArchived,
  takeBackDeletion,
} from '../store/deletions';
import { lessonsBetween } from '../store/lessons';
import type { Academy } from '../store/scope';
import { body, currentUser, orNotFound, pathId } from './input';
import { HttpError } from './httpError';
import { texts } from './texts';

const dayMs = 86_400_000;
/** As far ahead as a lesson may lie. */
const lessonsAhead = 400;

/** Lessons to come, for which somebody would wait in vain. */
async function lessonsToCome(academy: Academy, athleteId: string): Promise<number> {
  const now = Date.now();
  const of = { athlete_id: athleteId };
  const all = await lessonsBetween(academy, new Date(now), new Date(now + lessonsAhead * dayMs), of);
  return all.filter(({ state }) => state === 'on' || state === 'moved').length;
}

/** Out of the lists, and out for good. */
export function removalRoutes(): Router {
  const routes = Router();
  const found = async (request: Request): Promise<DeletionRecord> => {
    const { academy, person } = currentUser(request);
    const id = pathId(request);
    const all = await deletions(academy, person, new Date());
    return orNotFound(
      all.find((each) => each.id === id),
      'deletion',
    );
  };

  routes.get('/retention', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    const now = new Date();
    const page: RetentionPage = {
      ...(await retentionOf(academy, academyRow.retentionYears, now)),
      deletions: await deletions(academy, person, now),
    };
    response.json(page);
  });
  routes.put('/retention', async (request, response) => {
    const { academy } = currentUser(request);
    const { years } = body(request, retention);
    await academy.settle({ retention_years: years });
    response.json({ years });
  });

  routes.put('/athletes/:id/archived', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const { archived } = body(request, archiving);
    const lessons = archived ? await lessonsToCome(academy, id) : 0;
    if (lessons) throw new HttpError(409, texts.lessonsStillToCome(lessons));
    const open = (await deletions(academy, person, new Date())).some((each) => each.athlete.id === id);
    if (open) throw new HttpError(409, texts.deletionIsUnderWay);
    await setArchived(academy, id, archived);
    response.json({ id });
  });

  routes.post('/athletes/:id/deletion', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const wish = body(request, newDeletion);
    if (!(await askForDeletion(academy, id, wish, person.id)))
      throw new HttpError(409, texts.deletionWasAskedFor);
    response.status(201).json({ id: wish.id });
  });
  routes.post('/deletions/:id/confirm', async (request, response) => {
    const { academy, person } = currentUser(request);
    const deletion = await found(request);
    if (deletion.dueAt) throw new HttpError(409, texts.hasConfirmed(deletion.confirmedBy));
    if (!deletion.confirm.may) throw new HttpError(403, deletion.confirm.why);
    const due = await confirmDeletion(academy, deletion, person.id, new Date());
    await note(academy, {
      kind: 'deleted',
      told: texts.confirmedADeletion(daysToTakeBack),
      subject: deletion.athlete.id,
      person: person.id,
    });
    response.status(201).json({ dueAt: due.toISOString() });
  });
  routes.post('/deletions/:id/end', async (request, response) => {
    const { academy, person } = currentUser(request);
    const deletion = await found(request);
    await takeBackDeletion(academy, deletion, person.id);
    response.status(201).json({ id: deletion.id });
  });
  return routes;
}
