import { athleteForm, check, newLesson, signIn } from '@wrightonic/contract';
import type { FieldErrors, FieldValues, ResolverResult } from 'react-hook-form';
import { friendly } from './friendly';

/**
 * The schemas of the server, for the forms. This file is reached by one `import()` only, so that the first script
 * does not carry the schema library.
 */
const schemas = { athlete: athleteForm, lesson: newLesson, signIn };
export type FormName = keyof typeof schemas;

export function resolved<T extends FieldValues>(name: FormName, values: T): ResolverResult<T> {
  const { value, problems } = check(schemas[name] as never, values);
  if (!problems) return { values: value as T, errors: {} };
  const errors: Record<string, { type: string; message: string }> = {};
  for (const { field, message } of problems)
    errors[field.split('.')[0]!] ??= { type: 'check', message: friendly(message) };
  return { values: {}, errors: errors as FieldErrors<T> };
}
