import type { RowProblem } from '@wrightonic/core';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, DataTable, Text } from 'react-native-paper';
import { Card } from '../Card/Card';
import { CheckboxGroup } from '../form/Choices';
import { Notice, ErrorNotice } from '../Notice/Notice';

export interface PreviewRow {
  row: number;
  cells: readonly string[];
  /** Why somebody should look at it before it is taken. */
  flaggedRow?: string | undefined;
}

interface Props {
  /** What the rows are, one and many: “athlete”, “athletes”. */
  what: readonly [string, string];
  header: readonly string[];
  rows: readonly PreviewRow[];
  problems: readonly RowProblem[];
  leftOut: readonly string[];
  busy: boolean;
  error: unknown;
  onTake: (rows: readonly number[]) => void;
  onLeave: () => void;
}

const shownProblems = 8;
const mostProblems = 30;

/** A table before it is taken: what is good, what is wrong row by row, what is held; never half a row. */
export function ImportPreview(props: Props) {
  const { what, header, rows, problems, leftOut, busy, error, onTake, onLeave } = props;
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const bad = new Set(problems.map(({ row }) => row)).size;
  const flagged = rows.filter((row) => row.flaggedRow !== undefined);
  const chosen = rows.filter(({ row, flaggedRow: why }) => why === undefined || ticked.includes(String(row)));
  const named = what[chosen.length === 1 ? 0 : 1];
  return (
    <Card>
      <Text variant="titleMedium" role="status">
        {`${rows.length} good ${rows.length === 1 ? 'row' : 'rows'}${bad ? `, ${bad} with mistakes` : ''}${flagged.length ? `, ${flagged.length} held` : ''}`}
      </Text>
      {leftOut.length ? <Text variant="bodySmall">{`Not read: ${leftOut.join(', ')}`}</Text> : null}
      {rows.length ? (
        <ScrollView horizontal tabIndex={0} aria-label="Preview">
          <DataTable style={{ minWidth: header.length * 110 }}>
            <DataTable.Header>
              {header.map((name, n) => (
                <DataTable.Title key={name} style={n ? null : styles.wide}>
                  {name}
                </DataTable.Title>
              ))}
            </DataTable.Header>
            {rows.slice(0, shownProblems).map(({ row, cells }) => (
              <DataTable.Row key={row}>
                {cells.map((cell, n) => (
                  <DataTable.Cell key={header[n]} style={n ? null : styles.wide}>
                    {cell}
                  </DataTable.Cell>
                ))}
              </DataTable.Row>
            ))}
          </DataTable>
        </ScrollView>
      ) : null}
      {rows.length > shownProblems ? (
        <Text variant="bodySmall">{`and ${rows.length - shownProblems} more rows`}</Text>
      ) : null}
      {problems.length ? (
        <Notice>
          <Text variant="labelLarge">Put these right in the file, or leave them out</Text>
          {problems.slice(0, mostProblems).map(({ row, field, message }, n) => (
            <Text key={n}>{`Row ${row}, ${field}: ${message}`}</Text>
          ))}
          {problems.length > mostProblems ? (
            <Text>{`and ${problems.length - mostProblems} more mistakes`}</Text>
          ) : null}
        </Notice>
      ) : null}
      {flagged.length ? (
        <View style={styles.flagged}>
          <Text variant="labelLarge">Held: tap those that are right all the same</Text>
          <CheckboxGroup
            label="Held rows"
            value={ticked}
            onChange={setTicked}
            options={flagged.slice(0, mostProblems).map(({ row, cells, flaggedRow: why }) => ({
              value: String(row),
              text: `Row ${row}, ${cells.slice(0, 3).filter(Boolean).join(' ')}: ${why}`,
            }))}
          />
        </View>
      ) : null}
      {error ? <ErrorNotice error={error} /> : null}
      <Button
        mode="contained"
        loading={busy}
        disabled={busy || chosen.length === 0}
        onPress={() => onTake(chosen.map(({ row }) => row))}
        contentStyle={{ minHeight: 48 }}
      >
        {bad ? `Take the ${chosen.length} good ${named}, leave ${bad} out` : `Take ${chosen.length} ${named}`}
      </Button>
      <Button mode="text" onPress={onLeave}>
        Take nothing
      </Button>
    </Card>
  );
}

const styles = StyleSheet.create({ flagged: { gap: 6 }, wide: { flex: 2 } });
