import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { groupKeys, groupStop } from './groupKeys';

interface Option<T> {
  value: T;
  text: string;
}

interface OneProps {
  role: 'radio' | 'checkbox';
  text: string;
  chosen: boolean;
  close?: boolean | undefined;
  /** -1 where another of the group is the stop of the keyboard. */
  tabIndex?: 0 | -1;
  onPress: () => void;
}

function One({ role, text, chosen, close, tabIndex = 0, onPress }: OneProps) {
  const own = useColours();
  const colours = chosen
    ? { borderColor: own.dusk, backgroundColor: own.dusk }
    : { borderColor: own.line, backgroundColor: own.surface };
  return (
    <Pressable
      role={role}
      aria-checked={chosen}
      tabIndex={tabIndex}
      onPress={onPress}
      style={[styles.one, close ? styles.closeOne : null, colours]}
    >
      <Text variant="labelLarge" style={{ color: chosen ? own.onDusk : own.ink }}>
        {text}
      </Text>
    </Pressable>
  );
}

interface ChoicesProps<T> {
  label: string;
  /** Shown above; otherwise the label is for screen readers alone. */
  shown?: boolean;
  /** Close together: the seven days of a week stand in one row of a phone. */
  close?: boolean;
  options: readonly Option<T>[];
  value: T;
  onChange: (value: T) => void;
}

/** One of a few, side by side. */
export function Choices<T extends string | number | boolean | null>(props: ChoicesProps<T>) {
  const { label, shown, close, options, value, onChange } = props;
  const chosen = options.findIndex((option) => option.value === value);
  return (
    <View style={styles.root}>
      {shown ? <Text variant="labelMedium">{label}</Text> : null}
      <View
        role="radiogroup"
        aria-label={label}
        style={[styles.row, close ? styles.closeRow : null]}
        {...groupKeys}
      >
        {options.map((option, n) => (
          <One
            key={String(option.value)}
            role="radio"
            text={option.text}
            chosen={n === chosen}
            close={close}
            tabIndex={groupStop(chosen, n)}
            onPress={() => onChange(option.value)}
          />
        ))}
      </View>
    </View>
  );
}

interface PicksProps<T> {
  label: string;
  /** Shown above; otherwise the label is for screen readers alone. */
  shown?: boolean;
  options: readonly Option<T>[];
  value: readonly T[];
  onChange: (value: T[]) => void;
}

/** Any of a few. */
export function CheckboxGroup<T extends string>(props: PicksProps<T>) {
  const { label, shown, options, value, onChange } = props;
  const without = (gone: T) => value.filter((each) => each !== gone);
  return (
    <View style={styles.root}>
      {shown ? <Text variant="labelMedium">{label}</Text> : null}
      <View role="group" aria-label={label} style={styles.row} {...groupKeys}>
        {options.map((option) => {
          const chosen = value.includes(option.value);
          return (
            <One
              key={option.value}
              role="checkbox"
              text={option.text}
              chosen={chosen}
              onPress={() => onChange(chosen ? without(option.value) : [...value, option.value])}
            />
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 6 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  closeRow: { gap: 3 },
  one: {
    minHeight: 44,
    minWidth: 44,
    maxWidth: '100%',
    paddingHorizontal: 14,
    paddingVertical: 8,
    borderWidth: 2,
    borderRadius: 8,
    alignItems: 'center',
    justifyContent: 'center',
  },
  closeOne: { flexGrow: 1, paddingHorizontal: 2 },
});
