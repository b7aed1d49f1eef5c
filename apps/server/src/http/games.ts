import { calendarText, newGames } from '@wrightonic/contract';
import { addDays, TableError, dayAt } from '@wrightonic/core';
import { Router } from 'express';
import { mustInstruct } from '../auth/session';
import { BudgetSpent, type Parser } from '../parse/parser';
import { addGames } from '../store/ahead';
import { athlete } from '../store/athletes';
import { body, found, pathId, who } from './input';
import { refusedField } from './refused';

/** A season ahead is what anybody plans for. */
const daysAhead = 365;

/** Games of a league calendar: read and shown first, then kept. */
export function gameRoutes(parser: Parser): Router {
  const routes = Router();
  routes.post('/athletes/:id/games/import', mustInstruct, async (request, response) => {
    const { academy, home } = who(request);
    found(await athlete(academy, pathId(request)), 'athlete');
    const { text } = body(request, calendarText);
    const from = dayAt(new Date(), home.zone);
    try {
      response.json(await parser.games({ text, from, until: addDays(from, daysAhead), zone: home.zone }));
    } catch (error) {
      if (error instanceof TableError || error instanceof BudgetSpent)
        throw refusedField('text', error.message);
      throw error;
    }
  });
  routes.post('/athletes/:id/games', mustInstruct, async (request, response) => {
    const { academy, person } = who(request);
    const { id } = found(await athlete(academy, pathId(request)), 'athlete');
    const { games } = body(request, newGames);
    await addGames(academy, id, games, person.id);
    response.status(201).json({ added: games.length });
  });
  return routes;
}
