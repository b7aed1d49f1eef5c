import { createElement } from 'react';
import { StyleSheet, View } from 'react-native';
import { HelperText, Text } from 'react-native-paper';
import { faces } from '../../theme/faces';
import { useColours } from '../../theme/theme';

interface Props {
  label: string;
  /** `2026-05-01` or `16:30`; empty where nothing is chosen. */
  value: string;
  onChange: (value: string) => void;
  onBlur?: () => void;
  wrong?: string | undefined;
}

interface DateProps extends Props {
  /** The first and the last day that can be chosen. */
  min?: string | undefined;
  max?: string | undefined;
}

/** The one field for a day: the device’s own picker, in the person’s own form. */
export const DateField = (props: DateProps) => <NativePicker type="date" {...props} />;

/** The one field for a time of day. */
export const TimeField = (props: Props) => <NativePicker type="time" {...props} />;

function NativePicker({ label, wrong, onChange, ...input }: DateProps & { type: 'date' | 'time' }) {
  const own = useColours();
  return (
    <View style={styles.root}>
      <Text variant="labelMedium">{label}</Text>
      {createElement('input', {
        ...input,
        'aria-label': label,
        'aria-invalid': Boolean(wrong),
        onChange: (event: { target: { value: string } }) => onChange(event.target.value),
        style: {
          minHeight: 48,
          padding: '0 12px',
          borderRadius: 4,
          border: `${wrong ? 2 : 1}px solid ${wrong ? own.clay : own.line}`,
          background: own.surface,
          color: own.ink,
          fontFamily: faces.text,
          fontSize: 16,
          boxSizing: 'border-box',
          width: '100%',
        },
      })}
      {wrong ? (
        <HelperText type="error" role="alert" aria-label={`${label}: ${wrong}`}>
          {wrong}
        </HelperText>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({ root: { flex: 1, minWidth: 130, gap: 4 } });
