import { type BuildPage } from '@wrightonic/contract';
import { dayKinds, places, type DayKind, type Place, dayOf, type PlannedDay } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Choices, CheckboxGroup } from '../../../ui/form/Choices';
import { weekday } from '../../../ui/words/days';
import { FigureField } from '../../../ui/form/FigureField';
import { dayKindNames } from './dayKindNames';
import { useBook } from '../../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const minutes = [10, 15, 20, 30, 45, 60, 90];

interface Props {
  day: PlannedDay;
  page: BuildPage;
  onChange: (day: PlannedDay) => void;
}

/** What a day is: its kind, minutes, places and what is at hand. */
export function DayForm({ day, page, onChange }: Props) {
  const [all, setAll] = useState(false);
  const { all: drills } = useBook();
  const things = [...new Set(drills.flatMap(({ equipment }) => equipment.flat()))].sort();
  const [pitches, setPitches] = useState(day.pitches === null ? '' : String(day.pitches));
  const kindChanged = (kind: DayKind) => {
    const fresh = dayOf(day.date, kind, page);
    // What was set before stays, where there was time at all.
    onChange(kind === 'off' || day.minutes === 0 ? fresh : { ...fresh, minutes: day.minutes });
  };
  const typed = (text: string) => {
    setPitches(text);
    const count = Number(text);
    if (text === '' || (Number.isInteger(count) && count >= 0 && count <= 250))
      onChange({ ...day, pitches: text === '' ? null : count });
  };
  const bad =
    pitches !== '' && !(Number.isInteger(Number(pitches)) && Number(pitches) >= 0 && Number(pitches) <= 250);
  const name = weekday(day.date);
  return (
    <View style={styles.root}>
      <Choices<DayKind>
        label={texts.kindOfDay(name)}
        options={dayKinds.map((value) => ({ value, text: dayKindNames[value] }))}
        value={day.kind}
        onChange={kindChanged}
      />
      {day.kind === 'off' ? null : (
        <>
          <Choices
            shown
            label={texts.minutesForDrills}
            options={minutes.map((value) => ({ value, text: String(value) }))}
            value={day.minutes}
            onChange={(value) => onChange({ ...day, minutes: value })}
          />
          <Text variant="labelMedium">{texts.where}</Text>
          <CheckboxGroup<Place>
            label={texts.whereOn(name)}
            options={places.map((value) => ({ value, text: value }))}
            value={day.places}
            onChange={(value) => onChange({ ...day, places: value })}
          />
          <Text variant="labelMedium">{texts.atHand(day.equipment.length)}</Text>
          <CheckboxGroup
            label={texts.atHandOn(name)}
            options={(all ? things : day.equipment.slice(0, 8)).map((value) => ({ value, text: value }))}
            value={day.equipment}
            onChange={(value) => onChange({ ...day, equipment: value })}
          />
          <Button mode="text" compact style={styles.start} onPress={() => setAll(!all)}>
            {all
              ? texts.lessEquipment
              : texts.allEquipment(day.equipment.length > 8 ? texts.atHand2(day.equipment.length) : '')}
          </Button>
        </>
      )}
      {day.kind === 'game' ? (
        <View style={styles.pitches}>
          <FigureField label={texts.pitchesInTheGame} value={pitches} onChange={typed} wrong={bad} />
          {bad ? <Text role="alert">{texts.aWholeNumberFrom}</Text> : null}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  start: { alignSelf: 'flex-start' },
  pitches: { gap: 4 },
});
