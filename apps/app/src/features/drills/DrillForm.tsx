import { wholeDrill, type DrillBook, type OwnDrill } from '@wrightonic/core';
import { router } from 'expo-router';
import { useFormState, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Notice, ErrorNotice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { PageTitle, TitleRow } from '../../ui/Screen/Screen';
import { sentence } from '../../ui/form/labels';
import { useCheckedForm } from '../../ui/form/schemaForm';
import { draftLabels, draftOf, drillOfDraft, emptyDraft, idFor, type DrillDraft } from './drillDraft';
import { BesideOthers, Cues, DoseAndNeeds, HowItGoes, WhatItIs } from './DrillFormParts';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  book: DrillBook;
  /** The academy's own drill that is changed; null writes another one. */
  changed: OwnDrill | null;
  /** Where a new one begins; null begins with nothing. */
  from: string | null;
}

const startOf = ({ book, changed, from }: Props): DrillDraft => {
  if (changed) return draftOf(changed);
  if (!from || !book.drill(from)) return emptyDraft;
  const original = wholeDrill(from, book);
  return { ...draftOf(original), id: '', name: texts.ourWay(original.name) };
};

/** One of the academy's own drills, written out in full. */
export function DrillForm(props: Props) {
  const { book, changed } = props;
  const named = (draft: DrillDraft) => ({ ...draft, id: changed?.id ?? idFor(draft.name, book) });
  const form = useCheckedForm<DrillDraft>(
    { labels: draftLabels, wrongIn: (draft) => drillOfDraft(named(draft), book).problems ?? {} },
    startOf(props),
  );
  const [keep, { isLoading, error }] = lazyEndpoints.useKeepDrillsMutation();
  const { id } = named(useWatch({ control: form.control }) as DrillDraft);
  const { errors } = useFormState({ control: form.control });
  const back = () => router.navigate(changed ? `/drills/${changed.id}` : '/drills');
  const save = form.handleSubmit(async (draft) => {
    const { drill } = drillOfDraft(named(draft), book);
    if (!drill) return;
    const answer = await keep({ drills: [{ id: v7(), drill, retired: false }] });
    if ('data' in answer) router.navigate(`/drills/${drill.id}`);
  });
  const many = Object.keys(errors).length;
  return (
    <View style={styles.root} role="main">
      <PageTitle>{changed ? changed.name : texts.aDrillOfOur}</PageTitle>
      <Pane
        foot={
          <ActionBar>
            {many ? <Text role="alert">{texts.fieldIsNotRight(many)}</Text> : null}
            {error ? <ErrorNotice error={error} /> : null}
            <View style={styles.row}>
              <Button
                mode="contained"
                loading={isLoading}
                contentStyle={styles.tall}
                onPress={() => void save()}
              >
                {texts.saveDrill2}
              </Button>
              <Button mode="text" contentStyle={styles.tall} onPress={back}>
                {texts.cancel}
              </Button>
            </View>
          </ActionBar>
        }
      >
        <TitleRow title={changed ? changed.name : texts.aDrillOfOur} />
        <Text>{texts.plansSheetsAndLimits}</Text>
        <WhatItIs form={form} />
        <DoseAndNeeds form={form} />
        <HowItGoes form={form} />
        <Cues form={form} />
        <BesideOthers id={id} book={book} form={form} />
        {errors.id?.message ? <Notice alert>{sentence(errors.id.message)}</Notice> : null}
      </Pane>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0, minWidth: 0 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  tall: { minHeight: 48 },
});
