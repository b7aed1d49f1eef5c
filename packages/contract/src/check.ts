import type Joi from 'joi';

/** One thing that is wrong with what came in, by the name of its field. */
export interface Problem {
  field: string;
  message: string;
}

export type Checked<T> = { value: T; problems?: never } | { value?: never; problems: Problem[] };

const options: Joi.ValidationOptions = {
  abortEarly: false,
  // What comes in as JSON has its types already: "3" is not 3.
  convert: false,
  errors: { wrap: { label: false }, label: 'path' },
};

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

/** Holds a value from outside against a schema; answers with the value or with every problem by field. */
export function check<T>(schema: Joi.Schema<T>, value: unknown): Checked<T> {
  const named = unsafeName(value);
  if (named)
    return { problems: [{ field: named, message: `${named} is or holds something that cannot be kept` }] };
  const result = schema.validate(value, options);
  if (!result.error) return { value: result.value as T };
  return {
    problems: result.error.details.map(({ path, message }) => ({
      field: path.join('.') || 'input',
      message: message.replace(/^value /, 'input '),
    })),
  };
}
