import type { FieldPath, FieldValues } from 'react-hook-form';
import { texts } from '../texts';
import { FormText } from './bound';
import type { SchemaForm } from './schemaForm';

interface Props<T extends FieldValues> {
  form: SchemaForm<T>;
  name: FieldPath<T>;
  /** When Enter is pressed. */
  onSubmit: () => void;
}

/** A password that somebody chooses. */
export const NewPassword = <T extends FieldValues>({ form, name, onSubmit }: Props<T>) => (
  <FormText
    form={form}
    name={name}
    secret
    autoComplete="new-password"
    hint={texts.atLeastTwelve}
    atMost={200}
    onSubmit={onSubmit}
  />
);
