import { type AthleteForm } from '@wrightonic/contract';
import { levelAt, levels, voices, weekdays } from '@wrightonic/core';
import { useFieldArray, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { FormCheckboxes, FormChoices, FormFigure, FormList, FormText } from '../../ui/form/bound';
import type { SchemaForm } from '../../ui/form/schemaForm';
import { levelNames, voiceNames, weekdayNames } from '../../ui/words/kindWords';
import { Heading } from '../../ui/Screen/Screen';

const dayOptions = weekdays.map((value) => ({ value, text: weekdayNames[value] }));

const mostGuardians = 4;

/** Emergency contacts; staff only. */
function Guardians({ form }: { form: SchemaForm<AthleteForm> }) {
  const guardians = useFieldArray({ control: form.control, name: 'guardians' });
  return (
    <>
      <Heading>Emergency contacts</Heading>
      <Text variant="bodySmall">Staff only.</Text>
      {guardians.fields.map(({ id }, n) => (
        <View key={id} style={styles.gap}>
          <FormText form={form} name={`guardians.${n}.name`} />
          <FormText form={form} name={`guardians.${n}.phone`} inputMode="tel" />
          <FormText form={form} name={`guardians.${n}.email`} optional inputMode="email" />
          <Button mode="text" onPress={() => guardians.remove(n)} style={styles.start}>
            Take this guardian out
          </Button>
        </View>
      ))}
      {guardians.fields.length < mostGuardians ? (
        <Button
          mode="outlined"
          icon="plus"
          onPress={() => guardians.append({ name: '', phone: '', email: '' })}
          style={styles.start}
        >
          Add a guardian
        </Button>
      ) : null}
    </>
  );
}

/** Level, days, voice, teams, emergency contacts: what the profile holds beside the first few things. */
export function ProfileFields({ form }: { form: SchemaForm<AthleteForm> }) {
  const today = useToday();
  const birthdate = useWatch({ control: form.control, name: 'birthdate' });
  const years = Number(today.slice(0, 4)) - Number(birthdate.slice(0, 4));
  const byAge =
    Number.isFinite(years) && years > 3 ? `By age: ${levelNames[levelAt(years)].toLowerCase()}` : 'By age';
  return (
    <>
      <FormChoices
        form={form}
        name="level"
        options={[
          { value: null, text: byAge },
          ...levels.map((value) => ({ value, text: levelNames[value] })),
        ]}
      />
      <FormChoices
        form={form}
        name="sex"
        optional
        options={[
          { value: null, text: 'Not said' },
          { value: 'female', text: 'Female' },
          { value: 'male', text: 'Male' },
        ]}
      />
      <FormCheckboxes form={form} name="days" options={dayOptions} />
      <FormChoices
        form={form}
        name="voice"
        options={voices.map((value) => ({ value, text: voiceNames[value] }))}
      />
      <FormList form={form} name="teams" label="Teams, with commas between" called="Teams" optional />
      <Guardians form={form} />
      <FormFigure
        form={form}
        name="league.maxPerDay"
        optional
        hint="Of several leagues the strictest; it holds where it is stricter than the published guidance."
      />
      <FormFigure form={form} name="league.maxPerGame" optional />
      <FormText form={form} name="allergies" label="Allergies (optional, staff only)" />
    </>
  );
}

const styles = StyleSheet.create({ gap: { gap: 6 }, start: { alignSelf: 'flex-start' } });
