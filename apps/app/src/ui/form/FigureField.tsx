import { StyleSheet } from 'react-native';
import { TextField, type TextFieldProps } from './TextField';

interface Props extends Omit<TextFieldProps, 'lines' | 'secret' | 'autoComplete' | 'onSubmit'> {
  /** When the field is left, or Enter is pressed. */
  onDone?: () => void;
}

/** The one field for a figure, kept as it was typed; as wide as its neighbours leave it. */
export const FigureField = ({ onDone, style, ...field }: Props) => (
  <TextField
    inputMode="decimal"
    {...field}
    {...(onDone ? { onBlur: onDone, onSubmit: onDone } : {})}
    style={[styles.root, style]}
  />
);

const styles = StyleSheet.create({ root: { flex: 1, minWidth: 0 } });
