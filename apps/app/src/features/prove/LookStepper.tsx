import type { LookRecord } from '@wrightonic/contract';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { dayWords } from '../../ui/words/days';
import { texts } from './texts';
import { IconButton } from '../../ui/Button/IconButton';

interface Props {
  label: string;
  /** From which one is chosen, oldest first. */
  looks: readonly LookRecord[];
  value: LookRecord;
  onChange: (id: string) => void;
}

/** One look of some, stepped through by day. */
export function LookStepper({ label, looks, value, onChange }: Props) {
  const today = useToday();
  const at = looks.indexOf(value);
  const step = (icon: string, name: string, to: LookRecord | undefined) => (
    <IconButton
      icon={icon}
      mode="outlined"
      accessibilityLabel={`${label}: ${name}`}
      disabled={!to}
      onPress={() => to && onChange(to.id)}
    />
  );
  return (
    <View role="group" aria-label={label} style={styles.row}>
      {step('chevron-left', texts.anEarlierLook, looks[at - 1])}
      <Text variant="labelLarge" style={styles.grow} role="status">
        {`${label}, ${dayWords(value.date, today)}`}
      </Text>
      {step('chevron-right', texts.aLaterLook, looks[at + 1])}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 6 },
  grow: { flex: 1, textAlign: 'center' },
});
