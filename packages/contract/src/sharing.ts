import Joi from 'joi';
import { id, note } from './shared';

/** Makes a link to the page of one athlete's week. */
export interface NewShare {
  id: string;
  /** How long it opens the page, days. */
  days: number;
  /** The page names the flaws that are worked on; when left out it says what to do. */
  names?: boolean;
  /** Whose link it is, such as “Mother”. */
  forWhom?: string;
}

export const newShare = Joi.object<NewShare>({
  id: id.required(),
  days: Joi.number().integer().min(1).max(180).required(),
  names: Joi.boolean(),
  forWhom: note(60),
}).required();

/** Takes a link back. */
export interface ShareEnd {
  id: string;
}

export const shareEnd = Joi.object<ShareEnd>({ id: id.required() }).required();

export interface ShareRecord {
  id: string;
  at: string;
  by: string;
  expiresAt: string;
  ended: boolean;
  names: boolean;
  forWhom: string;
}

/** The secret of a link is told once, when it is made. */
export interface MadeShare {
  id: string;
  token: string;
  expiresAt: string;
}
