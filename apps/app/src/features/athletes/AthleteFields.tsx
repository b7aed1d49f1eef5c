import { athleteForm, type AthleteForm } from '@wrightonic/contract';
import type { Drill } from '@wrightonic/core';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import { FormCheckboxes, FormChoices, FormDate, FormField, FormText } from '../../ui/form/bound';
import { useSchemaForm, type SchemaForm } from '../../ui/form/schemaForm';
import { SizeField } from '../../ui/form/SizeField';
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

export const useAthleteForm = (stored: AthleteForm) => useSchemaForm(athleteForm, stored);

export function AthleteFields({ form }: { form: SchemaForm<AthleteForm> }) {
  const { all } = useBook();
  const things = homeThings(all);
  return (
    <>
      <FormText form={form} name="givenName" />
      <FormText form={form} name="familyName" />
      <FormDate form={form} name="birthdate" />
      <FormChoices
        form={form}
        name="discipline"
        options={(['overhand', 'windmill'] as const).map((value) => ({
          value,
          text: disciplineNames[value],
        }))}
      />
      <FormChoices
        form={form}
        name="throws"
        options={(['R', 'L'] as const).map((value) => ({ value, text: handNames[value] }))}
      />
      <SizeField form={form} name="heightCm" kind="length" optional />
      <SizeField form={form} name="massKg" kind="mass" optional />
      <View style={{ gap: 6 }}>
        <Heading>At home there is</Heading>
        <Text variant="bodySmall">Drills that need something else are given at lessons only.</Text>
        <FormCheckboxes form={form} name="equipment" options={things} />
      </View>
      <ProfileFields form={form} />
      <Heading>Approach for this athlete</Heading>
      <FormField form={form} name="approach">
        {({ field }) => <ApproachFields value={field.value} onChange={field.onChange} unset="As mine" />}
      </FormField>
      <FormText form={form} name="note" optional lines={3} />
    </>
  );
}
