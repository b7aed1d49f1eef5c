import { newLinkEdit, traceChoice, type CallRecord, type TraceChoice } from '@wrightonic/contract';
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
  finishedBefore,
  traceInputOf,
  FieldError,
} from '@wrightonic/core';
import { Router, type Request } from 'express';
import type { SignedIn } from '../auth/authSession';
import { athlete } from '../store/athletes';
import { addLinkEdit, linkEdits, linkHistory, strikesOf } from '../store/links';
import { look, looksOf } from '../store/looks';
import { plainThrowsOf } from '../store/throws';
import { callTallies } from '../store/state/judgedCalls';
import { addTrace, pastTraces } from '../store/traces';
import { approachOf, lookBack, resultsFor } from './athletePage';
import { body, orNotFound, pathId, currentUser } from './input';
import { HttpError, fieldError } from './httpError';
import { changing } from './stateOf';
import { anybody, kept } from './keptAnswer';
import { texts } from './texts';

/** The trace of a finished look as it comes out now. */
async function tracedLook({ academy, person, academyRow }: SignedIn, athleteId: string, lookId: string) {
  const row = orNotFound(await athlete(academy, athleteId), 'athlete');
  const today = dayAt(new Date(), academyRow.zone);
  const age = ageOn(row.birthdate, today);
  const looked = orNotFound(await look(academy, lookId), 'look');
  if (looked.athleteId !== row.id) throw new HttpError(404, texts.thisLookIsOfAnotherAthlete);
  if (!looked.finished) throw new HttpError(409, texts.finishLookBefore);
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
    carried: carriedInto(looked, finishedBefore(looks, looked), academyRow.carryDays),
    strikes,
    results: resultsFor(throws, today, person),
  });
  return { row, age, looked, input, result: trace(input, academyLinks(edits)) };
}

/** The trace of a look, with the focus that the instructor chose; the tool's own proposal is kept beside it. */
export async function chooseFocus(
  signedIn: SignedIn,
  athleteId: string,
  choice: TraceChoice,
): Promise<{ id: string }> {
  const { row, age, looked, input, result } = await tracedLook(signedIn, athleteId, choice.lookId);
  for (const thread of ['lower', 'arm'] as const) {
    const chosen = choice[thread];
    if (chosen !== null && !canBeFocus(chosen, thread, row.discipline))
      throw fieldError(thread, texts.focusMustBe(thread));
    if (result.left.some(({ id }) => id === chosen)) throw fieldError(thread, texts.isLeftAlone);
  }
  if (!choice.lower && !choice.arm) throw fieldError('lower', texts.chooseAFocus);
  if (age < oneFocusBelow && choice.lower && choice.arm) throw fieldError('arm', texts.oneFocusBelowTen);
  if (!sameFocus(choice, result.focus) && !choice.reason.trim())
    throw fieldError('reason', texts.sayWhyAnother);
  await changing(signedIn, [row.id], ['trace'], (current) =>
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
      signedIn.person.id,
    ),
  );
  return { id: choice.id };
}

/** What is proposed for a look: the focus, and what is left alone. */
export const proposedFor = async (signedIn: SignedIn, athleteId: string, lookId: string) =>
  (await tracedLook(signedIn, athleteId, lookId)).result;

/** Accepts the focus that is proposed for a look; null where there is none. */
export async function acceptProposed(
  signedIn: SignedIn,
  athleteId: string,
  { id, lookId }: { id: string; lookId: string },
): Promise<{ id: string } | null> {
  const { lower, arm } = (await proposedFor(signedIn, athleteId, lookId)).focus;
  return lower || arm ? chooseFocus(signedIn, athleteId, { id, lookId, lower, arm, reason: '' }) : null;
}

/** Takes the academy's own word on a link, unless it is wrong by itself or closes a circle. */
async function editLink(request: Request): Promise<{ id: string; version: string }> {
  const { academy, person } = currentUser(request);
  const edit = body(request, newLinkEdit);
  await addLinkEdit(academy, edit, person.id, (edits) => {
    try {
      withEdit(edits, edit);
    } catch (error) {
      if (error instanceof CycleError) throw fieldError('effect', cycleWords(error.cycle), 409);
      if (error instanceof FieldError) throw fieldError(error.field, error.text);
      throw error;
    }
  });
  return { id: edit.id, version: academyLinks(await linkEdits(academy)).version };
}

export function traceRoutes(): Router {
  const routes = Router();

  routes.post('/athletes/:id/traces', async (request, response) => {
    const choice = body(request, traceChoice);
    response.status(201).json(await chooseFocus(currentUser(request), pathId(request), choice));
  });

  routes.get(
    '/athletes/:id/traces',
    kept(anybody, async ({ academy }, request) => {
      const { id } = orNotFound(await athlete(academy, pathId(request)), 'athlete');
      return pastTraces(academy, id);
    }),
  );

  routes.get(
    '/calls',
    kept(
      ({ id }) => id,
      ({ academy, person }): Promise<CallRecord> => callTallies(academy, person),
    ),
  );

  routes.get('/links', async (request, response) => {
    response.json(await linkHistory(currentUser(request).academy));
  });

  routes.post('/links', async (request, response) => {
    response.status(201).json(await editLink(request));
  });

  return routes;
}
