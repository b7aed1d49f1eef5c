import { academyPlanning, newLexiconEdit, newNormEdit, type AcademyPlanning } from '@wrightonic/contract';
import { Router } from 'express';
import type { AcademyRow, UnscopedStore } from '../store/academies';
import { addLexiconEdit, lexiconEdits } from '../store/lexicon';
import { markerSheets } from '../store/markerSheets';
import { addNormEdit, normEdits } from '../store/norms';
import { athleteIds } from '../store/athletes';
import { body, currentUser } from './input';
import { changing } from './stateOf';

export const planningOf = ({
  equipment,
  weekThrows,
  buildUpWeeks,
  rampPercent,
  carryDays,
  allHard,
  growthNote,
}: AcademyRow): AcademyPlanning => ({
  equipment,
  weekThrows,
  buildUpWeeks,
  rampPercent,
  carryDays,
  allHard,
  growthNote,
});

/** What holds for every plan of the academy: its owner's word. */
export function academyRoutes(unscoped: UnscopedStore): Router {
  const routes = Router();
  routes.get('/planning', (request, response) => {
    response.json(planningOf(currentUser(request).academyRow));
  });
  routes.put('/planning', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    await unscoped.changePlanning(academy.id, body(request, academyPlanning), person.id);
    const changed = (await unscoped.academy(academy.id))!;
    // How long a grade is carried decides whether a look is clean.
    if (changed.carryDays !== academyRow.carryDays)
      for (const id of await athleteIds(academy))
        await changing({ academy, academyRow: changed }, [id], ['look'], async () => undefined);
    response.json(planningOf(changed));
  });
  routes.get('/lexicon', async (request, response) => {
    response.json(await lexiconEdits(currentUser(request).academy));
  });
  routes.post('/lexicon', async (request, response) => {
    const { academy, person } = currentUser(request);
    const edit = body(request, newLexiconEdit);
    await addLexiconEdit(academy, edit, person.id);
    response.status(201).json({ id: edit.id });
  });
  routes.get('/norms', async (request, response) => {
    response.json(await normEdits(currentUser(request).academy));
  });
  routes.post('/norms', async (request, response) => {
    const { academy, person } = currentUser(request);
    const edit = body(request, newNormEdit);
    await addNormEdit(academy, edit, person.id);
    response.status(201).json({ id: edit.id });
  });
  routes.get('/marker-sheets', async (request, response) => {
    response.json(await markerSheets(currentUser(request).academy));
  });
  return routes;
}
