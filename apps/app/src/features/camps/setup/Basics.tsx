import { campSetup, type CampRecord } from '@wrightonic/contract';
import type { CampSetup } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Card } from '../../../ui/Card/Card';
import { FormChoices, FormDate, FormFigure, FormText } from '../../../ui/form/bound';
import { useSchemaForm } from '../../../ui/form/schemaForm';
import { Heading } from '../../../ui/Screen/Screen';
import type { SetupChange } from './useSetup';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const modeWords: Record<CampSetup['mode'], string> = {
  routes: texts.eachAthleteHasTheir,
  groups: texts.groupsRotate,
};

/** Name, days, and the rules of the plan. */
export function Basics({ camp, change, saving }: { camp: CampRecord } & SetupChange) {
  const [open, setOpen] = useState(false);
  const { setup } = camp;
  if (!open)
    return (
      <Card>
        <Heading>{texts.camp}</Heading>
        <Text>{modeWords[setup.mode]}</Text>
        <Text variant="bodySmall">
          {[
            setup.ageSpan === null ? texts.anyAgesTogether : texts.atMostYearsApart(setup.ageSpan),
            texts.oneAdultForEach(setup.athletesPerAdult),
            setup.surnames ? texts.familyNamesOnBoards : texts.firstNamesOnly,
          ].join(' · ')}
        </Text>
        <Button mode="outlined" onPress={() => setOpen(true)} style={styles.start}>
          {texts.changeNameDays}
        </Button>
      </Card>
    );
  return <Form camp={camp} change={change} saving={saving} onClose={() => setOpen(false)} />;
}

type FormProps = Pick<SetupChange, 'change' | 'saving'> & { camp: CampRecord; onClose: () => void };

function Form({ camp, change, saving, onClose }: FormProps) {
  const { setup } = camp;
  const form = useSchemaForm<CampSetup>(campSetup, setup);
  const mode = form.watch('mode');
  const save = form.handleSubmit(async ({ areas: _, blocks: __, staff: ___, stations: ____, ...basics }) => {
    if (await change((was) => ({ ...was, ...basics, together: was.together, apart: was.apart }))) onClose();
  });
  return (
    <Card>
      <Heading>{texts.camp}</Heading>
      <FormText form={form} name="name" atMost={60} />
      <FormText form={form} name="venue" atMost={80} optional />
      <View style={styles.row}>
        <FormDate form={form} name="firstDay" />
        <FormDate form={form} name="lastDay" />
      </View>
      <FormChoices
        form={form}
        name="mode"
        options={(['routes', 'groups'] as const).map((value) => ({ value, text: modeWords[value] }))}
      />
      {mode === 'groups' ? (
        <View style={styles.row}>
          <FormFigure form={form} name="groups.count" />
          <FormFigure form={form} name="groups.min" />
          <FormFigure form={form} name="groups.max" />
        </View>
      ) : null}
      <View style={styles.row}>
        <FormFigure form={form} name="ageSpan" optional />
        <FormFigure form={form} name="athletesPerAdult" />
      </View>
      <FormChoices
        form={form}
        name="surnames"
        options={[
          { value: false, text: texts.firstNamesOnly2 },
          { value: true, text: texts.withFamilyNames },
        ]}
      />
      <View style={styles.row}>
        <Button mode="contained" loading={saving} onPress={() => void save()}>
          {texts.save}
        </Button>
        <Button onPress={onClose}>{texts.cancel}</Button>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
