import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ErrorNotice } from '../../ui/Notice/Notice';

/** Keeps a ladder under a name, to start other plans from. */
export function KeepTemplate({ planId }: { planId: string }) {
  const [naming, setNaming] = useState(false);
  const [name, setName] = useState('');
  const [keep, { error, isLoading, isSuccess }] = lazyEndpoints.useKeepTemplateMutation();
  if (isSuccess) return <Text role="status">{`Kept as “${name.trim()}”. New plans can start from it.`}</Text>;
  if (!naming)
    return (
      <Button mode="text" style={styles.start} onPress={() => setNaming(true)}>
        Keep this ladder for others
      </Button>
    );
  return (
    <View style={styles.root}>
      <TextInput
        mode="outlined"
        label="Name of the ladder"
        aria-label="Name of the ladder"
        value={name}
        onChangeText={setName}
        maxLength={80}
      />
      {error ? <ErrorNotice error={error} /> : null}
      <Button
        mode="contained-tonal"
        style={styles.start}
        loading={isLoading}
        disabled={!name.trim()}
        onPress={() => void keep({ planId, body: { id: v7(), name: name.trim() } })}
      >
        Keep it
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ root: { gap: 8 }, start: { alignSelf: 'flex-start' } });
