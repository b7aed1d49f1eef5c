import type Joi from 'joi';
import { capital } from '@wrightonic/core';

/** How a schema calls a field; of a list, how it calls the field of each. */
export function labelIn(schema: Joi.Schema, path: string): string {
  try {
    const field = path
      .split('.')
      .reduce<Joi.Schema>(
        (here, step) => (/^\d+$/.test(step) ? here.$_terms['items'][0] : here.extract(step)),
        schema,
      );
    return (field.$_getFlag('label') as string | undefined) ?? path;
  } catch {
    // There is no such field.
    return path;
  }
}

/** What is wrong with a field, as a sentence. */
export function sentence(words: string): string {
  const said = words.trim();
  return `${capital(said)}${/[.?!]$/.test(said) ? '' : '.'}`;
}
