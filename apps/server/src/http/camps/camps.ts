import {
  campArchiving,
  changedSetup,
  handPlan,
  memberRows,
  newCamp,
  planWish,
  restoredPlan,
  type CampDayRecord,
  type CampPlanning,
  type CampPlanRecord,
} from '@wrightonic/contract';
import { copiedSetup, daysOf, emptySetup, usualSetup } from '@wrightonic/core';
import { Router, type Request } from 'express';
import { v7 } from 'uuid';
import { planCampBeside } from '../../solver/camps';
import type { JobRunner } from '../../solver/jobs';
import { campDay } from '../../store/campDay';
import {
  addCamp,
  addChange,
  addMembers,
  addPlan,
  addSetup,
  archive,
  camps,
  membersOf,
  newestSetup,
  planById,
} from '../../store/camps';
import { publishCamp } from '../changeFeed';
import type { EventBus } from '../../peers/eventBus';
import { fieldError, HttpError } from '../httpError';
import { body, currentUser, orNotFound, pathId } from '../input';
import { anybody, kept, privy } from '../keptAnswer';
import { campRecord, wholeCamp } from './campRecord';
import { endedBy, planned, plannedByHand, type Planner } from './planning';
import { texts } from './texts';

const changedMeanwhile = (): HttpError => new HttpError(409, texts.changedMeanwhile);

/** Camps: what they are made of, who comes, and their plans. */
export function campRoutes(jobs: JobRunner, events: EventBus): Router {
  const routes = Router();
  routes.get(
    '/camps',
    kept(
      ({ campId }) => campId,
      async ({ academy, person: campId }) => {
        const all = await camps(academy);
        return campId ? all.filter(({ id }) => id === campId) : all;
      },
    ),
  );
  routes.post('/camps', async (request, response) => {
    const { academy, person } = currentUser(request);
    const { copyOf, from, ...wish } = body(request, newCamp);
    if (wish.lastDay < wish.firstDay) throw fieldError('lastDay', texts.lastDayIsBefore);
    const copied = copyOf ? orNotFound(await newestSetup(academy, copyOf), 'camp').setup : null;
    const { id: _, setupId: __, ...head } = wish;
    const begun = copied
      ? copiedSetup(copied, head, v7)
      : from === 'usual'
        ? usualSetup(head, v7)
        : emptySetup(head);
    await addCamp(academy, wish, begun, person.id);
    response.status(201).json({ id: wish.id });
  });
  routes.get(
    '/camps/:id',
    kept(privy, async (asked, request) => {
      const camp = await campRecord(asked, pathId(request));
      if (asked.person.contacts) return camp;
      return { ...camp, members: camp.members.map((member) => ({ ...member, guardians: [] })) };
    }),
  );
  routes.put('/camps/:id/setup', async (request, response) => {
    const { academy, person } = currentUser(request);
    const id = pathId(request);
    const wish = body(request, changedSetup);
    const stands = orNotFound(await newestSetup(academy, id), 'camp');
    if (stands.id !== wish.id) {
      if (stands.id !== wish.before || !(await addSetup(academy, id, wish, person.id)))
        throw changedMeanwhile();
      publishCamp(events, academy.id, id);
    }
    response.json({ id: wish.id });
  });
  routes.post('/camps/:id/members', async (request, response) => {
    const { academy, person } = currentUser(request);
    const id = pathId(request);
    const { members } = body(request, memberRows);
    orNotFound(await newestSetup(academy, id), 'camp');
    await addMembers(academy, id, members, person.id);
    publishCamp(events, academy.id, id);
    response.status(201).json({ added: members.length });
  });
  routes.post('/camps/:id/archive', async (request, response) => {
    const { academy, person } = currentUser(request);
    const id = pathId(request);
    const wish = body(request, campArchiving);
    orNotFound(await newestSetup(academy, id), 'camp');
    await archive(academy, id, wish, person.id);
    response.status(201).json({ id: wish.id });
  });
  routes.get(
    '/camps/:id/days/:date',
    kept(anybody, async ({ academy, academyRow }, request): Promise<CampDayRecord> => {
      const id = pathId(request);
      const { setup } = orNotFound(await newestSetup(academy, id), 'camp');
      const date = orNotFound(
        daysOf(setup).find((day) => day === request.params['date']),
        texts.dayOfCamp,
      );
      const members = await membersOf(academy, id);
      const ids = members.map(({ athleteId }) => athleteId);
      return { date, athletes: await campDay(academy, id, ids, date, academyRow.zone) };
    }),
  );
  planRoutes(routes, jobs, events);
  return routes;
}

/** Plans are made beside everything else, followed and stopped; each is kept, so that it can be taken back. */
function planRoutes(routes: Router, jobs: JobRunner, events: EventBus): void {
  const planner: Planner = (campId, inputs) => planCampBeside(jobs, campId, inputs);
  const askedOf = async (request: Request) => {
    const { academy, academyRow, person } = currentUser(request);
    const camp = await wholeCamp({ academy, academyRow }, pathId(request));
    return {
      camp,
      academy,
      personId: person.id,
      asked: { camp, zone: academyRow.zone, by: person.name, now: new Date() },
    };
  };
  const mustStand = (camp: { plan: CampPlanRecord | null }, before: string | null): void => {
    if ((camp.plan?.id ?? null) !== before) throw changedMeanwhile();
  };
  routes.post('/camps/:id/plans', async (request, response) => {
    const wish = body(request, planWish);
    const { camp, academy, personId, asked } = await askedOf(request);
    if (camp.plan?.id === wish.id) return void response.json(camp.plan);
    mustStand(camp, wish.before);
    const record = await planned(planner, asked, wish);
    const stored = await academy.transaction(async (trx) => {
      if (!(await addPlan(trx, camp.id, record, wish.before, personId))) return false;
      const { change } = wish;
      if (!change) return true;
      if (!change.ends)
        for (const ended of endedBy(camp, change))
          await addChange(trx, camp.id, { ...ended, id: v7(), ends: ended.id }, personId);
      await addChange(trx, camp.id, change, personId);
      return true;
    });
    if (!stored) throw changedMeanwhile();
    publishCamp(events, academy.id, camp.id);
    response.status(201).json(record);
  });
  routes.put('/camps/:id/plans', async (request, response) => {
    const wish = body(request, handPlan);
    const { camp, academy, personId, asked } = await askedOf(request);
    if (camp.plan?.id === wish.id) return void response.json(camp.plan);
    mustStand(camp, wish.before);
    const record = plannedByHand(asked, wish);
    if (!(await addPlan(academy, camp.id, record, wish.before, personId))) throw changedMeanwhile();
    publishCamp(events, academy.id, camp.id);
    response.json(record);
  });
  routes.post('/camps/:id/plans/restore', async (request, response) => {
    const { id, of, before } = body(request, restoredPlan);
    const { camp, academy, personId } = await askedOf(request);
    if (camp.plan?.id === id) return void response.json(camp.plan);
    mustStand(camp, before);
    const earlier = orNotFound(await planById(academy, camp.id, of), 'plan');
    const record = {
      ...earlier,
      id,
      at: new Date().toISOString(),
      why: texts.backTo(earlier.why).slice(0, 120),
    };
    if (!(await addPlan(academy, camp.id, record, before, personId))) throw changedMeanwhile();
    publishCamp(events, academy.id, camp.id);
    response.status(201).json(record);
  });
  routes.get('/camps/:id/planning', async (request, response) => {
    const { academy } = currentUser(request);
    const id = pathId(request);
    orNotFound(await newestSetup(academy, id), 'camp');
    const planning: CampPlanning | null = await jobs.planning(id);
    response.json({ planning });
  });
  routes.post('/camps/:id/planning/stop', async (request, response) => {
    const { academy } = currentUser(request);
    const id = pathId(request);
    orNotFound(await newestSetup(academy, id), 'camp');
    await jobs.stop(id);
    response.status(202).json({ id });
  });
}
