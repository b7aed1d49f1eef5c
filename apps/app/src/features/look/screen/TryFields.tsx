import type { ScreenTryRecord } from '@wrightonic/contract';
import type { ScreenTest } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { HelperText } from 'react-native-paper';
import { Choices } from '../../../ui/Choices';
import { Figure } from '../../../ui/form/Figure';
import { AngleReader, ClockReader } from './Readers';

interface Props {
  test: ScreenTest;
  tries: readonly ScreenTryRecord[];
  onTry: (n: 1 | 2, value: number | null) => void;
}

const both = [1, 2] as const;
const grades = [0, 1, 2, 3] as const;

/** Two tries of one side, typed, tapped or read off. */
export function TryFields({ test, tries, onTry }: Props) {
  const of = (n: 1 | 2) => tries.find((each) => each.n === n)?.value ?? null;
  const next = of(1) === null ? 1 : 2;
  if (test.tool === 'grade')
    return (
      <Choices<number | null>
        label="Grade"
        shown
        value={of(1)}
        onChange={(grade) => onTry(1, grade)}
        options={grades.map((grade) => ({ value: grade, text: String(grade) }))}
      />
    );
  const usual = (test.range[0] + test.range[1]) / 2;
  return (
    <>
      {test.tool === 'phone' ? (
        <AngleReader
          towards={test.id === 'shoulder-arc' ? 172 : Math.min(45, usual)}
          onTake={(value) => onTry(next, value)}
        />
      ) : null}
      {test.tool === 'clock' ? <ClockReader onTake={(value) => onTry(next, value)} /> : null}
      <View style={styles.row}>
        {both.map((n) => (
          <OneTry key={`${n} ${of(n)}`} n={n} test={test} value={of(n)} onTry={(value) => onTry(n, value)} />
        ))}
      </View>
    </>
  );
}

interface OneProps {
  n: 1 | 2;
  test: ScreenTest;
  value: number | null;
  onTry: (value: number | null) => void;
}

function OneTry({ n, test, value, onTry }: OneProps) {
  const [text, setText] = useState(value === null ? '' : String(value));
  const [low, high] = test.range;
  const plain = text.trim().replace(',', '.');
  const number = /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : NaN;
  const fits = plain === '' || (number >= low && number <= high);
  const keep = () => {
    const typed = plain === '' ? null : number;
    if (fits && typed !== value) onTry(typed);
  };
  return (
    <View style={styles.one}>
      <Figure
        label={`Try ${n}, ${test.unit}`}
        name={`Try ${n}`}
        value={text}
        onChange={setText}
        onDone={keep}
        wrong={!fits}
      />
      {fits ? null : (
        <HelperText
          type="error"
          role="alert"
        >{`Must be a number from ${low} to ${high} ${test.unit}.`}</HelperText>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  one: { flex: 1 },
});
