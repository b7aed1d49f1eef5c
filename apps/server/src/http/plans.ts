import { drillSwap, newAssignment, newPlan, stageMove } from '@wrightonic/contract';
import {
  addDays,
  ageOn,
  barredBecause,
  buildLadders,
  drillOf,
  drillThrows,
  planAgainstLimits,
  type Drill,
} from '@wrightonic/core';
import { Router, type Request } from 'express';
import { mustInstruct } from '../auth/session';
import { athlete } from '../store/athletes';
import { addAssignment, addPlan, moveStage, plan, planState, swapDrill } from '../store/plans';
import { historyOf } from '../store/profile';
import { throwsOf } from '../store/throws';
import { traceById } from '../store/traces';
import { venueDay } from '../store/venueDay';
import { equipmentOf, latelyThrown } from './athletePage';
import { body, found, pathId, who } from './input';
import { Refused, refusedField } from './refused';

const relookAfterDays = 14;

async function athleteOf(request: Request, id: string) {
  const { academy, home } = who(request);
  const row = found(await athlete(academy, id), 'athlete');
  const age = ageOn(row.birthdate, venueDay(new Date(), home.zone));
  const history = await historyOf(academy, row.id);
  return { row, age, barred: (drill: Drill) => barredBecause(drill, { age, history }) };
}

async function makePlan(request: Request): Promise<{ id: string }> {
  const { academy, person } = who(request);
  const wish = body(request, newPlan);
  const { row, age, barred } = await athleteOf(request, pathId(request));
  const traced = found(await traceById(academy, wish.traceId), 'trace');
  if (traced.athleteId !== row.id) throw new Refused(404, 'This trace is of another athlete.');
  const ladders = buildLadders(
    traced.chosen,
    { discipline: row.discipline, age, equipment: equipmentOf(row, who(request)), barred },
    traced.result,
  );
  await addPlan(
    academy,
    {
      id: wish.id,
      athleteId: row.id,
      traceId: traced.id,
      startsOn: wish.startsOn,
      endsOn: addDays(wish.startsOn, wish.weeks * 7),
      relookOn: addDays(wish.startsOn, relookAfterDays),
    },
    ladders,
    new Date(),
    person.id,
  );
  return { id: wish.id };
}

async function assign(request: Request): Promise<{ id: string }> {
  const { academy, person } = who(request);
  const wish = body(request, newAssignment);
  const whole = found(await plan(academy, pathId(request)), 'plan');
  const { row, barred } = await athleteOf(request, whole.athleteId);
  const drills = whole.threads.flatMap(({ stages }) => stages.flatMap((stage) => stage.drills));
  const chosen = wish.drills.map((id) => {
    const drill = drills.find((each) => each.id === id);
    if (!drill)
      throw new Refused(422, `drills: ${id} is not in this plan`, [
        { field: 'drills', message: 'a drill is not in this plan any more' },
      ]);
    return drill;
  });
  const outside = wish.days.find((date) => date < wish.from || date > addDays(wish.from, 6));
  if (outside)
    throw new Refused(422, `days: ${outside} is outside the week from ${wish.from}`, [
      { field: 'days', message: `${outside} is outside the week from ${wish.from}` },
    ]);
  for (const { drill } of chosen) {
    const why = barred(drillOf(drill)!);
    if (why) throw refusedField('drills', `${drillOf(drill)!.name}: ${why}`);
  }
  const drillIds = chosen.map(({ drill }) => drill);
  const throwsADay = drillThrows(drillIds, [wish.from]).reduce((sum, { count }) => sum + count, 0);
  const lately = latelyThrown(await throwsOf(academy, row.id), venueDay(new Date(), who(request).home.zone));
  const [problem] = planAgainstLimits({ ...row, throws: lately }, drillThrows(drillIds, wish.days)).filter(
    ({ kind }) => kind === 'limit',
  );
  if (problem && !wish.reason.trim())
    throw refusedField('reason', `on ${problem.date} ${problem.message}; say why, or take drills out`);
  await addAssignment(academy, whole, { ...wish, days: [...wish.days].sort() }, throwsADay, person.id);
  return { id: wish.id };
}

export function planRoutes(): Router {
  const routes = Router();

  routes.post('/athletes/:id/plans', mustInstruct, async (request, response) => {
    response.status(201).json(await makePlan(request));
  });

  routes.put('/plans/:id/drills/:drill', mustInstruct, async (request, response) => {
    const { academy, person } = who(request);
    const id = pathId(request);
    const fresh = body(request, drillSwap);
    const { row, barred } = await athleteOf(request, found(await planState(academy, id), 'plan').athleteId);
    const wanted = drillOf(fresh.drill)!;
    const { discipline } = wanted;
    if (discipline !== 'both' && discipline !== row.discipline)
      throw new Refused(422, `drill: ${fresh.drill} is not for ${row.discipline}`, [
        { field: 'drill', message: `is not for ${row.discipline}` },
      ]);
    const why = barred(wanted);
    if (why) throw refusedField('drill', `${wanted.name}: ${why}`);
    const swapped = await swapDrill(academy, id, pathId(request, 'drill'), fresh, person.id);
    if (!swapped) throw new Refused(409, 'This drill was swapped already. Look at the plan again.');
    response.json({ id: fresh.id });
  });

  routes.post('/plans/:id/stage-moves', mustInstruct, async (request, response) => {
    const { academy, person } = who(request);
    const move = body(request, stageMove);
    const whole = found(await plan(academy, pathId(request)), 'plan');
    const thread = found(
      whole.threads.find((each) => each.thread === move.thread),
      'thread',
    );
    if (!thread.stages.some(({ stage }) => stage === move.to))
      throw new Refused(422, `to: the ${move.thread} thread has no ${move.to} stage`, [
        { field: 'to', message: `the ${move.thread} thread has no ${move.to} stage` },
      ]);
    await moveStage(academy, thread.id, move, person.id);
    response.status(201).json({ id: move.id });
  });

  routes.post('/plans/:id/assignments', mustInstruct, async (request, response) => {
    response.status(201).json(await assign(request));
  });

  return routes;
}
