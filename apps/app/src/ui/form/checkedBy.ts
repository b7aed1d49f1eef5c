import { athleteForm, check, newClearance, newInjury, newLesson, newSize } from '@wrightonic/contract';
import type { FieldErrors, FieldValues, Resolver } from 'react-hook-form';
import { friendly } from './friendly';

const schemas = {
  athlete: athleteForm,
  lesson: newLesson,
  size: newSize,
  injury: newInjury,
  clearance: newClearance,
};

/** Checks a form with the schema that the server holds it against. */
export const checkedBy =
  <T extends FieldValues>(name: keyof typeof schemas): Resolver<T> =>
  (values) => {
    const { value, problems } = check(schemas[name] as never, values);
    if (!problems) return { values: value as T, errors: {} };
    const errors: Record<string, { type: string; message: string }> = {};
    for (const { field, message } of problems)
      errors[field.split('.')[0]!] ??= { type: 'check', message: friendly(message) };
    return { values: {}, errors: errors as FieldErrors<T> };
  };
