import { useState } from 'react';
import { thingsIn } from './things';
import { TextField, type TextFieldProps } from './TextField';

interface Props extends Omit<TextFieldProps, 'value' | 'onChange'> {
  value: readonly string[];
  onChange: (things: string[]) => void;
}

/** A list that is typed as one text, which stays as it was typed. */
export function TypedList({ value, onChange, ...field }: Props) {
  const [text, setText] = useState(() => value.join(', '));
  return (
    <TextField
      {...field}
      value={text}
      onChange={(typed) => {
        setText(typed);
        onChange(thingsIn(typed));
      }}
    />
  );
}
