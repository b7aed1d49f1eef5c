import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { View, type TextInputProps } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';

interface Props<T extends FieldValues> {
  control: Control<T>;
  name: FieldPath<T>;
  label: string;
  hint?: string;
  secret?: boolean;
  /** The value is a number, or null when nothing is typed. */
  number?: boolean;
  lines?: number;
  inputMode?: TextInputProps['inputMode'];
  autoComplete?: TextInputProps['autoComplete'];
  onSubmit?: () => void;
}

const shownNumber = (value: unknown): string => (value === null || value === undefined ? '' : String(value));

/** What was typed where a number is wanted; text that is none stays text, so that the check can name it. */
function readNumber(text: string): unknown {
  const plain = text.trim().replace(',', '.');
  if (plain === '') return null;
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : text;
}

export function Field<T extends FieldValues>(props: Props<T>) {
  const { control, name, label, hint, secret, number, lines, inputMode, autoComplete, onSubmit } = props;
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState: { error } }) => (
        <View>
          <TextInput
            mode="outlined"
            label={label}
            aria-label={label}
            aria-invalid={error !== undefined}
            value={number ? shownNumber(field.value) : ((field.value as string) ?? '')}
            onChangeText={(text) => field.onChange(number ? readNumber(text) : text)}
            onBlur={field.onBlur}
            error={error !== undefined}
            secureTextEntry={secret ?? false}
            inputMode={number ? 'decimal' : inputMode}
            autoComplete={autoComplete}
            multiline={lines !== undefined}
            numberOfLines={lines}
            onSubmitEditing={onSubmit}
          />
          {error || hint ? (
            <HelperText type={error ? 'error' : 'info'} role={error ? 'alert' : undefined}>
              {error?.message ?? hint ?? ''}
            </HelperText>
          ) : null}
        </View>
      )}
    />
  );
}
