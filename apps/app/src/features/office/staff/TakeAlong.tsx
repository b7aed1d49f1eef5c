import type { ArchivePreview } from '@wrightonic/contract';
import { useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { Button } from '../../../ui/Button/Button';
import { Card } from '../../../ui/Card/Card';
import { useMay } from '../../../ui/hooks/useMay';
import { FilePick } from '../../../ui/ImportPreview/FilePick';
import { ErrorNotice, Notice, Waiting } from '../../../ui/Notice/Notice';
import { Heading, Screen } from '../../../ui/Screen/Screen';
import { dayAt, dayWords } from '../../../ui/words/days';
import { texts } from './texts';

const back = { label: texts.back, to: '/office' } as const;
/** As large as the server takes, bytes. */
const maxBytes = 64 * 1024 * 1024;

const tables = ['athletes', 'throws', 'reps', 'looks', 'screens'] as const;

/** The academy as a file, and what comes in as one. */
export function TakeAlong() {
  const whole = useMay('academy');
  const { academy } = useMe();
  return (
    <Screen title={texts.takeAlong} back={back}>
      {whole ? (
        <Card>
          <Heading>{texts.theWholeAcademy}</Heading>
          <Text>{texts.everythingOf(academy.name)}</Text>
          <Button
            mode="contained"
            icon="download"
            style={styles.start}
            onPress={() => void Linking.openURL('/api/archive.zip')}
          >
            {texts.saveTheAcademy}
          </Button>
        </Card>
      ) : null}
      <Card>
        <Heading>{texts.tablesForASpreadsheet}</Heading>
        <View style={styles.row}>
          {tables.map((name) => (
            <Button
              key={name}
              mode="outlined"
              icon="download"
              onPress={() => void Linking.openURL(`/api/tables/${name}.csv`)}
            >
              {texts.tableNames[name]}
            </Button>
          ))}
        </View>
      </Card>
      <Text>{texts.oneAthleteInProfile}</Text>
      <BringIn />
    </Screen>
  );
}

function BringIn() {
  const [file, setFile] = useState<File | null>(null);
  const [preview, { data, error, isLoading, reset }] = lazyEndpoints.usePreviewArchiveMutation();
  const [bring, bringing] = lazyEndpoints.useBringInMutation();
  const open = (chosen: File) => {
    setFile(chosen);
    bringing.reset();
    void preview(chosen);
  };
  const take = async () => {
    const answer = await bring(file!);
    if ('error' in answer) return;
    reset();
    setFile(null);
  };
  return (
    <Card>
      <Heading>{texts.bringIn}</Heading>
      <Text>{texts.whatComesIn}</Text>
      {bringing.data ? (
        <Notice icon="check-bold">{texts.athletesCameIn(bringing.data.athletes.length)}</Notice>
      ) : null}
      <FilePick
        label={texts.chooseArchive}
        accept=".zip,application/zip"
        icon="folder-open-outline"
        maxBytes={maxBytes}
        onFile={open}
      />
      {isLoading ? <Waiting what={texts.readingTheArchive} /> : null}
      {error ? <ErrorNotice error={error} /> : null}
      {data ? <Preview preview={data} /> : null}
      {bringing.error ? <ErrorNotice error={bringing.error} /> : null}
      {data && data.problems.length === 0 ? (
        <View style={styles.row}>
          <Button mode="contained" loading={bringing.isLoading} onPress={() => void take()}>
            {texts.bringInAthletes(data.athletes.length)}
          </Button>
          <Button
            mode="text"
            onPress={() => {
              reset();
              setFile(null);
            }}
          >
            {texts.cancel}
          </Button>
        </View>
      ) : null}
    </Card>
  );
}

function Preview({ preview }: { preview: ArchivePreview }) {
  const { academy } = useMe();
  const today = useToday();
  const taken = dayWords(dayAt(preview.takenAt, academy.zone), today);
  return (
    <View style={styles.part}>
      <Text variant="titleMedium">
        {preview.kind === 'athlete' ? texts.anAthleteOf(preview.academy) : preview.academy}
      </Text>
      <Text>{texts.takenOut(taken)}</Text>
      <Text>{preview.athletes.join(', ')}</Text>
      <Text variant="bodySmall">
        {texts.rowsOfTables(
          preview.tables.reduce((sum, { rows }) => sum + rows, 0),
          preview.tables.length,
        )}
      </Text>
      {preview.notes.map((note) => (
        <Text key={note}>{note}</Text>
      ))}
      {preview.problems.length ? (
        <Notice alert>
          <Text>{texts.nothingCanBeBroughtIn}</Text>
          {preview.problems.map(({ table, row, message }) => (
            <Text key={`${table} ${row} ${message}`}>{texts.problemIn(table, row, message)}</Text>
          ))}
        </Notice>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  part: { gap: 6 },
  start: { alignSelf: 'flex-start' },
});
