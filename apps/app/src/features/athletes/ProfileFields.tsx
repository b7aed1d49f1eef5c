import { type AthleteForm } from '@wrightonic/contract';
import {
  levelAt,
  levels,
  voices,
  type Level,
  type Sex,
  type Voice,
  weekdays,
  type Weekday,
} from '@wrightonic/core';
import { Controller, useFieldArray, useWatch, type Control } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { Choices, CheckboxGroup } from '../../ui/form/Choices';
import { Field } from '../../ui/form/Field';
import { levelNames, voiceNames, weekdayNames } from '../../ui/words/kindWords';
import { Heading } from '../../ui/Screen/Screen';

const dayOptions = weekdays.map((value): { value: Weekday; text: string } => ({
  value,
  text: weekdayNames[value],
}));

const mostGuardians = 4;

/** Emergency contacts; staff only. */
function Guardians({ control }: { control: Control<AthleteForm> }) {
  const guardians = useFieldArray({ control, name: 'guardians' });
  return (
    <>
      <Heading>Emergency contacts</Heading>
      <Text variant="bodySmall">Staff only.</Text>
      {guardians.fields.map(({ id }, n) => (
        <View key={id} style={styles.gap}>
          <Field control={control} name={`guardians.${n}.name`} label="Guardian’s name" />
          <Field control={control} name={`guardians.${n}.phone`} label="Guardian’s phone" inputMode="tel" />
          <Field
            control={control}
            name={`guardians.${n}.email`}
            label="Guardian’s e-mail (optional)"
            inputMode="email"
          />
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
export function ProfileFields({ control }: { control: Control<AthleteForm> }) {
  const today = useToday();
  const birthdate = useWatch({ control, name: 'birthdate' });
  const years = Number(today.slice(0, 4)) - Number(birthdate.slice(0, 4));
  const byAge =
    Number.isFinite(years) && years > 3 ? `By age: ${levelNames[levelAt(years)].toLowerCase()}` : 'By age';
  return (
    <>
      <Controller
        control={control}
        name="level"
        render={({ field }) => (
          <Choices<Level | null>
            label="Level, for what is usual"
            shown
            value={field.value}
            onChange={field.onChange}
            options={[
              { value: null, text: byAge },
              ...levels.map((value) => ({ value, text: levelNames[value] })),
            ]}
          />
        )}
      />
      <Controller
        control={control}
        name="sex"
        render={({ field }) => (
          <Choices<Sex | null>
            label="Sex, for the reference of the jump alone (optional)"
            shown
            value={field.value}
            onChange={field.onChange}
            options={[
              { value: null, text: 'Not said' },
              { value: 'female', text: 'Female' },
              { value: 'male', text: 'Male' },
            ]}
          />
        )}
      />
      <View style={styles.gap}>
        <Text variant="labelMedium">Days with time to work</Text>
        <Controller
          control={control}
          name="days"
          render={({ field }) => (
            <CheckboxGroup
              label="Days with time to work"
              options={dayOptions}
              value={field.value}
              onChange={field.onChange}
            />
          )}
        />
      </View>
      <Controller
        control={control}
        name="voice"
        render={({ field }) => (
          <Choices<Voice>
            label="Cues in the words of"
            shown
            value={field.value}
            onChange={field.onChange}
            options={voices.map((value) => ({ value, text: voiceNames[value] }))}
          />
        )}
      />
      <Controller
        control={control}
        name="teams"
        render={({ field }) => (
          <TextInput
            mode="outlined"
            label="Teams, with commas between (optional)"
            aria-label="Teams"
            defaultValue={field.value.join(', ')}
            onChangeText={(text) =>
              field.onChange([
                ...new Set(
                  text
                    .split(',')
                    .map((team) => team.trim())
                    .filter(Boolean),
                ),
              ])
            }
          />
        )}
      />
      <Guardians control={control} />
      <Field
        control={control}
        name="league.maxPerDay"
        label="League: most throws a day (optional)"
        hint="Of several leagues the strictest; it holds where it is stricter than the published guidance."
        number
      />
      <Field
        control={control}
        name="league.maxPerGame"
        label="League: most pitches a game (optional)"
        number
      />
      <Field control={control} name="allergies" label="Allergies (optional, staff only)" />
    </>
  );
}

const styles = StyleSheet.create({ gap: { gap: 6 }, start: { alignSelf: 'flex-start' } });
