import type { AthleteForm } from '@wrightonic/contract';
import type { Drill } from '@wrightonic/core';
import { Controller, useForm, type UseFormReturn } from 'react-hook-form';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import { refusalOf } from '../../store/api';
import { checkedBy } from '../../ui/form/checkedBy';
import { Field } from '../../ui/form/Field';
import { SizeField } from '../../ui/form/SizeField';
import { friendly } from '../../ui/form/friendly';
import { Choices, CheckboxGroup } from '../../ui/form/Choices';
import { disciplineNames, handNames } from '../../ui/words/kindWords';
import { Heading } from '../../ui/Screen/Screen';
import { ApproachFields } from '../../ui/form/ApproachFields';
import { ProfileFields } from './ProfileFields';
import { useBook } from '../../ui/hooks/useBook';

/** What a drill at home may ask for, most asked first. */
const homeThings = (all: readonly Drill[]) => {
  const times = new Map<string, number>();
  for (const thing of all
    .filter(({ places }) => places.includes('home'))
    .flatMap(({ equipment }) => equipment.flat()))
    times.set(thing, (times.get(thing) ?? 0) + 1);
  return [...times].sort((a, b) => b[1] - a[1]).map(([thing]) => ({ value: thing, text: thing }));
};

export const useAthleteForm = <T extends AthleteForm>(defaultValues: T) =>
  useForm<AthleteForm>({ defaultValues, resolver: checkedBy('athlete') });

/** Puts what the server refused beside its fields; the rest stays as it was typed. */
export function showRefusal(form: UseFormReturn<AthleteForm>, error: unknown): void {
  for (const { field, message } of refusalOf(error).fields ?? [])
    form.setError(field.split('.')[0] as keyof AthleteForm, { message: friendly(message) });
}

export function AthleteFields({ form: { control } }: { form: UseFormReturn<AthleteForm> }) {
  const { all } = useBook();
  const things = homeThings(all);
  return (
    <>
      <Field control={control} name="givenName" label="Given name" />
      <Field control={control} name="familyName" label="Family name" />
      <Field control={control} name="birthdate" label="Birthdate" hint="Year-month-day, such as 2011-05-23" />
      <Controller
        control={control}
        name="discipline"
        render={({ field }) => (
          <Choices
            label="Discipline"
            shown
            value={field.value}
            onChange={field.onChange}
            options={[
              { value: 'overhand', text: disciplineNames.overhand },
              { value: 'windmill', text: disciplineNames.windmill },
            ]}
          />
        )}
      />
      <Controller
        control={control}
        name="throws"
        render={({ field }) => (
          <Choices
            label="Throwing hand"
            shown
            value={field.value}
            onChange={field.onChange}
            options={[
              { value: 'R', text: handNames.R },
              { value: 'L', text: handNames.L },
            ]}
          />
        )}
      />
      <SizeField control={control} name="heightCm" label="Height" kind="length" optional />
      <SizeField control={control} name="massKg" label="Weight" kind="mass" optional />
      <View style={{ gap: 6 }}>
        <Heading>At home there is</Heading>
        <Text variant="bodySmall">Drills that need something else are given at lessons only.</Text>
        <Controller
          control={control}
          name="equipment"
          render={({ field }) => (
            <CheckboxGroup
              label="Equipment at home"
              options={things}
              value={field.value}
              onChange={field.onChange}
            />
          )}
        />
      </View>
      <ProfileFields control={control} />
      <Heading>Approach for this athlete</Heading>
      <Controller
        control={control}
        name="approach"
        render={({ field }) => (
          <ApproachFields value={field.value} onChange={field.onChange} unset="As mine" />
        )}
      />
      <Field control={control} name="note" label="Note (optional)" lines={3} />
    </>
  );
}
