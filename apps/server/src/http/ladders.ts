import {
  drillAddition,
  drillPlace,
  drillSwap,
  stageMove,
  stageMoves,
  type RosterMove,
  type StageMove,
} from '@wrightonic/contract';
import { barredBecause, dayAt, presentStage, type Drill } from '@wrightonic/core';
import { Router, type Request } from 'express';
import type { SignedIn } from '../auth/authSession';
import { bookOf } from '../store/drills';
import { addDrill, placeDrill, swapDrill } from '../store/ladders';
import { isMoved, moveStage, plan, plansOf, type StoredPlan } from '../store/plans';
import type { Academy } from '../store/scope';
import { freshenMoves, proposedMoves } from '../store/state/athleteStates';
import { traceById } from '../store/traces';
import { athleteAndAge } from './athletePage';
import { body, orNotFound, pathId, currentUser } from './input';
import { HttpError, fieldError } from './httpError';
import { anybody, kept, type Asked } from './keptAnswer';
import { changing, stateOf } from './stateOf';
import { texts } from './texts';

/** A drill that is new in the plan must be for the delivery, the age and what is cleared. */
async function mustFit(request: Request, athleteId: string, id: string): Promise<Drill> {
  const drill = (await bookOf(currentUser(request).academy)).all.find((each) => each.id === id);
  if (!drill) throw fieldError('drill', texts.noDrillToGive(id));
  const { row, age, history } = await athleteAndAge(currentUser(request), athleteId);
  if (drill.discipline !== 'both' && drill.discipline !== row.discipline)
    throw fieldError('drill', texts.isNotFor(drill.id, row.discipline));
  const why = barredBecause(drill, { age, history });
  if (why) throw fieldError('drill', `${drill.name}: ${why}`);
  return drill;
}

/** A drill of a plan with the stage that it is on. */
function rungOf({ threads }: StoredPlan, id: string) {
  for (const thread of threads)
    for (const rung of thread.stages) {
      const drill = rung.drills.find((each) => each.id === id);
      if (drill) return { thread, rung, drill };
    }
  return null;
}

const gone = () => new HttpError(409, texts.drillWasChanged);

/** After a change of a ladder the gates may propose something else. */
const changed = <T>(
  signedIn: SignedIn,
  athletes: readonly string[],
  change: (academy: Academy) => Promise<T>,
): Promise<T> => changing(signedIn, athletes, ['moves'], change);

async function swap(request: Request): Promise<{ id: string }> {
  const { academy, person } = currentUser(request);
  const fresh = body(request, drillSwap);
  const stored = orNotFound(await plan(academy, pathId(request)), 'plan');
  const old = pathId(request, 'drill');
  await mustFit(request, stored.athleteId, fresh.drill);
  if (rungOf(stored, old)?.drill.locked) throw new HttpError(409, texts.drillIsLocked);
  const swapped = await changed(currentUser(request), [stored.athleteId], (current) =>
    swapDrill(current, stored.id, old, fresh, person.id),
  );
  if (!swapped) throw gone();
  return { id: fresh.id };
}

async function place(request: Request): Promise<{ id: string }> {
  const { academy, person } = currentUser(request);
  const wish = body(request, drillPlace);
  const stored = orNotFound(await plan(academy, pathId(request)), 'plan');
  const standing = rungOf(stored, pathId(request, 'drill'));
  if (!standing) throw gone();
  const { thread, rung, drill } = standing;
  if (wish.after && !rung.drills.some(({ id }) => id === wish.after))
    throw fieldError('after', texts.isNoLongerOnTheStage);
  if (wish.removed && drill.locked) throw new HttpError(409, texts.drillIsLocked);
  if (wish.removed && rung.drills.length === 1 && rung.stage === presentStage(thread))
    throw fieldError('removed', texts.stageIsWorkedNow(rung.stage));
  await changed(currentUser(request), [stored.athleteId], (current) =>
    placeDrill(
      current,
      drill.id,
      rung.drills.map(({ id }) => id),
      wish,
      person.id,
    ),
  );
  return { id: wish.id };
}

async function add(request: Request): Promise<{ id: string }> {
  const { academy, person } = currentUser(request);
  const wish = body(request, drillAddition);
  const stored = orNotFound(await plan(academy, pathId(request)), 'plan');
  const thread = orNotFound(
    stored.threads.find((each) => each.thread === wish.thread),
    'thread',
  );
  const drill = await mustFit(request, stored.athleteId, wish.drill);
  if (drill.stage !== wish.stage) throw fieldError('stage', texts.belongsTo(drill.name, drill.stage));
  const there = thread.stages.flatMap(({ drills }) => drills).find((each) => each.drill === wish.drill);
  if (there && there.id !== wish.id) throw fieldError('drill', texts.isAlreadyInLadder(drill.name));
  if (!there) {
    const { approach } = orNotFound(await traceById(academy, stored.traceId), 'trace').result;
    await changed(currentUser(request), [stored.athleteId], (current) =>
      addDrill(current, stored, wish, approach.teach, person.id),
    );
  }
  return { id: wish.id };
}

/** Moves a thread, or keeps it where it is against what the gate proposes. */
async function move({ academy, person }: SignedIn, stored: StoredPlan, wish: StageMove): Promise<void> {
  if (await isMoved(academy, wish.id)) return;
  const thread = orNotFound(
    stored.threads.find((each) => each.thread === wish.thread),
    'thread',
  );
  if (!thread.stages.some(({ stage }) => stage === wish.to))
    throw fieldError('to', texts.threadHasNoStage(wish.thread, wish.to));
  const now = presentStage(thread);
  if (wish.to === now && !wish.reason.trim()) throw fieldError('reason', texts.sayWhyThread(now));
  await moveStage(academy, thread.id, wish, wish.to === now, person.id);
}

/** What the gates propose over the whole roster, who is to move up first. */
async function proposals(asked: Asked<unknown>): Promise<RosterMove[]> {
  const { academy, academyRow } = asked;
  await freshenMoves(academy, stateOf(asked));
  const moves = await proposedMoves(academy, dayAt(new Date(), academyRow.zone));
  return moves.sort((a, b) => b.direction.localeCompare(a.direction) || a.name.localeCompare(b.name));
}

export function ladderRoutes(): Router {
  const routes = Router();
  routes.put('/plans/:id/drills/:drill', async (request, response) => {
    response.json(await swap(request));
  });
  routes.put('/plans/:id/drills/:drill/place', async (request, response) => {
    response.json(await place(request));
  });
  routes.post('/plans/:id/drills', async (request, response) => {
    response.status(201).json(await add(request));
  });
  routes.post('/plans/:id/stage-moves', async (request, response) => {
    const wish = body(request, stageMove);
    const stored = orNotFound(await plan(currentUser(request).academy, pathId(request)), 'plan');
    await changed(currentUser(request), [stored.athleteId], (academy) =>
      move({ ...currentUser(request), academy }, stored, wish),
    );
    response.status(201).json({ id: wish.id });
  });
  routes.get(
    '/stage-proposals',
    kept(anybody, (asked) => proposals(asked)),
  );
  routes.post('/stage-moves', async (request, response) => {
    const { moves } = body(request, stageMoves);
    const signedIn = currentUser(request);
    const plans = await plansOf(signedIn.academy, [...new Set(moves.map(({ planId }) => planId))]);
    // All or none: half a list taken is worse than a list to take again.
    const athletes = [...new Set(plans.map(({ athleteId }) => athleteId))];
    await changed(signedIn, athletes, async (academy) => {
      for (const wish of moves)
        await move(
          { ...signedIn, academy },
          orNotFound(
            plans.find(({ id }) => id === wish.planId),
            'plan',
          ),
          wish,
        );
    });
    response.status(201).json({ moved: moves.length });
  });
  return routes;
}
