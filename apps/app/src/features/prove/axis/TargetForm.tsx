import { newTarget, type Target } from '@wrightonic/contract';
import { velocityFrom, velocityIn, type VelocityUnit } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { FormDate } from '../../../ui/form/bound';
import { useSchemaForm } from '../../../ui/form/schemaForm';
import { TextField } from '../../../ui/form/TextField';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  athleteId: string;
  target: Target | null;
  unit: VelocityUnit;
  onDone: () => void;
}

/** Where the usual velocity should go, and by when. */
export function TargetForm({ athleteId, target, unit, onDone }: Props) {
  const [setTarget, { error, isLoading }] = lazyEndpoints.useSetTargetMutation();
  const form = useSchemaForm(newTarget, {
    id: v7(),
    velocity: target?.velocity ?? null,
    by: target?.by ?? null,
  });
  const [typed, setTyped] = useState(target ? velocityIn(target.velocity, unit).toFixed(1) : '');
  const value = Number(typed.replace(',', '.'));
  const metres = velocityFrom(value, unit);
  const fits = typed.trim() !== '' && metres >= 5 && metres <= 60;
  const keep = async (velocity: number | null) => {
    const by = velocity === null ? null : form.getValues('by') || null;
    const answer = await setTarget({ athleteId, body: { id: v7(), velocity, by } });
    if (!('error' in answer)) onDone();
  };
  return (
    <View style={styles.root}>
      <View style={styles.row}>
        <TextField
          label={texts.targetForUsualVelocity(unit)}
          inputMode="decimal"
          style={styles.field}
          value={typed}
          onChange={setTyped}
          wrong={typed !== '' && !fits}
          atMost={6}
        />
        <View style={styles.field}>
          <FormDate form={form} name="by" />
        </View>
      </View>
      {typed !== '' && !fits ? (
        <Text role="alert">
          {texts.targetVelocityTo(velocityIn(5, unit).toFixed(0), velocityIn(60, unit).toFixed(0), unit)}
        </Text>
      ) : null}
      {error ? <ErrorNotice error={error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" disabled={!fits} loading={isLoading} onPress={() => void keep(metres)}>
          {texts.setTarget}
        </Button>
        {target ? (
          <Button mode="text" onPress={() => void keep(null)}>
            {texts.removeTarget}
          </Button>
        ) : null}
        <Button mode="text" onPress={onDone}>
          {texts.cancel}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  field: { flexGrow: 1, minWidth: 150 },
});
