import { athleteForm, type AthleteForm } from '@wrightonic/contract';
import { levelAt, levels, voices, weekdays, type Drill } from '@wrightonic/core';
import { useWatch, type FieldPath } from 'react-hook-form';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { ApproachFields } from '../../ui/form/ApproachFields';
import {
  FormCheckboxes,
  FormChoices,
  FormDate,
  FormField,
  FormFigure,
  FormList,
  FormText,
} from '../../ui/form/bound';
import { useSchemaForm, type SchemaForm } from '../../ui/form/schemaForm';
import { SizeField } from '../../ui/form/SizeField';
import { useBook } from '../../ui/hooks/useBook';
import { Section } from '../../ui/Section/Section';
import { disciplineNames, handNames, levelNames, voiceNames, weekdayNames } from '../../ui/words/kindWords';
import { Guardians } from './Guardians';
import { texts } from './texts';

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

interface Props {
  form: SchemaForm<AthleteForm>;
}

/** The least that is needed of an athlete: name, birthdate, hand, discipline, days. */
export const FirstFields = ({ form }: Props) => (
  <>
    <FormText form={form} name="givenName" />
    <FormText form={form} name="familyName" />
    <FormDate form={form} name="birthdate" />
    <FormChoices
      form={form}
      name="throws"
      options={(['R', 'L'] as const).map((value) => ({ value, text: handNames[value] }))}
    />
    <FormChoices
      form={form}
      name="discipline"
      options={(['overhand', 'windmill'] as const).map((value) => ({ value, text: disciplineNames[value] }))}
    />
    <FormCheckboxes
      form={form}
      name="days"
      options={weekdays.map((value) => ({ value, text: weekdayNames[value] }))}
    />
  </>
);

/** Whether one of the fields of a section is wrong: then it stands open. */
const wrongIn = (form: SchemaForm<AthleteForm>, ...names: FieldPath<AthleteForm>[]): boolean =>
  names.some((name) => form.getFieldState(name, form.formState).error !== undefined);

/** Everything else, in sections that can each be skipped. */
export function MoreFields({ form }: Props) {
  const { all } = useBook();
  const today = useToday();
  const [birthdate, equipment, guardians, voice] = useWatch({
    control: form.control,
    name: ['birthdate', 'equipment', 'guardians', 'voice'],
  });
  const years = Number(today.slice(0, 4)) - Number(birthdate.slice(0, 4));
  const byAge =
    Number.isFinite(years) && years > 3
      ? texts.byAge(levelNames[levelAt(years)].toLowerCase())
      : texts.byAge2;
  return (
    <>
      <Section
        title={texts.bodyAndLevel}
        told={texts.heightWeightLevelSex}
        mustOpen={wrongIn(form, 'heightCm', 'massKg')}
      >
        <SizeField form={form} name="heightCm" kind="length" optional />
        <SizeField form={form} name="massKg" kind="mass" optional />
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
            { value: null, text: texts.notRecorded },
            { value: 'female', text: texts.female },
            { value: 'male', text: texts.male },
          ]}
        />
      </Section>
      <Section title={texts.equipmentAtHome} told={equipment.join(', ') || texts.none}>
        <Text variant="bodySmall">{texts.drillsThatNeedAnything}</Text>
        <FormCheckboxes form={form} name="equipment" options={homeThings(all)} />
      </Section>
      <Section
        title={texts.emergencyContacts}
        told={guardians.length ? guardians.map(({ name }) => name).join(', ') : texts.noneRecorded}
        mustOpen={wrongIn(form, 'guardians', 'allergies')}
      >
        <Guardians form={form} />
        <FormText form={form} name="allergies" label={texts.allergiesOptionalStaffOnly} />
      </Section>
      <Section
        title={texts.teamsAndLeagues}
        told={texts.teamsMostThrows}
        mustOpen={wrongIn(form, 'teams', 'league.maxPerDay', 'league.maxPerGame')}
      >
        <FormList
          form={form}
          name="teams"
          label={texts.teamsSeparatedByCommas}
          called={texts.teams}
          optional
        />
        <FormFigure form={form} name="league.maxPerDay" optional hint={texts.withSeveralLeaguesEnter} />
        <FormFigure form={form} name="league.maxPerGame" optional />
      </Section>
      <Section title={texts.cuesAndApproach} told={texts.cues(voiceNames[voice].toLowerCase())}>
        <FormChoices
          form={form}
          name="voice"
          options={voices.map((value) => ({ value, text: voiceNames[value] }))}
        />
        <FormField form={form} name="approach">
          {({ field }) => (
            <ApproachFields value={field.value} onChange={field.onChange} unset={texts.sameAsMine} />
          )}
        </FormField>
      </Section>
      <Section title={texts.note} told={texts.forStaff} mustOpen={wrongIn(form, 'note')}>
        <FormText form={form} name="note" optional lines={3} />
      </Section>
    </>
  );
}
