import { newCampHelper, type CampRecord, type NewCampHelper } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { Card } from '../../../ui/Card/Card';
import { FormText } from '../../../ui/form/bound';
import { showRefusal, useSchemaForm } from '../../../ui/form/schemaForm';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const empty = (): NewCampHelper => ({ id: v7(), name: '', email: '', password: '' });

/** Accounts of those who help: they see this camp alone, and only on its days. */
export function Helpers({ camp }: { camp: CampRecord }) {
  const { data = [] } = lazyEndpoints.useCampHelpersQuery(camp.id);
  const [send, { isLoading, error }] = lazyEndpoints.useAddCampHelperMutation();
  const [open, setOpen] = useState(false);
  const form = useSchemaForm<NewCampHelper>(newCampHelper, empty());
  const save = form.handleSubmit(async (helper) => {
    const answer = await send({ campId: camp.id, ...helper });
    if ('error' in answer) return showRefusal(form, answer.error);
    form.reset(empty());
    setOpen(false);
  });
  return (
    <Card>
      <Heading>{texts.accountsOfHelpers}</Heading>
      <Text>{texts.aHelperCanSign}</Text>
      {data.map(({ id, name, email }) => (
        <Text key={id}>{`${name}, ${email}`}</Text>
      ))}
      {open ? (
        <>
          <FormText form={form} name="name" atMost={80} />
          <FormText form={form} name="email" atMost={200} inputMode="email" />
          <FormText form={form} name="password" atMost={200} />
          {error ? <ErrorNotice error={error} /> : null}
          <View style={styles.row}>
            <Button mode="contained" loading={isLoading} onPress={() => void save()}>
              {texts.createAccount}
            </Button>
            <Button onPress={() => setOpen(false)}>{texts.cancel}</Button>
          </View>
        </>
      ) : (
        <Button mode="outlined" icon="plus" style={styles.start} onPress={() => setOpen(true)}>
          {texts.addAHelper}
        </Button>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
