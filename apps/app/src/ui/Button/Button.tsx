import { StyleSheet, type TextStyle, type ViewStyle } from 'react-native';
import { Button as PaperButton, type ButtonProps } from 'react-native-paper';

/** A button that a thumb finds: 44 px high at least, and its words go on in a second line where they must. */
export function Button({ style, contentStyle, labelStyle, ...props }: ButtonProps) {
  return (
    <PaperButton
      {...props}
      style={[styles.button, style]}
      contentStyle={[styles.content, contentStyle]}
      labelStyle={[styles.label, labelStyle]}
    />
  );
}

const styles = StyleSheet.create({
  button: { maxWidth: '100%' },
  content: { minHeight: 44 } satisfies ViewStyle,
  label: { whiteSpace: 'normal', flexShrink: 1 } as TextStyle,
});
