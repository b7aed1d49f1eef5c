import {
  cueTags,
  deliveryParts,
  nodesFor,
  painSites,
  partNames,
  places,
  stages,
  type DrillBook,
} from '@wrightonic/core';
import { useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Switch, Text } from 'react-native-paper';
import { DrillFigure } from '../../ui/body/DrillFigure';
import { FormCheckboxes, FormChoices, FormField, FormText, Wrong } from '../../ui/form/bound';
import { CheckboxGroup } from '../../ui/form/Choices';
import { PickOne } from '../../ui/form/PickOne';
import type { SchemaForm } from '../../ui/form/schemaForm';
import { threadNames, threads } from '../../ui/words/threadWords';
import type { DrillDraft } from './drillDraft';
import { Part } from './Part';
import { texts } from './texts';

interface Props {
  form: SchemaForm<DrillDraft>;
}

const plain = <T extends string>(values: readonly T[]) => values.map((value) => ({ value, text: value }));
const parts = deliveryParts.map((value) => ({ value, text: partNames[value] }));

/** Flaws and limits of the delivery that a drill is for. */
function targetsOf(discipline: DrillDraft['discipline']) {
  const nodes = (discipline === 'both' ? (['overhand', 'windmill'] as const) : [discipline])
    .flatMap((each) => [...nodesFor(each)])
    .map(({ id, name }) => ({ value: id, text: name }));
  return [...new Map(nodes.map((node) => [node.value, node])).values()];
}

const useTargets = ({ form }: Props) => targetsOf(useWatch({ control: form.control, name: 'discipline' }));

interface PickProps extends Props {
  name: 'roundFlaw' | 'easier' | 'harder' | 'figure';
  options: readonly { value: string; text: string }[];
}

const Pick = ({ form, name, options }: PickProps) => (
  <FormField form={form} name={name}>
    {({ field, label, wrong }) => (
      <Wrong words={wrong}>
        <PickOne label={label} options={options} value={field.value} onPick={field.onChange} />
      </Wrong>
    )}
  </FormField>
);

export function WhatItIs({ form }: Props) {
  const options = useTargets({ form });
  return (
    <Part title={texts.whatItIs}>
      <FormText form={form} name="name" />
      <FormText form={form} name="what" lines={3} />
      <FormChoices form={form} name="discipline" options={plain(['both', 'overhand', 'windmill'] as const)} />
      <FormChoices
        form={form}
        name="thread"
        options={threads.map((value) => ({ value, text: threadNames[value] }))}
      />
      <FormChoices form={form} name="stage" options={plain(stages)} />
      <FormField form={form} name="targets">
        {({ field, label, wrong }) => (
          <Wrong words={wrong}>
            <View style={styles.gap}>
              <PickOne
                label={texts.flawOrLimit}
                options={[{ value: '*', text: texts.whateverTheFocusIs }, ...options].filter(
                  ({ value }) => !field.value.includes(value),
                )}
                value={null}
                onPick={(id) => (id ? field.onChange([...field.value, id]) : undefined)}
              />
              <CheckboxGroup
                label={label}
                value={field.value}
                onChange={field.onChange}
                options={field.value.map((value) => ({
                  value,
                  text: options.find((option) => option.value === value)?.text ?? texts.whateverTheFocusIs,
                }))}
              />
            </View>
          </Wrong>
        )}
      </FormField>
    </Part>
  );
}

export function DoseAndNeeds({ form }: Props) {
  return (
    <Part title={texts.doseAndNeeds}>
      <FormText form={form} name="dose" hint={texts.suchAs3x83x5} />
      <FormText form={form} name="throws" hint={texts.whenNothingIsThrown} inputMode="decimal" />
      <View style={styles.row}>
        <View style={styles.half}>
          <FormText form={form} name="effortFrom" inputMode="decimal" />
        </View>
        <View style={styles.half}>
          <FormText form={form} name="effortTo" inputMode="decimal" />
        </View>
      </View>
      <FormText form={form} name="minAge" inputMode="decimal" />
      <Text variant="bodySmall">{texts.tethersAndCords}</Text>
      <FormText form={form} name="needs" lines={3} hint={texts.twoThingsOfWhich} />
      <FormCheckboxes form={form} name="places" options={plain<string>(places)} />
      <FormCheckboxes form={form} name="avoid" options={plain<string>(painSites)} />
      <FormText form={form} name="caution" optional lines={2} />
      <FormField form={form} name="strength">
        {({ field }) => (
          <View style={styles.row}>
            <Switch
              value={field.value}
              onValueChange={field.onChange}
              accessibilityLabel={texts.strengthDrillTwoOr}
            />
            <Text style={styles.grow}>{texts.strengthDrillTwoOrThree}</Text>
          </View>
        )}
      </FormField>
    </Part>
  );
}

export function HowItGoes({ form }: Props) {
  const options = useTargets({ form });
  const roundFlaw = useWatch({ control: form.control, name: 'roundFlaw' });
  return (
    <Part title={texts.howItGoes}>
      <FormText form={form} name="setUp" lines={3} />
      <FormText form={form} name="steps" lines={5} />
      <FormText form={form} name="levels" optional lines={3} hint={texts.fromTheEasiest} />
      <FormText form={form} name="good" lines={2} />
      <FormText form={form} name="mistakes" lines={3} />
      <Pick form={form} name="roundFlaw" options={options} />
      {roundFlaw ? <FormText form={form} name="roundSeen" /> : null}
      <FormCheckboxes
        form={form}
        name="holds"
        options={parts.map(({ value, text }) => ({ value: value as string, text }))}
      />
      <FormChoices form={form} name="leavesOut" options={[{ value: null, text: texts.nothing }, ...parts]} />
    </Part>
  );
}

export function Cues({ form }: Props) {
  return (
    <Part title={texts.cues}>
      <FormText form={form} name="cue" />
      <FormText form={form} name="feel" />
      <FormText form={form} name="target" />
      <FormCheckboxes form={form} name="tags" options={plain<string>(cueTags)} />
    </Part>
  );
}

/** @param id the drill itself, which is no neighbour of its own */
export function BesideOthers({ id, book, form }: Props & { id: string; book: DrillBook }) {
  const [figure, discipline] = useWatch({ control: form.control, name: ['figure', 'discipline'] });
  const neighbours = book.all
    .filter((drill) => drill.id !== id)
    .map((drill) => ({ value: drill.id, text: drill.name }));
  return (
    <Part title={texts.besideOthers}>
      <Pick form={form} name="easier" options={neighbours} />
      <Pick form={form} name="harder" options={neighbours} />
      <Pick form={form} name="figure" options={neighbours.filter(({ value }) => !value.startsWith('own-'))} />
      <DrillFigure
        drill={figure}
        hand="R"
        discipline={discipline === 'windmill' ? 'windmill' : 'overhand'}
        label={texts.itsFigure}
      />
    </Part>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  half: { flex: 1, minWidth: 0 },
  grow: { flex: 1 },
  gap: { gap: 6 },
});
