import type { AthleteForm } from '@wrightonic/contract';
import { useFieldArray } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { FormText } from '../../ui/form/bound';
import type { SchemaForm } from '../../ui/form/schemaForm';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const mostGuardians = 4;

/** Emergency contacts; staff only. */
export function Guardians({ form }: { form: SchemaForm<AthleteForm> }) {
  const guardians = useFieldArray({ control: form.control, name: 'guardians' });
  return (
    <>
      <Text variant="bodySmall">{texts.onlyStaffSeeThese}</Text>
      {guardians.fields.map(({ id }, n) => (
        <View key={id} style={styles.gap}>
          <FormText form={form} name={`guardians.${n}.name`} />
          <FormText form={form} name={`guardians.${n}.phone`} inputMode="tel" />
          <FormText form={form} name={`guardians.${n}.email`} optional inputMode="email" />
          <Button mode="text" onPress={() => guardians.remove(n)} style={styles.start}>
            {texts.removeThisGuardian}
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
          {texts.addAGuardian}
        </Button>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({ gap: { gap: 6 }, start: { alignSelf: 'flex-start' } });
