import type { RowProblem } from '@wrightonic/core';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { DataTable, Text } from 'react-native-paper';
import { Card } from '../Card/Card';
import { CheckboxGroup } from '../form/Choices';
import { Notice, ErrorNotice } from '../Notice/Notice';
import { texts } from '../texts';
import { Button } from '../Button/Button';

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
        {texts.goodRow(
          rows.length,
          bad ? texts.withErrors(bad) : '',
          flagged.length ? texts.held(flagged.length) : '',
        )}
      </Text>
      {leftOut.length ? <Text variant="bodySmall">{texts.notRead(leftOut.join(', '))}</Text> : null}
      {rows.length ? (
        <ScrollView horizontal tabIndex={0} aria-label={texts.preview}>
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
        <Text variant="bodySmall">{texts.andMoreRows(rows.length - shownProblems)}</Text>
      ) : null}
      {problems.length ? (
        <Notice>
          <Text variant="labelLarge">{texts.fixThese}</Text>
          {problems.slice(0, mostProblems).map(({ row, field, message }, n) => (
            <Text key={n}>{texts.row(row, field, message)}</Text>
          ))}
          {problems.length > mostProblems ? (
            <Text>{texts.andMoreErrors(problems.length - mostProblems)}</Text>
          ) : null}
        </Notice>
      ) : null}
      {flagged.length ? (
        <View style={styles.flagged}>
          <Text variant="labelLarge">{texts.heldTapTheOnes}</Text>
          <CheckboxGroup
            label={texts.heldRows}
            value={ticked}
            onChange={setTicked}
            options={flagged.slice(0, mostProblems).map(({ row, cells, flaggedRow: why }) => ({
              value: String(row),
              text: texts.row2(row, cells.slice(0, 3).filter(Boolean).join(' '), why),
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
        {bad ? texts.importTheGoodLeave(chosen.length, named, bad) : texts.importWord(chosen.length, named)}
      </Button>
      <Button mode="text" onPress={onLeave}>
        {texts.importNothing}
      </Button>
    </Card>
  );
}

const styles = StyleSheet.create({ flagged: { gap: 6 }, wide: { flex: 2 } });
