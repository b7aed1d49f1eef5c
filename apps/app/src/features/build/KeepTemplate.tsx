import { newTemplate } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { FormText } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Keeps a ladder under a name, to start other plans from. */
export function KeepTemplate({ planId }: { planId: string }) {
  const [naming, setNaming] = useState(false);
  const form = useSchemaForm(newTemplate, { id: v7(), name: '' });
  const [keep, { error, isLoading, isSuccess }] = lazyEndpoints.useKeepTemplateMutation();
  const save = form.handleSubmit(({ id, name }) => void keep({ planId, body: { id, name: name.trim() } }));
  if (isSuccess) return <Text role="status">{texts.savedAsNewPlans(form.getValues('name').trim())}</Text>;
  if (!naming)
    return (
      <Button mode="text" style={styles.start} onPress={() => setNaming(true)}>
        {texts.saveAsATemplate}
      </Button>
    );
  return (
    <View style={styles.root}>
      <FormText form={form} name="name" atMost={80} />
      {error ? <ErrorNotice error={error} /> : null}
      <Button mode="contained-tonal" style={styles.start} loading={isLoading} onPress={() => void save()}>
        {texts.saveTemplate}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ root: { gap: 8 }, start: { alignSelf: 'flex-start' } });
