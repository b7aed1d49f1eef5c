import type { Severity } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { severityNames } from '../seam/words';
import type { PointMeasure } from './steps';
import { figureIn } from '../form/typedFigure';
import { TextField } from '../form/TextField';
import { texts } from '../texts';
import { Button } from '../Button/Button';

interface MeasureProps {
  measure: PointMeasure;
  name: string;
  value: number | null;
  onTake: (value: number, derived: Severity) => void;
}

/** A typed value with the grade that it gives; what is beyond a body is not taken. */
export function MeasureField({ measure, name, value, onTake }: MeasureProps) {
  const [text, setText] = useState(value === null ? '' : String(value));
  const [low, high] = measure.range;
  const number = figureIn(text);
  const fits = number >= low && number <= high;
  const derived = fits ? measure.grade(number) : null;
  return (
    <View style={styles.field}>
      <TextField
        label={`${measure.name}, ${measure.unit}`}
        name={texts.forWord(measure.name, name)}
        value={text}
        onChange={setText}
        inputMode="decimal"
        autoFocus
        wrong={text && !fits ? texts.mustBeANumber(low, high, measure.unit) : undefined}
        hint={derived === null ? measure.how : texts.thatIs(severityNames[derived])}
      />
      <Button mode="contained" disabled={derived === null} onPress={() => onTake(number, derived!)}>
        {texts.useThisMeasurement}
      </Button>
    </View>
  );
}

interface NoteProps {
  name: string;
  note: string;
  onKeep: (note: string) => void;
}

export function NoteField({ name, note, onKeep }: NoteProps) {
  const [text, setText] = useState(note);
  return (
    <View style={styles.field}>
      <TextField
        label={texts.note}
        name={texts.noteFor(name)}
        value={text}
        onChange={setText}
        atMost={500}
        autoFocus
      />
      <Button mode="contained" onPress={() => onKeep(text.trim())}>
        {texts.saveNote}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ field: { gap: 4, marginTop: 4 } });
