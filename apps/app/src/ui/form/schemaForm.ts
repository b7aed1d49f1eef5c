import { joiResolver } from '@hookform/resolvers/joi';
import { formMessages } from '@wrightonic/contract';
import type Joi from 'joi';
import { useRef } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldPath,
  type FieldValues,
  type Path,
  type UseFormReturn,
} from 'react-hook-form';
import { refusalOf } from '../../store/api';
import { labelIn } from './labels';

const checking: Joi.ValidationOptions = {
  abortEarly: false,
  convert: false,
  // What is wrong stands below its field.
  errors: { label: false, wrap: { label: false } },
  messages: formMessages,
};

/** A form whose fields bear the labels of its schema, and are held against it before they are sent. */
export interface SchemaForm<T extends FieldValues> extends UseFormReturn<T> {
  labelOf: (name: FieldPath<T>) => string;
}

export function useSchemaForm<T extends FieldValues>(
  schema: Joi.ObjectSchema<T>,
  defaultValues: DefaultValues<T>,
): SchemaForm<T> {
  const form = useForm<T>({ defaultValues, resolver: joiResolver(schema, checking) as never });
  const sending = useRef(false);
  /** As the form's own, but what is under way is not sent again by another tap or Enter. */
  const handleSubmit: typeof form.handleSubmit = (onValid, onInvalid) => {
    const send = form.handleSubmit(onValid, onInvalid);
    return async (event) => {
      if (sending.current) return;
      sending.current = true;
      try {
        await send(event);
      } finally {
        sending.current = false;
      }
    };
  };
  return { ...form, handleSubmit, labelOf: (name) => labelIn(schema, name) };
}

interface Rules<T extends FieldValues> {
  labels: Readonly<Record<string, string>>;
  /** What is wrong by field, with nothing that names it. */
  wrongIn: (values: T) => Partial<Record<keyof T, string>>;
}

/** The same for what is typed in another form than it is sent in. */
export function useCheckedForm<T extends FieldValues>(
  { labels, wrongIn }: Rules<T>,
  defaultValues: DefaultValues<T>,
): SchemaForm<T> {
  const labelOf = (name: string) => labels[name] ?? name;
  const form = useForm<T>({
    defaultValues,
    resolver: (values) => {
      const wrong = Object.entries(wrongIn(values));
      if (wrong.length === 0) return { values, errors: {} };
      const errors = wrong.map(([name, message]) => [name, { type: 'check', message }]);
      return { values: {}, errors: Object.fromEntries(errors) };
    },
  });
  return { ...form, labelOf };
}

/** Puts what the server refused beside its fields; the rest stays as it was typed. */
export function showRefusal<T extends FieldValues>(form: SchemaForm<T>, error: unknown): void {
  for (const { field, text } of refusalOf(error).fields ?? []) {
    const name = field as Path<T>;
    form.setError(name, { message: text });
  }
}
