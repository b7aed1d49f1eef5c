import {
  newLinkEdit,
  traceChoice,
  finishedBefore,
  traceInputOf,
  type CallRecord,
} from '@wrightonic/contract';
import {
  addDays,
  carriedInto,
  oneFocusBelow,
  academyLinks,
  ageOn,
  canBeFocus,
  CycleError,
  cycleWords,
  sameFocus,
  trace,
  withEdit,
  dayAt,
} from '@wrightonic/core';
import { Router, type Request } from 'express';
import { mustInstruct, mustOwn } from '../auth/session';
import { athlete } from '../store/athletes';
import { addLinkEdit, linkEdits, linkHistory, strikesOf } from '../store/links';
import { look, looksOf } from '../store/looks';
import { plainThrowsOf } from '../store/throws';
import { callTallies } from '../store/state/judgedCalls';
import { addTrace, pastTraces } from '../store/traces';
import { approachOf, lookBack, resultsFor } from './athletePage';
import { body, found, pathId, who } from './input';
import { Refused, refusedField } from './refused';
import { changing } from './stateOf';

/** The trace of a look, with the focus that the instructor chose; the tool's own proposal is kept beside it. */
async function chooseFocus(request: Request): Promise<{ id: string }> {
  const { academy, person, home } = who(request);
  const choice = body(request, traceChoice);
  const row = found(await athlete(academy, pathId(request)), 'athlete');
  const today = dayAt(new Date(), home.zone);
  const age = ageOn(row.birthdate, today);
  const looked = found(await look(academy, choice.lookId), 'look');
  if (looked.athleteId !== row.id) throw new Refused(404, 'This look is of another athlete.');
  if (!looked.finished) throw new Refused(409, 'Finish the look before tracing it.');
  const [strikes, edits, throws, looks] = await Promise.all([
    strikesOf(academy, row.id),
    linkEdits(academy),
    plainThrowsOf(academy, row.id, addDays(today, -lookBack)),
    looksOf(academy, row.id),
  ]);
  const input = traceInputOf({
    athlete: { ...row, age },
    approach: approachOf(row, age, person),
    look: looked,
    carried: carriedInto(looked, finishedBefore(looks, looked), home.carryDays),
    strikes,
    results: resultsFor(throws, today, person),
  });
  const result = trace(input, academyLinks(edits));
  for (const thread of ['lower', 'arm'] as const) {
    const chosen = choice[thread];
    if (chosen !== null && !canBeFocus(chosen, thread, row.discipline))
      throw refusedField(thread, `must be a checkpoint of the ${thread} thread or a limit`);
    if (result.left.some(({ id }) => id === chosen))
      throw refusedField(thread, 'is listed to leave alone and is no focus');
  }
  if (!choice.lower && !choice.arm) throw refusedField('lower', 'choose a focus for at least one thread');
  if (age < oneFocusBelow && choice.lower && choice.arm)
    throw refusedField('arm', 'below age 10 there is one focus at a time');
  if (!sameFocus(choice, result.focus) && !choice.reason.trim())
    throw refusedField('reason', 'say why another focus than the proposed one');
  await changing(who(request), [row.id], ['trace'], (current) =>
    addTrace(
      current,
      {
        id: choice.id,
        athleteId: row.id,
        lookId: looked.id,
        at: new Date().toISOString(),
        result,
        findings: input.findings,
        chosen: { lower: choice.lower, arm: choice.arm },
        reason: choice.reason.trim(),
      },
      person.id,
    ),
  );
  return { id: choice.id };
}

/** Takes the academy's own word on a link, unless it is wrong by itself or closes a circle. */
async function editLink(request: Request): Promise<{ id: string; version: string }> {
  const { academy, person } = who(request);
  const edit = body(request, newLinkEdit);
  await addLinkEdit(academy, edit, person.id, (edits) => {
    try {
      withEdit(edits, edit);
    } catch (error) {
      if (error instanceof CycleError) throw refusedField('effect', cycleWords(error.cycle), 409);
      if (!(error instanceof RangeError)) throw error;
      const [field, ...message] = error.message.split(': ');
      throw refusedField(field!, message.join(': '));
    }
  });
  return { id: edit.id, version: academyLinks(await linkEdits(academy)).version };
}

export function traceRoutes(): Router {
  const routes = Router();

  routes.post('/athletes/:id/traces', mustInstruct, async (request, response) => {
    response.status(201).json(await chooseFocus(request));
  });

  routes.get('/athletes/:id/traces', async (request, response) => {
    const { academy } = who(request);
    const { id } = found(await athlete(academy, pathId(request)), 'athlete');
    response.json(await pastTraces(academy, id));
  });

  routes.get('/calls', async (request, response) => {
    const { academy, person } = who(request);
    const answer: CallRecord = await callTallies(academy, person.id);
    response.json(answer);
  });

  routes.get('/links', async (request, response) => {
    response.json(await linkHistory(who(request).academy));
  });

  routes.post('/links', mustOwn, async (request, response) => {
    response.status(201).json(await editLink(request));
  });

  return routes;
}
