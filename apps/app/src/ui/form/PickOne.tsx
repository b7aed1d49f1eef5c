import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { PressableCard } from '../PressableCard/PressableCard';
import { SearchField } from './SearchField';
import { texts } from '../texts';

interface Props {
  label: string;
  options: readonly { value: string; text: string }[];
  value: string | null;
  onPick: (value: string | null) => void;
}

const few = 5;

/** One of many, found by typing a part of its name. */
export function PickOne({ label, options, value, onPick }: Props) {
  const [search, setSearch] = useState('');
  const wanted = search.trim().toLowerCase();
  const found = wanted ? options.filter(({ text }) => text.toLowerCase().includes(wanted)).slice(0, few) : [];
  const chosen = options.find((option) => option.value === value)?.text ?? value;
  return (
    <View style={styles.pick}>
      <Text variant="labelMedium">{label}</Text>
      {value ? (
        <PressableCard chosen onPress={() => onPick(null)} aria-label={texts.chooseAnother(label, chosen)}>
          <Text>{chosen}</Text>
        </PressableCard>
      ) : (
        <>
          <SearchField label={texts.searchForThe(label.toLowerCase())} value={search} onChange={setSearch} />
          {found.map((option) => (
            <PressableCard
              key={option.value}
              onPress={() => {
                setSearch('');
                onPick(option.value);
              }}
            >
              <Text>{option.text}</Text>
            </PressableCard>
          ))}
          {wanted && found.length === 0 ? <Text variant="bodySmall">{texts.noMatch}</Text> : null}
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ pick: { gap: 6 } });
