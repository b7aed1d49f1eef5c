import { useState } from 'react';
import { FigureField } from './FigureField';
import type { TextFieldProps } from './TextField';
import { typedFigure } from './typedFigure';

interface Props extends Pick<TextFieldProps, 'label' | 'hint' | 'wrong' | 'onBlur'> {
  value: unknown;
  onChange: (value: number | string | null) => void;
}

/** A figure of a form. It stays as it is typed: on the way to 1.05 stands 1.0, which is 1 and must not become it. */
export function TypedFigure({ value, onChange, ...field }: Props) {
  const [text, setText] = useState('');
  // What the form says by itself, as at the beginning, is shown as it is.
  const shown = typedFigure(text) === value ? text : String(value ?? '');
  return (
    <FigureField
      {...field}
      value={shown}
      onChange={(typed) => {
        setText(typed);
        onChange(typedFigure(typed));
      }}
    />
  );
}
