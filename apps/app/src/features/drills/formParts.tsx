import type { ReactNode } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';

interface LineProps {
  label: string;
  value: string;
  onChange: (text: string) => void;
  wrong: string | undefined;
  hint?: string;
  lines?: number;
}

/** A line or more of text with what is wrong with it. */
export function Line({ label, value, onChange, wrong, hint, lines }: LineProps) {
  return (
    <View>
      <TextInput
        mode="outlined"
        label={label}
        aria-label={label}
        aria-invalid={wrong !== undefined}
        value={value}
        onChangeText={onChange}
        error={wrong !== undefined}
        multiline={lines !== undefined}
        {...(lines ? { numberOfLines: lines } : {})}
      />
      {wrong || !hint ? <Wrong words={wrong} /> : <HelperText type="info">{hint}</HelperText>}
    </View>
  );
}

export const Wrong = ({ words }: { words: string | undefined }) =>
  words ? (
    <HelperText type="error" role="alert">
      {`${words.charAt(0).toUpperCase()}${words.slice(1)}.`}
    </HelperText>
  ) : null;

export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Card>
      <Heading>{title}</Heading>
      {children}
    </Card>
  );
}
