import { TextInput } from 'react-native-paper';

interface Props {
  label: string;
  /** Said to screen readers, where the label is cut short. */
  name?: string;
  value: string;
  onChange: (text: string) => void;
  /** When the field is left, or Enter is pressed. */
  onDone?: () => void;
  wrong?: boolean;
}

/** A figure outside of a form, kept as it was typed; as wide as its neighbours. */
export const Figure = ({ label, name = label, value, onChange, onDone, wrong = false }: Props) => (
  <TextInput
    mode="outlined"
    label={label}
    aria-label={name}
    value={value}
    onChangeText={onChange}
    {...(onDone ? { onBlur: onDone, onSubmitEditing: onDone } : {})}
    error={wrong}
    inputMode="decimal"
    style={{ flex: 1 }}
  />
);
