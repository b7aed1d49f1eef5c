import { campStaff, type CampRecord } from '@wrightonic/contract';
import { coachSkills, daysOf, type CampStaff } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { Card } from '../../../ui/Card/Card';
import { FormCheckboxes, FormText } from '../../../ui/form/bound';
import { CheckboxGroup } from '../../../ui/form/Choices';
import { TimeField } from '../../../ui/form/DateField';
import { useSchemaForm } from '../../../ui/form/schemaForm';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { Heading } from '../../../ui/Screen/Screen';
import { weekday } from '../../../ui/words/days';
import { withOne, withoutOne, type SetupChange } from './useSetup';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** Who works at the camp, what they can lead, and when they are there. */
export function Staff({ camp, change, saving }: { camp: CampRecord } & SetupChange) {
  const [open, setOpen] = useState<CampStaff | null>(null);
  const { setup } = camp;
  const days = daysOf(setup);
  const usual = days.map((day) => ({ day, from: '08:00', to: '18:00' }));
  return (
    <Card>
      <Heading>{texts.staff}</Heading>
      {setup.staff.length === 0 ? <Text>{texts.withNoStaffListed}</Text> : null}
      {setup.staff.map((each) =>
        open?.id === each.id ? null : (
          <PressableCard key={each.id} onPress={() => setOpen(each)} aria-label={texts.change(each.name)}>
            <Text variant="labelLarge">{each.name}</Text>
            <Text variant="bodySmall">
              {[
                each.skills.join(', ') || texts.noSkillsNamed,
                texts.ofDays(each.hours.length, days.length),
              ].join(' · ')}
            </Text>
          </PressableCard>
        ),
      )}
      {open ? (
        <StaffForm
          key={open.id}
          staff={open}
          days={days}
          saving={saving}
          onClose={() => setOpen(null)}
          onSave={async (one) => {
            if (await change((was) => ({ ...was, staff: withOne(was.staff, one) }))) setOpen(null);
          }}
          onDelete={async () => {
            if (await change((was) => ({ ...was, staff: withoutOne(was.staff, open.id) }))) setOpen(null);
          }}
        />
      ) : (
        <Button
          mode="outlined"
          icon="plus"
          style={styles.start}
          onPress={() => setOpen({ id: v7(), name: '', skills: [], hours: usual })}
        >
          {texts.addStaff}
        </Button>
      )}
    </Card>
  );
}

interface FormProps {
  staff: CampStaff;
  days: readonly string[];
  saving: boolean;
  onSave: (staff: CampStaff) => Promise<void>;
  onDelete: () => Promise<void>;
  onClose: () => void;
}

function StaffForm({ staff, days, saving, onSave, onDelete, onClose }: FormProps) {
  const form = useSchemaForm<CampStaff>(campStaff, staff);
  const hours = form.watch('hours');
  const { from, to } = hours[0] ?? { from: '08:00', to: '18:00' };
  const setDays = (chosen: readonly string[], begin = from, end = to) =>
    form.setValue(
      'hours',
      [...chosen].sort().map((day) => ({ day, from: begin, to: end })),
    );
  const chosen = hours.map(({ day }) => day);
  return (
    <View style={styles.form}>
      <FormText form={form} name="name" atMost={60} />
      <FormCheckboxes
        form={form}
        name="skills"
        options={coachSkills.map((value) => ({ value, text: value }))}
      />
      <CheckboxGroup
        label={texts.days}
        shown
        value={chosen}
        onChange={(to) => setDays(to)}
        options={days.map((value) => ({ value, text: `${weekday(value)} ${Number(value.slice(8))}` }))}
      />
      <View style={styles.row}>
        <TimeField label={texts.from} value={from} onChange={(time) => setDays(chosen, time, to)} />
        <TimeField
          label={texts.to}
          value={to}
          onChange={(time) => setDays(chosen, from, time)}
          wrong={from < to ? undefined : texts.theHoursEndBefore}
        />
      </View>
      <View style={styles.row}>
        <Button mode="contained" loading={saving} onPress={() => void form.handleSubmit(onSave)()}>
          {texts.save}
        </Button>
        <Button onPress={onClose}>{texts.cancel}</Button>
        <Button onPress={() => void onDelete()}>{texts.remove}</Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  form: { gap: 8 },
  start: { alignSelf: 'flex-start' },
});
