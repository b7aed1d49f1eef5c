import { calendarText, newGames } from '@wrightonic/contract';
import { addDays, TableError, dayAt } from '@wrightonic/core';
import { Router } from 'express';
import { BudgetSpent, type Parser } from '../parse/parser';
import { addGames } from '../store/upcoming';
import { athlete } from '../store/athletes';
import { body, orNotFound, pathId, currentUser } from './input';
import { fieldError } from './httpError';

/** A season ahead is what anybody plans for. */
const daysAhead = 365;

/** Games of a league calendar: read and shown first, then kept. */
export function gameRoutes(parser: Parser): Router {
  const routes = Router();
  routes.post('/athletes/:id/games/import', async (request, response) => {
    const { academy, academyRow } = currentUser(request);
    orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const { text } = body(request, calendarText);
    const from = dayAt(new Date(), academyRow.zone);
    try {
      response.json(
        await parser.games({ text, from, until: addDays(from, daysAhead), zone: academyRow.zone }),
      );
    } catch (error) {
      if (error instanceof TableError || error instanceof BudgetSpent)
        throw fieldError('text', error.message);
      throw error;
    }
  });
  routes.post('/athletes/:id/games', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
    const { games } = body(request, newGames);
    await addGames(academy, id, games, person.id);
    response.status(201).json({ added: games.length });
  });
  return routes;
}
