import { normForm, type NormEditRecord } from '@wrightonic/contract';
import { capital, normKey, norms, normsWith, type Norm } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayAt, dayWords } from '../../ui/words/days';
import { FormFigure, FormText } from '../../ui/form/bound';
import { useSchemaForm } from '../../ui/form/schemaForm';
import { Notice, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { useMay } from '../../ui/hooks/useMay';

const back = { label: texts.back, to: '/office' } as const;

const plain = (measure: string): string => capital(measure.replaceAll('-', ' '));
const whomWords = ({ discipline, level, sex }: Norm): string =>
  [
    discipline === 'both' ? '' : discipline,
    level === 'all' ? texts.allLevels : level,
    sex === 'any' ? '' : sex,
  ]
    .filter(Boolean)
    .join(', ');
const basisWords = (basis: string): string => basis.replace(': edit', '');

/** What counts as usual, row by row: the range, where it comes from, and who changed it. */
export function Norms() {
  const { data, error, refetch } = lazyEndpoints.useNormsQuery();
  const [open, setOpen] = useState<string | null>(null);
  if (!data)
    return (
      <Screen title={texts.norms} back={back}>
        {error ? (
          <ErrorNotice error={error} again={() => void refetch()} />
        ) : (
          <Waiting what={texts.readingTheNorms} />
        )}
      </Screen>
    );
  const rows = normsWith(data);
  const measures = [...new Set(rows.map(({ measure }) => measure))];
  return (
    <Screen title={texts.norms} back={back}>
      <Text>{texts.theUsualRange}</Text>
      {measures.map((measure) => (
        <Card key={measure}>
          <Heading
            level={3}
          >{`${plain(measure)}, ${rows.find((row) => row.measure === measure)!.unit}`}</Heading>
          {rows
            .filter((row) => row.measure === measure)
            .map((row) => (
              <Row
                key={normKey(row)}
                row={row}
                edit={data.findLast(({ key }) => key === normKey(row))}
                open={open === normKey(row)}
                onOpen={() => setOpen(open === normKey(row) ? null : normKey(row))}
              />
            ))}
        </Card>
      ))}
    </Screen>
  );
}

interface RowProps {
  row: Norm;
  /** What was said of it last. */
  edit: NormEditRecord | undefined;
  open: boolean;
  onOpen: () => void;
}

function Row({ row, edit, open, onOpen }: RowProps) {
  const { academy } = useMe();
  const today = useToday();
  const whom =
    edit &&
    texts.by(
      edit.range ? 'changed' : texts.reset,
      edit.by,
      dayWords(dayAt(new Date(edit.at), academy.zone), today),
    );
  return (
    <>
      <PressableCard
        onPress={onOpen}
        aria-expanded={open}
        aria-label={`${plain(row.measure)}, ${whomWords(row)}`}
      >
        <View style={styles.row}>
          <Text style={styles.grow}>{whomWords(row)}</Text>
          <Text variant="titleMedium">{texts.to(row.low, row.high)}</Text>
        </View>
        <Text variant="bodySmall">{[basisWords(row.basis), ...(whom ? [whom] : [])].join(' · ')}</Text>
      </PressableCard>
      {open ? (
        <Form key={edit?.id} row={row} changed={edit?.range !== undefined && edit.range !== null} />
      ) : null}
    </>
  );
}

function Form({ row, changed }: { row: Norm; changed: boolean }) {
  const rules = useMay('rules');
  const [edit, editing] = lazyEndpoints.useEditNormMutation();
  const form = useSchemaForm(normForm, { low: row.low, high: row.high, basis: '' });
  if (!rules) return <Notice>{texts.onlyTheOwnerOfTheAcademy}</Notice>;
  const own = norms.find((each) => normKey(each) === normKey(row))!;
  const save = form.handleSubmit(
    ({ low, high, basis }) =>
      void edit({ id: v7(), key: normKey(row), range: { low, high, basis: basis.trim() } }),
  );
  return (
    <View style={styles.form}>
      <View style={styles.row}>
        <FormFigure form={form} name="low" label={texts.low(row.unit)} />
        <FormFigure form={form} name="high" label={texts.high(row.unit)} />
      </View>
      <FormText form={form} name="basis" placeholder={texts.suchAsOurOwn} atMost={200} />
      {editing.error ? <ErrorNotice error={editing.error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" loading={editing.isLoading} onPress={() => void save()}>
          {texts.saveRange}
        </Button>
        {changed ? (
          <Button mode="text" onPress={() => void edit({ id: v7(), key: normKey(row), range: null })}>
            {texts.backToTo(own.low, own.high)}
          </Button>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 120 },
  form: { gap: 8, paddingLeft: 8 },
});
