import type { Discipline } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choices } from '../../../ui/form/Choices';
import { FigureField } from '../../../ui/form/FigureField';
import { SpinFields } from './SpinFields';
import type { PitchSettings } from './useCharting';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

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
        label={texts.effortAsked}
        shown
        value={effort}
        onChange={(to) => onChange({ effort: to })}
        options={[
          ...efforts.map((each) => ({ value: each, text: String(each) })),
          { value: null, text: texts.notRecorded },
        ]}
      />
      <Choices<string>
        label={texts.pitch}
        shown
        value={pitch}
        onChange={(to) => onChange({ pitch: to })}
        options={pitches[discipline].map((each) => ({ value: each, text: each }))}
      />
      <Button mode="text" onPress={() => setMore(!more)} style={styles.start}>
        {more ? texts.less : texts.ballDistanceGameSpin}
      </Button>
      {more ? (
        <>
          <View style={styles.row}>
            <FigureField label={texts.ballG} value={ball} onChange={(to) => onChange({ ball: to })} />
            <FigureField
              label={texts.distanceM}
              value={distance}
              onChange={(to) => onChange({ distance: to })}
            />
          </View>
          <SpinFields typed={spin} onChange={(to) => onChange({ spin: to })} />
          <Choices<PitchSettings['type']>
            label={texts.where}
            shown
            value={type}
            onChange={(to) => onChange({ type: to })}
            options={[
              { value: 'practice', text: texts.practice },
              { value: 'game', text: texts.game },
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
