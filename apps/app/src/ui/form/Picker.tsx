import { createElement } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';

interface Props {
  label: string;
  type: 'date' | 'time';
  /** `2026-05-01` or `16:30`; empty where nothing is chosen. */
  value: string;
  /** The latest day that can be chosen. */
  max?: string;
  onChange: (value: string) => void;
}

/** The device’s own picker of a day or a time of day, in the person’s own form. */
export function Picker({ label, type, value, max, onChange }: Props) {
  const own = useColours();
  return (
    <View style={styles.root}>
      <Text variant="labelMedium">{label}</Text>
      {createElement('input', {
        type,
        value,
        max,
        'aria-label': label,
        onChange: (event: { target: { value: string } }) => onChange(event.target.value),
        style: {
          minHeight: 48,
          padding: '0 12px',
          borderRadius: 4,
          border: `1px solid ${own.line}`,
          background: own.surface,
          color: own.ink,
          font: 'inherit',
          fontSize: 16,
          boxSizing: 'border-box',
          width: '100%',
        },
      })}
    </View>
  );
}

const styles = StyleSheet.create({ root: { flex: 1, minWidth: 130, gap: 4 } });
