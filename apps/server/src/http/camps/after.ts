import {
  campPapers,
  campTables,
  followUps,
  type CampAfter,
  type CampPaper,
  type CampRecord,
  type FollowedUp,
} from '@wrightonic/contract';
import { boardNames, campOutcome, dayAt, daysOf, slotsOf, velocityIn, writeTable } from '@wrightonic/core';
import { Router, type Request } from 'express';
import type { SignedIn } from '../../auth/authSession';
import { campPdf, type PrintedCamp } from '../../print/campPdf';
import { campDay, campThrows } from '../../store/campDay';
import { looksOf } from '../../store/looks';
import { athleteStates } from '../../store/state/athleteStates';
import { HttpError } from '../httpError';
import { body, currentUser, orNotFound, pathId } from '../input';
import { anybody, kept } from '../keptAnswer';
import { makePlan } from '../plans';
import { acceptProposed } from '../traces';
import { campRecord, type CampAsked } from './campRecord';
import { texts } from './texts';

/** Seed of the interval of a group: the same camp always says the same. */
const seed = 1;
/** Weeks of a plan that follows a camp. */
const followUpWeeks = 6;

async function outcomeOf({ academy, academyRow }: CampAsked, camp: CampRecord) {
  const { firstDay, lastDay } = camp.setup;
  const ids = camp.members.map(({ id }) => id);
  const throws = await campThrows(academy, camp.id, ids, [...new Set([firstDay, lastDay])], academyRow.zone);
  return campOutcome(throws, firstDay, lastDay, seed);
}

async function afterOf(asked: CampAsked, id: string): Promise<CampAfter> {
  const camp = await campRecord(asked, id);
  const [outcome, states] = await Promise.all([outcomeOf(asked, camp), athleteStates(asked.academy)]);
  const { firstDay, lastDay } = camp.setup;
  return {
    ...outcome,
    firstDay,
    lastDay,
    plans: camp.members.map((member) => {
      const state = states.get(member.id);
      const planned =
        Boolean(state?.lookedId) &&
        state?.tracedLookId === state?.lookedId &&
        state?.plannedTraceId === state?.traceId;
      return { athlete: member.id, state: !state?.lookedId ? 'no look' : planned ? 'planned' : 'open' };
    }),
  };
}

/** A plan from the proposed focus of each one's newest look; whoever cannot have one is named with why. */
async function followUp(
  signedIn: SignedIn,
  campId: string,
  wish: ReturnType<typeof followUpsOf>,
): Promise<FollowedUp> {
  const camp = await campRecord(signedIn, campId);
  const here = new Set(camp.members.map(({ id }) => id));
  const today = dayAt(new Date(), signedIn.academyRow.zone);
  const made: string[] = [];
  const left: FollowedUp['left'] = [];
  for (const { athleteId, traceId, planId } of wish.athletes) {
    const looks = here.has(athleteId) ? await looksOf(signedIn.academy, athleteId, 12) : [];
    const newest = looks.findLast(({ finished }) => finished);
    if (!newest) {
      left.push({
        athleteId,
        why: here.has(athleteId) ? texts.notLookedAt : texts.notInThisCamp,
      });
      continue;
    }
    try {
      const traced = await acceptProposed(signedIn, athleteId, { id: traceId, lookId: newest.id });
      if (!traced) left.push({ athleteId, why: texts.nothingToWorkOn });
      else {
        await makePlan(signedIn, athleteId, {
          id: planId,
          traceId: traced.id,
          startsOn: today,
          weeks: followUpWeeks,
          templateId: null,
        });
        made.push(athleteId);
      }
    } catch (error) {
      // One who cannot be planned for does not hold up the others.
      if (!(error instanceof HttpError)) throw error;
      left.push({ athleteId, why: error.message });
    }
  }
  return { made, left };
}
const followUpsOf = (request: Request) => body(request, followUps);

/** A camp as its papers need it. */
export async function printedCamp(
  asked: CampAsked & { velocityUnit: 'mph' | 'km/h' },
  id: string,
  withNotes: boolean,
): Promise<PrintedCamp> {
  const { academy, academyRow, velocityUnit } = asked;
  const camp = await campRecord(asked, id);
  const names = boardNames(camp.members, camp.setup.surnames);
  const notes = new Map<string, string[]>();
  if (withNotes)
    for (const day of daysOf(camp.setup))
      for (const of of await campDay(academy, id, [...names.keys()], day, academyRow.zone))
        notes.set(of.athleteId, [...(notes.get(of.athleteId) ?? []), ...of.notes.map(({ text }) => text)]);
  const { athletes } = await outcomeOf(asked, camp);
  return {
    camp,
    academy: academyRow.name,
    called: (athlete) => names.get(athlete) ?? '–',
    outcome: new Map(athletes.map((each) => [each.athlete, each])),
    notes,
    said: (velocity) => `${velocityIn(velocity, velocityUnit).toFixed(1)} ${velocityUnit}`,
  };
}

const mustBePlanned = (camp: CampRecord, what: CampPaper): void => {
  if (!camp.plan && what !== 'labels' && what !== 'cards') throw new HttpError(409, texts.noPlanYet);
};

function scheduleTable({ setup, members, plan }: CampRecord): string {
  const slots = slotsOf(setup);
  const stations = new Map(setup.stations.map(({ id, name }) => [id, name]));
  const rows = members.flatMap((member) => {
    const route = plan?.routes.find(({ athlete }) => athlete === member.id)?.stations ?? [];
    return slots.map((slot) => {
      const at = route[plan?.slots.indexOf(slot.id) ?? -1] ?? null;
      return [
        member.givenName,
        member.familyName,
        slot.day,
        slot.start,
        slot.minutes,
        at ? stations.get(at)! : '',
      ];
    });
  });
  return writeTable(['given_name', 'family_name', 'day', 'start', 'minutes', 'station'], rows);
}

const rosterTable = ({ members }: CampRecord): string =>
  writeTable(
    [
      'given_name',
      'family_name',
      'age',
      'discipline',
      'throws',
      'restriction',
      'allergies',
      'guardian',
      'phone',
    ],
    members.map((member) => [
      member.givenName,
      member.familyName,
      member.age,
      member.discipline,
      member.throws,
      member.restriction,
      member.allergies,
      member.guardians[0]?.name ?? '',
      member.guardians[0]?.phone ?? '',
    ]),
  );

async function resultsTable(asked: CampAsked, camp: CampRecord): Promise<string> {
  const { athletes } = await outcomeOf(asked, camp);
  const of = new Map(athletes.map((each) => [each.athlete, each]));
  const figure = (value: number | null | undefined) =>
    value === null || value === undefined ? null : Number(value.toFixed(2));
  return writeTable(
    [
      'given_name',
      'family_name',
      'first_usual_m_s',
      'last_usual_m_s',
      'change_m_s',
      'smallest_real_change_m_s',
      'verdict',
    ],
    camp.members.map(({ id, givenName, familyName }) => {
      const each = of.get(id);
      return [
        givenName,
        familyName,
        figure(each?.first?.usual),
        figure(each?.last?.usual),
        figure(each?.change),
        figure(each?.needed),
        each?.verdict ?? 'untested',
      ];
    }),
  );
}

/** What comes of a camp, and what of it is printed and saved. */
export function campAfterRoutes(): Router {
  const routes = Router();
  routes.get(
    '/camps/:id/after',
    kept(anybody, (asked, request) => afterOf(asked, pathId(request))),
  );
  routes.post('/camps/:id/follow-ups', async (request, response) => {
    response.status(201).json(await followUp(currentUser(request), pathId(request), followUpsOf(request)));
  });
  routes.get('/camps/:id/papers/:what', async (request, response) => {
    const { academy, academyRow, person } = currentUser(request);
    const what = orNotFound(
      campPapers.find((each) => `${each}.pdf` === request.params['what']),
      'paper',
    );
    const { velocityUnit } = person;
    const printed = await printedCamp(
      { academy, academyRow, velocityUnit },
      pathId(request),
      what === 'cards',
    );
    mustBePlanned(printed.camp, what);
    response.setHeader('content-type', 'application/pdf');
    response.setHeader('content-disposition', `inline; filename="camp-${what}.pdf"`);
    response.send(await campPdf(printed, what));
  });
  routes.get('/camps/:id/tables/:what', async (request, response) => {
    const { academy, academyRow } = currentUser(request);
    const what = orNotFound(
      campTables.find((each) => `${each}.csv` === request.params['what']),
      'table',
    );
    const camp = await campRecord({ academy, academyRow }, pathId(request));
    response.setHeader('content-type', 'text/csv; charset=utf-8');
    response.setHeader('content-disposition', `attachment; filename="camp-${what}.csv"`);
    response.send(
      what === 'schedule'
        ? scheduleTable(camp)
        : what === 'roster'
          ? rosterTable(camp)
          : await resultsTable({ academy, academyRow }, camp),
    );
  });
  return routes;
}
