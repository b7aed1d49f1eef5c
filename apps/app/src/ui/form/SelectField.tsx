import { createElement } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { faces } from '../../theme/faces';
import { useColours } from '../../theme/theme';

interface Props {
  label: string;
  value: string;
  options: readonly { value: string; text: string }[];
  onChange: (value: string) => void;
  /** It stands in a row with others. */
  beside?: boolean;
}

/** The one field for one of many where they need not all be seen: the device’s own list. */
export function SelectField({ label, value, options, onChange, beside }: Props) {
  const own = useColours();
  return (
    <View style={beside ? [styles.root, styles.beside] : styles.root}>
      <Text variant="labelMedium">{label}</Text>
      {createElement(
        'select',
        {
          value,
          'aria-label': label,
          onChange: (event: { target: { value: string } }) => onChange(event.target.value),
          style: {
            minHeight: 44,
            padding: '0 8px',
            borderRadius: 4,
            border: `1px solid ${own.line}`,
            background: own.surface,
            color: own.ink,
            fontFamily: faces.text,
            fontSize: 15,
            width: '100%',
          },
        },
        options.map((option) =>
          createElement('option', { key: option.value, value: option.value }, option.text),
        ),
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { minWidth: 0, gap: 4 },
  beside: { flexGrow: 1, flexBasis: 130 },
});
