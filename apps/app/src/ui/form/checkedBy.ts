import type { FieldValues, Resolver } from 'react-hook-form';
import type { FormName } from './schemas';

/** Checks a form with the schema that the server holds it against. */
export const checkedBy =
  <T extends FieldValues>(name: FormName): Resolver<T> =>
  async (values) =>
    (await import('./schemas')).resolved(name, values);
