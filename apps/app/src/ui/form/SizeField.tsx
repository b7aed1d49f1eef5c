import {
  inLikedUnit,
  readLength,
  readMass,
  sayLength,
  shownUnit,
  type SizeKind,
  type SizeUnit,
} from '@wrightonic/core';
import { useState } from 'react';
import type { FieldPath, FieldValues } from 'react-hook-form';
import { useMe } from '../../store/useAthlete';
import { FormField } from './bound';
import type { SchemaForm } from './schemaForm';
import { TextField } from './TextField';
import { texts } from '../texts';

interface Props<T extends FieldValues> {
  form: SchemaForm<T>;
  name: FieldPath<T>;
  kind: SizeKind;
  optional?: boolean;
}

const units: Record<SizeKind, Record<SizeUnit, string>> = {
  length: { us: texts.ftAndIn, metric: 'cm' },
  mass: { us: 'lb', metric: 'kg' },
};

/** How a value is typed: as it is said, without a metric unit, which stands in the label. */
function typedForm(value: unknown, kind: SizeKind, liked: SizeUnit): string {
  if (typeof value !== 'number') return typeof value === 'string' ? value : '';
  if (kind === 'mass') return String(shownUnit('kg', liked).show(value));
  return liked === 'metric' ? sayLength(value, liked).replace(' cm', '') : sayLength(value, liked);
}

/** A length or a weight, typed as the person likes it: 6'1" or 185, pounds or kilograms. */
export function SizeField<T extends FieldValues>({ form, name, kind, optional }: Props<T>) {
  const liked = useMe().person.sizeUnit;
  return (
    <FormField
      form={form}
      name={name}
      label={`${form.labelOf(name)}, ${units[kind][liked]}`}
      optional={optional ?? false}
    >
      {({ field, label, wrong }) => (
        <Typed
          key={String(field.value === null)}
          label={label}
          kind={kind}
          liked={liked}
          value={field.value as unknown}
          error={wrong}
          onChange={field.onChange}
          onBlur={field.onBlur}
        />
      )}
    </FormField>
  );
}

interface TypedProps {
  label: string;
  kind: SizeKind;
  liked: SizeUnit;
  value: unknown;
  error: string | undefined;
  onChange: (value: unknown) => void;
  onBlur: () => void;
}

function Typed({ label, kind, liked, value, error, onChange, onBlur }: TypedProps) {
  const [text, setText] = useState(() => typedForm(value, kind, liked));
  const read = (kind === 'length' ? readLength : readMass)(text, liked);
  const wrong = read.wrong ?? (error && inLikedUnit(error, kind, liked));
  return (
    <TextField
      label={label}
      value={text}
      onChange={(typed) => {
        setText(typed);
        const { value: size, wrong: none } = (kind === 'length' ? readLength : readMass)(typed, liked);
        // Text that is no size stays text, so that the form is not sent with it.
        onChange(none === undefined ? size : typed);
      }}
      onBlur={onBlur}
      wrong={wrong}
    />
  );
}
