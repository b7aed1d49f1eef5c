import { readRoster, type CampRecord, type NewAthlete } from '@wrightonic/contract';
import type { RowProblem } from '@wrightonic/core';
import { v7 } from 'uuid';
import { api } from '../../../store/api';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { FilePick } from '../../../ui/ImportPreview/FilePick';
import { DayOrderPick } from '../../../ui/ImportPreview/DayOrderPick';
import { ImportPreview } from '../../../ui/ImportPreview/ImportPreview';
import { RosterColumns } from '../../../ui/ImportPreview/RosterColumns';
import { useDatedTable } from '../../../ui/ImportPreview/useDatedTable';
import { Notice, Waiting } from '../../../ui/Notice/Notice';
import { dayWords } from '../../../ui/words/days';
import { disciplineNames, handNames } from '../../../ui/words/kindWords';
import { texts } from './texts';

const maxBytes = 5_000_000;

interface Row {
  row: number;
  athlete: NewAthlete;
  /** Of the roster already, with the same name and the same day of birth. */
  known: string | null;
  flaggedRow?: string;
}

interface Read {
  rows: Row[];
  problems: RowProblem[];
  leftOut: string[];
}

const keyOf = ({ givenName, familyName }: { givenName: string; familyName: string }): string =>
  `${givenName} ${familyName}`.trim().toLowerCase();

interface Props {
  camp: CampRecord;
  onAdd: (ids: string[]) => Promise<void>;
}

/** Those who come as a table: whoever is of the roster is taken from it, the others are added to it. */
export function FromTable({ camp, onAdd }: Props) {
  const { sizeUnit } = useMe().person;
  const today = useToday();
  const { data: roster } = api.useRosterQuery();
  const [importAthletes, importing] = lazyEndpoints.useImportAthletesMutation();
  const look = (text: string): Read => {
    const table = readRoster(text, () => v7(), sizeUnit);
    const byName = new Map((roster ?? []).map((athlete) => [keyOf(athlete), athlete.id]));
    const coming = new Set(camp.members.map(({ id }) => id));
    const seen = new Map<string, number>();
    const problems = [...table.problems];
    const rows = table.rows.flatMap(({ row, athlete }): Row[] => {
      const key = `${keyOf(athlete)} ${athlete.birthdate}`;
      const first = seen.get(key);
      if (first !== undefined) {
        problems.push({ row, field: 'given_name', message: texts.appearsTwiceAlso(first) });
        return [];
      }
      seen.set(key, row);
      const known = byName.get(keyOf(athlete)) ?? null;
      if (known && coming.has(known)) return [{ row, athlete, known, flaggedRow: texts.someoneWithThisName }];
      return [known ? { row, athlete, known, flaggedRow: texts.isOnTheRoster } : { row, athlete, known }];
    });
    return { rows, problems, leftOut: table.leftOut };
  };
  const { read, wrong, order, open, reorder, leave } = useDatedTable(
    'birthdate',
    look,
    texts.nothingWasImported,
  );
  if (!roster) return <Waiting what={texts.readingTheRoster} />;
  const take = async (chosen: readonly number[]) => {
    const wanted = new Set(chosen);
    const rows = read!.rows.filter(({ row }) => wanted.has(row));
    const fresh = rows.filter(({ known }) => known === null).map(({ athlete }) => athlete);
    if (fresh.length && 'error' in (await importAthletes({ athletes: fresh }))) return;
    await onAdd(rows.map(({ known, athlete }) => known ?? athlete.id));
  };
  return (
    <>
      <RosterColumns />
      <FilePick
        label={texts.chooseCsv}
        accept=".csv,text/csv,text/plain"
        maxBytes={maxBytes}
        onFile={(file) => void open(file)}
      />
      <DayOrderPick order={order} onChange={reorder} />
      {wrong ? <Notice alert>{wrong}</Notice> : null}
      {read ? (
        <ImportPreview
          what={['athlete', 'athletes']}
          header={[texts.name, texts.born, texts.discipline, texts.hand]}
          rows={read.rows.map(({ row, athlete, flaggedRow }) => ({
            row,
            flaggedRow,
            cells: [
              `${athlete.givenName} ${athlete.familyName}`,
              dayWords(athlete.birthdate, today),
              disciplineNames[athlete.discipline],
              handNames[athlete.throws],
            ],
          }))}
          problems={read.problems}
          leftOut={read.leftOut}
          busy={importing.isLoading}
          error={importing.error}
          onTake={(rows) => void take(rows)}
          onLeave={leave}
        />
      ) : null}
    </>
  );
}
