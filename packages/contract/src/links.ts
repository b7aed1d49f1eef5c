import { leastWeight, mostWeight, type LinkEdit } from '@wrightonic/core';
import Joi from 'joi';
import { nodeId } from './ids';
import { id, line } from './shared';

/** An academy's own weight for a link, with the reason; null switches it off. */
export interface NewLinkEdit extends LinkEdit {
  id: string;
  reason: string;
}

export const newLinkEdit = Joi.object<NewLinkEdit>({
  id: id.required(),
  cause: nodeId.required(),
  effect: nodeId.required(),
  weight: Joi.number().min(leastWeight).max(mostWeight).allow(null).required(),
  reason: line(300).required(),
}).required();
