import { dayAt } from '@wrightonic/core';
import type { RequestHandler } from 'express';
import { HttpError } from '../http/httpError';
import { newestSetup } from '../store/camps';
import { texts } from './texts';

/** What somebody may ask who helps at one camp: that camp, what its screens need beside it, and the log. */
const allowed = (campId: string): readonly (readonly [string, RegExp])[] => [
  ['GET', /^\/camps$/],
  ['GET', new RegExp(`^/camps/${campId}(/days/[^/]+|/planning)?$`)],
  ['POST', /^\/log$/],
  ['PUT', /^\/profile$/],
  ['GET', /^\/(drills|devices|change-feed\/stream)$/],
  ['GET', /^\/radar\/[^/]+\/stream$/],
];

/** Whoever helps at a camp sees that camp alone, and only while it runs. */
export const campHelpersOnly: RequestHandler = async (request, _response, next) => {
  const { person, academy, academyRow } = request.signedIn!;
  if (!person.campId) return next();
  if (!allowed(person.campId).some(([method, path]) => method === request.method && path.test(request.path)))
    throw new HttpError(403, texts.forOneCamp);
  const camp = await newestSetup(academy, person.campId);
  const today = dayAt(new Date(), academyRow.zone);
  if (!camp || today < camp.setup.firstDay || today > camp.setup.lastDay)
    throw new HttpError(403, texts.onlyOnDaysOfCamp);
  next();
};
