import { check, id, problem } from '@wrightonic/contract';
import type { Request } from 'express';
import type Joi from 'joi';
import type { SignedIn } from '../auth/authSession';
import { HttpError } from './httpError';
import { texts } from './texts';

/** The body, held against its schema. */
export function body<T>(request: Request, schema: Joi.Schema<T>): T {
  const checked = check(schema, request.body);
  if (checked.problems)
    throw new HttpError(422, checked.problems.map(({ message }) => message).join('; '), checked.problems);
  return checked.value;
}

/** An id in the path; one that cannot be an id leads nowhere. */
export function pathId(request: Request, name = 'id'): string {
  const value = String(request.params[name]);
  if (check(id, value).problems) throw new HttpError(404, texts.thereIsNoHere(name, value.slice(0, 60)));
  return value;
}

/** The id under which something of a batch is answered, as far as it has one. */
export function sentId(sent: unknown): string {
  const id = typeof sent === 'object' && sent !== null && 'id' in sent ? sent.id : undefined;
  return typeof id === 'string' ? id.slice(0, 60) : '';
}

/** Whoever is signed in; only for routes behind `mustBeSignedIn`. */
export const currentUser = (request: Request): SignedIn => request.signedIn!;

/** The thing, or a refusal that names it. */
export function orNotFound<T>(thing: T | null | undefined | false, name: string): T {
  if (!thing) throw new HttpError(404, texts.thisIsNotHere(name));
  return thing;
}

/** Refuses a day that has not come yet at the venue. */
export function notAhead(date: string, today: string, field: string): void {
  if (date > today)
    throw new HttpError(422, texts.isInFuture(field), [problem(field, texts.mustNotBeInTheFuture)]);
}
