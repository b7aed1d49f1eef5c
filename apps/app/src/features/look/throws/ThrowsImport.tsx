import type { LookPage, ImportedThrow, ThrowRecord } from '@wrightonic/contract';
import {
  doubtfulAbove,
  readThrows,
  usualBall,
  velocityIn,
  type ThrowsTable,
  type VelocityUnit,
} from '@wrightonic/core';
import { useState } from 'react';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe, useToday } from '../../../store/useAthlete';
import { clockAt, dayWords } from '../../../ui/words/days';
import { FilePick } from '../../../ui/ImportPreview/FilePick';
import { DayOrderPick } from '../../../ui/ImportPreview/DayOrderPick';
import { ImportPreview } from '../../../ui/ImportPreview/ImportPreview';
import { useDatedTable } from '../../../ui/ImportPreview/useDatedTable';
import { Notice } from '../../../ui/Notice/Notice';
import { texts } from './texts';

interface Props {
  athlete: LookPage['athlete'];
  throws: readonly ThrowRecord[];
  unit: VelocityUnit;
}

const maxBytes = 20_000_000;
const mostRows = 10_000;
type Read = Omit<ThrowsTable, 'rows'> & {
  rows: { row: number; thrown: ImportedThrow; flaggedRow?: string }[];
};

/** Throws from a table: seen before they are taken. */
export function ThrowsImport({ athlete, throws, unit }: Props) {
  const { academy } = useMe();
  const today = useToday();
  const [done, setDone] = useState('');
  const [send, { isLoading, error }] = lazyEndpoints.useImportThrowsMutation();

  const looked = (text: string): Read => {
    const table = readThrows(text);
    if (table.rows.length > mostRows) throw new RangeError(texts.tooManyRows(mostRows));
    const best = throws.reduce<number | null>(
      (fast, { velocity }) => (velocity !== null && (fast === null || velocity > fast) ? velocity : fast),
      null,
    );
    const limit = doubtfulAbove(athlete.discipline, athlete.age, best);
    const known = new Set(
      throws.map(({ at, date, velocity }) => `${date} ${clockAt(at, academy.zone)} ${velocity?.toFixed(3)}`),
    );
    const seen = new Map<string, number>();
    const problems = [...table.problems];
    const rows: Read['rows'] = [];
    for (const { row, thrown } of table.rows) {
      if (thrown.date > today) {
        problems.push({ row, field: 'date', message: texts.liesInTheFuture });
        continue;
      }
      const same = `${thrown.date} ${thrown.time} ${thrown.velocity} ${thrown.effort} ${thrown.pitch}`;
      const twin = thrown.time ? seen.get(same) : undefined;
      const flaggedRow =
        twin !== undefined
          ? texts.saysTheSameAs(twin)
          : thrown.time &&
              known.has(`${thrown.date} ${thrown.time.slice(0, 5)} ${thrown.velocity?.toFixed(3)}`)
            ? texts.looksLikeAThrow
            : thrown.velocity !== null && thrown.velocity > limit
              ? texts.isMoreThanCanBe(velocityIn(thrown.velocity, unit).toFixed(0), unit)
              : undefined;
      seen.set(same, row);
      const { ball, aim: _aim, ...rest } = thrown;
      rows.push({
        row,
        thrown: {
          ...rest,
          id: v7(),
          pitch: thrown.pitch || 'fastball',
          ballG: ball ?? usualBall[athlete.discipline],
        },
        ...(flaggedRow ? { flaggedRow } : {}),
      });
    }
    return { rows, problems: problems.sort((a, b) => a.row - b.row), leftOut: table.leftOut };
  };
  const { read, wrong, order, open, reorder, leave } = useDatedTable(
    'date',
    looked,
    texts.nothingWasImported,
  );
  const take = async (rows: readonly number[]) => {
    const wanted = new Set(rows);
    const body = { throws: read!.rows.filter(({ row }) => wanted.has(row)).map(({ thrown }) => thrown) };
    const answer = await send({ athleteId: athlete.id, body });
    if ('error' in answer) return;
    setDone(texts.throwsImported(answer.data.added));
    leave();
  };
  return (
    <>
      <Text>{texts.aCsvWith}</Text>
      <FilePick
        label={texts.chooseCsvOfThrows}
        accept=".csv,text/csv,text/plain"
        maxBytes={maxBytes}
        onFile={(file) => {
          setDone('');
          void open(file);
        }}
      />
      <DayOrderPick order={order} onChange={reorder} />
      {wrong ? <Notice alert>{wrong}</Notice> : null}
      {done ? <Text role="status">{done}</Text> : null}
      {read ? (
        <ImportPreview
          what={['throw', 'throws']}
          header={[texts.day, texts.time, texts.velocity(unit), texts.effort, texts.pitch, texts.result]}
          rows={read.rows.map(({ row, thrown, flaggedRow }) => ({
            row,
            flaggedRow,
            cells: [
              dayWords(thrown.date, today),
              thrown.time,
              thrown.velocity === null ? '' : velocityIn(thrown.velocity, unit).toFixed(1),
              thrown.effort === null ? '' : `${thrown.effort} %`,
              thrown.pitch,
              thrown.sides === null ? '' : thrown.sides.length ? thrown.sides.join(' + ') : 'hit',
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
    </>
  );
}
