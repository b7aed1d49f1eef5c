import { newDeletion } from '@wrightonic/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Button } from '../../ui/Button/Button';
import { Card } from '../../ui/Card/Card';
import { FormText } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { useMay } from '../../ui/hooks/useMay';
import { ErrorNotice, Notice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';

interface Props {
  athleteId: string;
  name: string;
}

/** Somebody goes: taken along as a file, out of the lists, or deleted. */
export function Leaving({ athleteId, name }: Props) {
  const takesOut = useMay('export');
  const removes = useMay('remove');
  const [archive, archiving] = lazyEndpoints.useArchiveAthleteMutation();
  const [asked, setAsked] = useState(false);
  if (!takesOut) return null;
  const putAway = async () => {
    const answer = await archive({ athleteId, archived: true });
    if (!('error' in answer)) router.replace('/roster');
  };
  return (
    <Card>
      <Heading level={3}>{texts.leaving}</Heading>
      <Text>{texts.everythingAsAFile(name)}</Text>
      {archiving.error ? <ErrorNotice error={archiving.error} /> : null}
      <View style={styles.row}>
        <Button
          mode="outlined"
          icon="download"
          onPress={() => void Linking.openURL(`/api/athletes/${athleteId}/archive.zip`)}
        >
          {texts.saveEverythingOf(name)}
        </Button>
        <Button mode="text" loading={archiving.isLoading} onPress={() => void putAway()}>
          {texts.archive(name)}
        </Button>
        {removes ? (
          <Button mode="text" onPress={() => setAsked(true)}>
            {texts.delete(name)}
          </Button>
        ) : null}
      </View>
      {asked ? <AskForDeletion athleteId={athleteId} name={name} onClose={() => setAsked(false)} /> : null}
    </Card>
  );
}

function AskForDeletion({ athleteId, name, onClose }: Props & { onClose: () => void }) {
  const [ask, asking] = lazyEndpoints.useAskForDeletionMutation();
  const form = useSchemaForm(newDeletion, { id: v7(), reason: '' });
  const go = form.handleSubmit(async ({ id, reason }) => {
    const answer = await ask({ athleteId, body: { id, reason: reason.trim() } });
    if (!('error' in answer)) router.replace('/office/deletions');
  });
  return (
    <Notice alert>
      <Text>{texts.deleteAsk(name)}</Text>
      <FormText form={form} name="reason" atMost={300} />
      {asking.error ? <ErrorNotice error={asking.error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" loading={asking.isLoading} onPress={() => void go()}>
          {texts.askForTheDeletion}
        </Button>
        <Button mode="text" onPress={onClose}>
          {texts.keep(name)}
        </Button>
      </View>
    </Notice>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
