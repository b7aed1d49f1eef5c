import { campArea, type CampRecord } from '@wrightonic/contract';
import { areaKinds, type CampArea } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { Card } from '../../../ui/Card/Card';
import { FormChoices, FormFigure, FormText } from '../../../ui/form/bound';
import { useSchemaForm } from '../../../ui/form/schemaForm';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { Heading } from '../../../ui/Screen/Screen';
import { withOne, withoutOne, type SetupChange } from './useSetup';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const kindWords: Record<CampArea['kind'], string> = {
  cage: texts.cage,
  mound: texts.mound,
  field: texts.field,
};

/** Where stations stand, and how many each holds. */
export function Areas({ camp, change, saving }: { camp: CampRecord } & SetupChange) {
  const [open, setOpen] = useState<CampArea | null>(null);
  const { areas, stations } = camp.setup;
  const used = (id: string) => stations.some(({ areaId }) => areaId === id);
  return (
    <Card>
      <Heading>{texts.areas}</Heading>
      {areas.map((area) =>
        open?.id === area.id ? null : (
          <PressableCard key={area.id} onPress={() => setOpen(area)} aria-label={texts.change(area.name)}>
            <Text variant="labelLarge">{area.name}</Text>
            <Text variant="bodySmall">{texts.atOnce(kindWords[area.kind], area.capacity)}</Text>
          </PressableCard>
        ),
      )}
      {open ? (
        <AreaForm
          key={open.id}
          area={open}
          saving={saving}
          onClose={() => setOpen(null)}
          onSave={async (area) => {
            if (await change((was) => ({ ...was, areas: withOne(was.areas, area) }))) setOpen(null);
          }}
          onDelete={
            areas.some(({ id }) => id === open.id) && !used(open.id)
              ? async () => {
                  if (await change((was) => ({ ...was, areas: withoutOne(was.areas, open.id) })))
                    setOpen(null);
                }
              : null
          }
        />
      ) : (
        <Button
          mode="outlined"
          icon="plus"
          style={styles.start}
          onPress={() => setOpen({ id: v7(), name: '', kind: 'field', capacity: 12 })}
        >
          {texts.addAnArea}
        </Button>
      )}
    </Card>
  );
}

interface FormProps {
  area: CampArea;
  saving: boolean;
  onSave: (area: CampArea) => Promise<void>;
  onDelete: (() => Promise<void>) | null;
  onClose: () => void;
}

function AreaForm({ area, saving, onSave, onDelete, onClose }: FormProps) {
  const form = useSchemaForm<CampArea>(campArea, area);
  return (
    <View style={styles.form}>
      <FormText form={form} name="name" atMost={40} />
      <FormChoices
        form={form}
        name="kind"
        options={areaKinds.map((value) => ({ value, text: kindWords[value] }))}
      />
      <FormFigure form={form} name="capacity" />
      <View style={styles.row}>
        <Button mode="contained" loading={saving} onPress={() => void form.handleSubmit(onSave)()}>
          {texts.saveTheArea}
        </Button>
        <Button onPress={onClose}>{texts.cancel}</Button>
        {onDelete ? <Button onPress={() => void onDelete()}>{texts.remove}</Button> : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  form: { gap: 8 },
  start: { alignSelf: 'flex-start' },
});
