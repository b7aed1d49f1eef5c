import type { OwnDrillRecord } from '@wrightonic/contract';
import { router } from 'expo-router';
import { Linking, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { FilePick } from '../../ui/ImportPreview/FilePick';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { saveFile } from '../../ui/ImportPreview/saveFile';
import { broughtWords, fileOf } from './drillFile';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const threeMegabytes = 3_000_000;

/** Drills written here, and drills handed from one academy to another as a file. */
export function DrillFiles({ own }: { own: readonly OwnDrillRecord[] }) {
  const [read, reading] = lazyEndpoints.useReadDrillsMutation();
  const [keep, keeping] = lazyEndpoints.useKeepDrillsMutation();
  const found = reading.data;
  const coming = found ? [...found.fresh, ...found.changed] : [];
  const open = async (file: File) => {
    keeping.reset();
    await read({ text: await file.text() });
  };
  const given = own.filter(({ retired }) => !retired);
  return (
    <View style={styles.root}>
      <Button mode="outlined" icon="pencil" onPress={() => router.navigate('/drills/new')}>
        {texts.writeADrill}
      </Button>
      <FilePick
        label={texts.importDrills}
        accept=".json,application/json"
        maxBytes={threeMegabytes}
        onFile={(file) => void open(file)}
      />
      {reading.isLoading ? <Waiting what={texts.readingTheDrills} /> : null}
      {reading.error ? <ErrorNotice error={reading.error} /> : null}
      {keeping.error ? <ErrorNotice error={keeping.error} /> : null}
      {found && !keeping.isSuccess ? (
        <>
          <Text>{broughtWords(found)}</Text>
          {coming.length ? (
            <Button
              mode="contained-tonal"
              loading={keeping.isLoading}
              onPress={() =>
                void keep({ drills: coming.map((drill) => ({ id: v7(), drill, retired: false })) })
              }
            >
              {texts.saveDrill(coming.length)}
            </Button>
          ) : null}
        </>
      ) : null}
      {keeping.isSuccess ? <Text role="status">{texts.savedTheyAre}</Text> : null}
      {given.length ? (
        <Button
          mode="text"
          compact
          style={styles.start}
          onPress={() => saveFile(new Blob([fileOf(own)], { type: 'application/json' }), 'our-drills.json')}
        >
          {texts.exportOur(given.length === 1 ? 'drill' : texts.drills(given.length))}
        </Button>
      ) : null}
      <Button
        mode="text"
        compact
        style={styles.start}
        onPress={() => void Linking.openURL('/api/schemas/drills')}
      >
        {texts.fileFormatJsonSchema}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ root: { gap: 8 }, start: { alignSelf: 'flex-start' } });
