import { flightOf } from '@wrightonic/contract';
import { flightRanges, type Flight } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { FigureField } from '../../../ui/form/FigureField';
import { figureIn } from '../../../ui/form/typedFigure';
import { texts } from './texts';

const fields = [
  { key: 'spin_rpm', label: texts.spinRpm, range: flightRanges.spinRpm },
  { key: 'spin_axis', label: texts.spinAxis, range: flightRanges.spinAxis },
  { key: 'break_arm_in', label: texts.armSideIn, range: [-39, 39] },
  { key: 'break_up_in', label: texts.upIn, range: [-39, 39] },
] as const;
type Key = (typeof fields)[number]['key'];

export const emptySpin: Readonly<Record<Key, string>> = {
  spin_rpm: '',
  spin_axis: '',
  break_arm_in: '',
  break_up_in: '',
};

/** Spin and movement of the next throw as they were typed, and what they come to. */
export interface SpinTyped {
  text: Readonly<Record<Key, string>>;
  flight: Flight | undefined;
  /** Empty where everything can be kept. */
  wrong: string;
}

function readSpin(text: SpinTyped['text']): SpinTyped {
  const entered: Partial<Record<Key, number>> = {};
  let wrong = '';
  for (const { key, label, range } of fields) {
    if (text[key].trim() === '') continue;
    const value = figureIn(text[key]);
    if (value >= range[0] && value <= range[1]) entered[key] = value;
    else wrong ||= texts.mustBeANumber(label.split(',')[0], range[0], range[1]);
  }
  return { text, flight: flightOf(entered), wrong };
}

/** Spin and break of the next throw, where a device says them. */
export function SpinFields({ typed, onChange }: { typed: SpinTyped; onChange: (typed: SpinTyped) => void }) {
  return (
    <>
      <Text variant="labelMedium">{texts.spinAndBreak}</Text>
      <View style={styles.row}>
        {fields.map(({ key, label }) => (
          <View key={key} style={styles.one}>
            <FigureField
              label={label}
              value={typed.text[key]}
              onChange={(text) => onChange(readSpin({ ...typed.text, [key]: text }))}
            />
          </View>
        ))}
      </View>
      {typed.wrong ? (
        <Text role="alert" variant="labelLarge">
          {typed.wrong}
        </Text>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  one: { flexGrow: 1, flexBasis: 130, flexDirection: 'row' },
});
