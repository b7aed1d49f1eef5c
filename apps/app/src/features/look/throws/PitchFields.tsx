import type { Discipline } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Choices } from '../../../ui/form/Choices';
import { FigureField } from '../../../ui/form/FigureField';
import { SpinFields } from './SpinFields';
import type { PitchSettings } from './useCharting';

const efforts = [60, 70, 80, 90, 100] as const;
const pitches = {
  overhand: ['fastball', 'change-up', 'curve', 'slider'],
  windmill: ['fastball', 'change-up', 'rise', 'drop', 'curve'],
} as const;

interface Props {
  discipline: Discipline;
  settings: PitchSettings;
  onChange: (change: Partial<PitchSettings>) => void;
}

/** What holds for the throws that are charted: effort, pitch, ball, distance, where, spin. */
export function PitchFields({ discipline, settings, onChange }: Props) {
  const [more, setMore] = useState(false);
  const { effort, pitch, type, ball, distance, spin } = settings;
  return (
    <>
      <Choices<number | null>
        label="Effort asked, %"
        shown
        value={effort}
        onChange={(to) => onChange({ effort: to })}
        options={[
          ...efforts.map((each) => ({ value: each, text: String(each) })),
          { value: null, text: 'Not said' },
        ]}
      />
      <Choices<string>
        label="Pitch"
        shown
        value={pitch}
        onChange={(to) => onChange({ pitch: to })}
        options={pitches[discipline].map((each) => ({ value: each, text: each }))}
      />
      <Button mode="text" onPress={() => setMore(!more)} style={styles.start}>
        {more ? 'Less' : 'Ball, distance, game, spin'}
      </Button>
      {more ? (
        <>
          <View style={styles.row}>
            <FigureField label="Ball, g" value={ball} onChange={(to) => onChange({ ball: to })} />
            <FigureField label="Distance, m" value={distance} onChange={(to) => onChange({ distance: to })} />
          </View>
          <SpinFields typed={spin} onChange={(to) => onChange({ spin: to })} />
          <Choices<PitchSettings['type']>
            label="Where"
            shown
            value={type}
            onChange={(to) => onChange({ type: to })}
            options={[
              { value: 'practice', text: 'Practice' },
              { value: 'game', text: 'Game' },
            ]}
          />
        </>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
