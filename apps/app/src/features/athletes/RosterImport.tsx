import { readRoster, type NewAthlete } from '@wrightonic/contract';
import { sayLength, sayMass, type RowProblem } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { api } from '../../store/api';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { FilePick } from '../../ui/ImportPreview/FilePick';
import { DayOrderPick } from '../../ui/ImportPreview/DayOrderPick';
import { ImportPreview } from '../../ui/ImportPreview/ImportPreview';
import { RosterColumns } from '../../ui/ImportPreview/RosterColumns';
import { useDatedTable } from '../../ui/ImportPreview/useDatedTable';
import { dayWords } from '../../ui/words/days';
import { disciplineNames, handNames } from '../../ui/words/kindWords';
import { Notice, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Screen } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const maxBytes = 20_000_000;
const mostRows = 500;

interface Read {
  rows: { row: number; athlete: NewAthlete; flaggedRow?: string }[];
  problems: RowProblem[];
  leftOut: string[];
}

/** A roster from a table: seen before it is taken. */
export function RosterImport() {
  const { sizeUnit } = useMe().person;
  const today = useToday();
  const { data: roster, error: unread, refetch } = api.useRosterQuery();
  const [done, setDone] = useState('');
  const [send, { isLoading, error }] = lazyEndpoints.useImportAthletesMutation();
  const look = (text: string): Read => {
    const table = readRoster(text, () => v7(), sizeUnit);
    if (table.rows.length > mostRows) throw new RangeError(texts.tooManyRows(mostRows));
    const known = new Set((roster ?? []).map((each) => `${each.givenName} ${each.familyName}`.toLowerCase()));
    return {
      ...table,
      rows: table.rows.map((each) => {
        const { givenName, familyName } = each.athlete;
        return known.has(`${givenName} ${familyName}`.toLowerCase())
          ? { ...each, flaggedRow: texts.someoneWithThisName }
          : each;
      }),
    };
  };
  const { read, wrong, order, open, reorder, leave } = useDatedTable(
    'birthdate',
    look,
    texts.nothingWasImported,
  );
  const take = async (rows: readonly number[]) => {
    const wanted = new Set(rows);
    const athletes = read!.rows.filter(({ row }) => wanted.has(row)).map(({ athlete }) => athlete);
    const answer = await send({ athletes });
    if ('error' in answer) return;
    leave();
    setDone(texts.athleteAdded(answer.data.added));
  };
  return (
    <Screen title={texts.importRoster}>
      <RosterColumns />
      {roster ? (
        <FilePick
          label={texts.chooseCsv}
          accept=".csv,text/csv,text/plain"
          maxBytes={maxBytes}
          onFile={(file) => {
            setDone('');
            void open(file);
          }}
        />
      ) : unread ? (
        <ErrorNotice error={unread} again={() => void refetch()} />
      ) : (
        // Whoever is here already can only be told once the roster is known.
        <Waiting what={texts.readingTheRoster} />
      )}
      <DayOrderPick order={order} onChange={reorder} />
      {wrong ? <Notice alert>{wrong}</Notice> : null}
      {done ? (
        <Notice icon="check">
          <Text role="status">{done}</Text>
          <Button mode="contained" onPress={() => router.navigate('/roster')}>
            {texts.goToTheRoster}
          </Button>
        </Notice>
      ) : null}
      {read ? (
        <ImportPreview
          what={['athlete', 'athletes']}
          header={[texts.name, texts.born, texts.discipline, texts.hand, texts.height, texts.weight]}
          rows={read.rows.map(({ row, athlete, flaggedRow }) => ({
            row,
            flaggedRow,
            cells: [
              `${athlete.givenName} ${athlete.familyName}`,
              dayWords(athlete.birthdate, today),
              disciplineNames[athlete.discipline],
              handNames[athlete.throws],
              athlete.heightCm === null ? '' : sayLength(athlete.heightCm, sizeUnit),
              athlete.massKg === null ? '' : sayMass(athlete.massKg, sizeUnit),
            ],
          }))}
          problems={read.problems}
          leftOut={read.leftOut}
          busy={isLoading}
          error={error}
          onTake={(rows) => void take(rows)}
          onLeave={leave}
        />
      ) : null}
    </Screen>
  );
}
