import type { ReactElement } from 'react';
import {
  Controller,
  type ControllerFieldState,
  type ControllerRenderProps,
  type FieldPath,
  type FieldPathValue,
  type FieldValues,
} from 'react-hook-form';
import { View } from 'react-native';
import { HelperText } from 'react-native-paper';
import { CheckboxGroup, Choices } from './Choices';
import { DateField, TimeField } from './DateField';
import { TextField, type TextFieldProps } from './TextField';
import { TypedFigure } from './TypedFigure';
import { TypedList } from './TypedList';
import { sentence } from './labels';
import type { SchemaForm } from './schemaForm';
import { texts } from '../texts';

/*
 * The fields of a form that is held against a schema. Each bears the label of the schema, and says below it what is wrong.
 */

interface Bound<T extends FieldValues, N extends FieldPath<T>> {
  form: SchemaForm<T>;
  name: N;
  /** Instead of the label of the schema. */
  label?: string;
  optional?: boolean;
}

interface Drawn<T extends FieldValues, N extends FieldPath<T>> {
  field: ControllerRenderProps<T, N>;
  label: string;
  wrong: string | undefined;
}

/** Draws a field from its value in the form. */
export function FormField<T extends FieldValues, N extends FieldPath<T>>({
  form,
  name,
  label = form.labelOf(name),
  optional,
  children,
}: Bound<T, N> & { children: (drawn: Drawn<T, N>) => ReactElement }) {
  const words = ({ error }: ControllerFieldState) => (error?.message ? sentence(error.message) : undefined);
  return (
    <Controller
      control={form.control}
      name={name}
      render={({ field, fieldState }) =>
        children({ field, label: optional ? texts.optional(label) : label, wrong: words(fieldState) })
      }
    />
  );
}

type Shown = Pick<
  TextFieldProps,
  'hint' | 'placeholder' | 'lines' | 'atMost' | 'inputMode' | 'secret' | 'autoComplete' | 'onSubmit'
> & {
  /** Said to screen readers. */
  called?: string;
};

type TextProps<T extends FieldValues, N extends FieldPath<T>> = Bound<T, N> & Shown;

export const FormText = <T extends FieldValues, N extends FieldPath<T>>(props: TextProps<T, N>) => (
  <Texted {...props}>
    {({ value, ...field }) => <TextField {...field} value={(value as string | null) ?? ''} />}
  </Texted>
);

/** Several things in one field, with commas or lines between. */
export const FormList = <T extends FieldValues, N extends FieldPath<T>>(props: TextProps<T, N>) => (
  <Texted {...props}>{({ value, ...field }) => <TypedList {...field} value={value as string[]} />}</Texted>
);

type Typed = Omit<TextFieldProps, 'value' | 'onChange'> & {
  value: unknown;
  onChange: (value: unknown) => void;
};

/** What a field for text is drawn with, whatever its value is. */
function Texted<T extends FieldValues, N extends FieldPath<T>>({
  form,
  name,
  label,
  optional,
  called,
  children,
  ...shown
}: TextProps<T, N> & { children: (field: Typed) => ReactElement }) {
  return (
    <FormField form={form} name={name} {...(label ? { label } : {})} optional={optional ?? false}>
      {({ field, label: said, wrong }) =>
        children({
          ...shown,
          label: said,
          ...(called ? { name: called } : {}),
          value: field.value as unknown,
          onChange: field.onChange,
          onBlur: field.onBlur,
          wrong,
        })
      }
    </FormField>
  );
}

/** A figure, or null where nothing is typed. */
export function FormFigure<T extends FieldValues, N extends FieldPath<T>>(
  props: Bound<T, N> & Pick<Shown, 'hint'>,
) {
  const { hint, ...bound } = props;
  return (
    <FormField {...bound}>
      {({ field, label, wrong }) => (
        <TypedFigure
          label={label}
          hint={hint}
          value={field.value}
          onChange={field.onChange}
          onBlur={field.onBlur}
          wrong={wrong}
        />
      )}
    </FormField>
  );
}

export function FormDate<T extends FieldValues, N extends FieldPath<T>>(
  props: Bound<T, N> & { min?: string; max?: string },
) {
  const { min, max, ...bound } = props;
  return (
    <FormField {...bound}>
      {({ field, label, wrong }) => (
        <DateField
          label={label}
          min={min}
          max={max}
          value={field.value}
          onChange={field.onChange}
          onBlur={field.onBlur}
          wrong={wrong}
        />
      )}
    </FormField>
  );
}

export function FormTime<T extends FieldValues, N extends FieldPath<T>>(props: Bound<T, N>) {
  return (
    <FormField {...props}>
      {({ field, label, wrong }) => (
        <TimeField
          label={label}
          value={field.value}
          onChange={field.onChange}
          onBlur={field.onBlur}
          wrong={wrong}
        />
      )}
    </FormField>
  );
}

interface Options<V> {
  options: readonly { value: V; text: string }[];
}

export function FormChoices<T extends FieldValues, N extends FieldPath<T>>(
  props: Bound<T, N> & Options<FieldPathValue<T, N>>,
) {
  const { options, ...bound } = props;
  return (
    <FormField {...bound}>
      {({ field, label, wrong }) => (
        <Wrong words={wrong}>
          <Choices
            label={label}
            shown
            value={field.value as never}
            onChange={field.onChange}
            options={options as never}
          />
        </Wrong>
      )}
    </FormField>
  );
}

export function FormCheckboxes<T extends FieldValues, N extends FieldPath<T>>(
  props: Bound<T, N> & Options<string>,
) {
  const { options, ...bound } = props;
  return (
    <FormField {...bound}>
      {({ field, label, wrong }) => (
        <Wrong words={wrong}>
          <CheckboxGroup
            label={label}
            shown
            value={field.value}
            onChange={field.onChange}
            options={options}
          />
        </Wrong>
      )}
    </FormField>
  );
}

/** What is wrong with a field, below it. */
export function Wrong({ words, children }: { words: string | undefined; children: ReactElement }) {
  return (
    <View>
      {children}
      {words ? (
        <HelperText type="error" role="alert">
          {words}
        </HelperText>
      ) : null}
    </View>
  );
}
