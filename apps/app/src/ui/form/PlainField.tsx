import { StyleSheet, TextInput, View, type TextInputProps } from 'react-native';
import { Text } from 'react-native-paper';
import { faces } from '../../theme/faces';
import { useColours } from '../../theme/theme';

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  onEnter: () => void;
  secret?: boolean;
  inputMode?: TextInputProps['inputMode'];
  autoComplete?: TextInputProps['autoComplete'];
}

/** A field of the first screen, which has to be there before the large parts of the forms are. */
export function PlainField({ label, value, onChange, onEnter, secret, inputMode, autoComplete }: Props) {
  const own = useColours();
  return (
    <View style={styles.root}>
      <Text variant="labelMedium">{label}</Text>
      <TextInput
        aria-label={label}
        value={value}
        onChangeText={onChange}
        onSubmitEditing={onEnter}
        secureTextEntry={secret ?? false}
        inputMode={inputMode}
        autoComplete={autoComplete}
        autoCapitalize="none"
        style={[styles.input, { color: own.ink, backgroundColor: own.surface, borderColor: own.line }]}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 4 },
  input: {
    minHeight: 48,
    borderWidth: 1,
    borderRadius: 6,
    paddingHorizontal: 12,
    fontSize: 17,
    fontFamily: faces.text,
  },
});
