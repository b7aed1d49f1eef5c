import { View, type StyleProp, type TextInputProps, type ViewStyle } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';

export interface TextFieldProps {
  label: string;
  /** Said to screen readers, where the label says more than the name. */
  name?: string;
  value: string;
  onChange: (text: string) => void;
  /** What is wrong with it; true where that stands elsewhere. */
  wrong?: string | boolean | undefined;
  hint?: string | undefined;
  placeholder?: string;
  /** More than one. */
  lines?: number | undefined;
  /** Characters. */
  atMost?: number;
  secret?: boolean;
  autoFocus?: boolean;
  inputMode?: TextInputProps['inputMode'];
  autoComplete?: TextInputProps['autoComplete'];
  /** When it is left. */
  onBlur?: () => void;
  /** When Enter is pressed; the field keeps the focus. */
  onSubmit?: () => void;
  style?: StyleProp<ViewStyle>;
}

/** The one field for text. */
export function TextField(props: TextFieldProps) {
  const {
    label,
    name = label,
    value,
    onChange,
    wrong,
    hint,
    lines,
    atMost,
    secret,
    onSubmit,
    style,
    ...rest
  } = props;
  const words = typeof wrong === 'string' ? wrong : '';
  return (
    <View style={style}>
      <TextInput
        mode="outlined"
        label={label}
        aria-label={name}
        aria-invalid={Boolean(wrong)}
        value={value}
        onChangeText={onChange}
        error={Boolean(wrong)}
        secureTextEntry={secret ?? false}
        multiline={lines !== undefined}
        {...(lines ? { numberOfLines: lines } : {})}
        {...(atMost ? { maxLength: atMost } : {})}
        {...(onSubmit ? { onSubmitEditing: onSubmit, submitBehavior: 'submit' as const } : {})}
        {...rest}
      />
      {words || hint ? (
        <HelperText
          type={words ? 'error' : 'info'}
          role={words ? 'alert' : undefined}
          {...(words ? { 'aria-label': `${name}: ${words}` } : {})}
        >
          {words || hint}
        </HelperText>
      ) : null}
    </View>
  );
}
