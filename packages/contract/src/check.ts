import type Joi from 'joi';

/** One thing that is wrong with what came in. */
export interface Problem {
  /** Its path. */
  field: string;
  /** What is wrong, with the path. */
  message: string;
  /** The same without it, for whoever names the field in another way. */
  text: string;
}

export type Checked<T> = { value: T; problems?: never } | { value?: never; problems: Problem[] };

export const problem = (field: string, text: string): Problem => ({
  field,
  message: `${field} ${text}`,
  text,
});

const options: Joi.ValidationOptions = {
  abortEarly: false,
  // What comes in as JSON has its types already: "3" is not 3.
  convert: false,
};
/** Labels of a schema are for forms; here a field is named by its path. */
const unlabelled: Joi.ValidationOptions = {
  ...options,
  errors: { label: false, wrap: { label: false } },
};
/** Stands where a message names its field. */
const mark = '\u0001';
const marked: Joi.ValidationOptions = { ...options, errors: { label: 'path', wrap: { label: mark } } };

/** Names that would change an object instead of standing in it. */
const unsafe = ['__proto__'];

/** Half a character, which no database keeps. */
const loneSurrogate = /\p{Surrogate}/u;

/** Path of the first such name or half character in a value from outside; null when there is none. */
function unsafeName(value: unknown, path: readonly string[] = []): string | null {
  if (typeof value === 'string' && loneSurrogate.test(value)) return path.join('.') || 'input';
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, each] of Object.entries(value)) {
    const here = [...path, key];
    const found = unsafe.includes(key) ? here.join('.') : unsafeName(each, here);
    if (found) return found;
  }
  return null;
}

/** How a form says below a field what a schema finds. */
export const formMessages: Record<string, string> = {
  'any.required': 'Fill this in',
  'any.only': 'Choose one of these',
  'string.empty': 'Fill this in',
  'array.base': 'Choose one or more',
  'array.min': '{{#label}} must hold at least {{#limit}}',
  'array.max': '{{#label}} can hold at most {{#limit}}',
  'array.unique': '{{#label}} holds the same thing twice',
  'array.includesRequiredUnknowns': 'Fill this in',
  'number.base': '{{#label}} must be a number',
  'number.integer': '{{#label}} must be a whole number',
  'number.min': '{{#label}} must be at least {{#limit}}',
  'number.max': '{{#label}} must be at most {{#limit}}',
  'number.unsafe': '{{#label}} is too large',
  'string.base': 'Fill this in',
  'string.trim': '{{#label}} must not begin or end with a space',
  'string.min': '{{#label}} must have at least {{#limit}} characters',
  'string.max': '{{#label}} must have at most {{#limit}} letters',
  'string.email': '{{#label}} must be an e-mail address',
};

/**
 * Holds a value from outside against a schema; answers with the value or with every problem by field.
 *
 * @param messages instead of the usual ones, such as those of forms
 */
export function check<T>(
  schema: Joi.Schema<T>,
  value: unknown,
  messages?: Record<string, string>,
): Checked<T> {
  const named = unsafeName(value);
  if (named) return { problems: [problem(named, 'is or holds something that cannot be kept')] };
  const result = schema.validate(value, messages ? { ...unlabelled, messages } : unlabelled);
  if (!result.error) return { value: result.value as T };
  const naming = schema.validate(value, messages ? { ...marked, messages } : marked).error!.details;
  return {
    problems: result.error.details.map(({ path, message }, n): Problem => {
      const field = path.join('.') || 'input';
      const text = message.trim();
      // A message that is a sentence of its own does not name its field.
      return naming[n]!.message.includes(mark) ? problem(field, text) : { field, message: text, text };
    }),
  };
}
