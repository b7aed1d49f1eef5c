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
import { StyleSheet, View } from 'react-native';
import { Switch, Text } from 'react-native-paper';
import { DrillFigure } from '../../ui/body/DrillFigure';
import { CheckboxGroup, Choices } from '../../ui/form/Choices';
import { PickOne } from '../../ui/form/PickOne';
import { threadNames, threads } from '../../ui/words/threadWords';
import type { DrillDraft, DraftProblems } from './drillDraft';
import { Line, Part, Wrong } from './formParts';

/** Fields of a draft that are typed as text. */
export type TextField = {
  [K in keyof DrillDraft]: string extends DrillDraft[K] ? (DrillDraft[K] extends string ? K : never) : never;
}[keyof DrillDraft];

/** A drill that is written, what is wrong with it, and how it is changed. */
export interface Drafting {
  draft: DrillDraft;
  problems: DraftProblems;
  put: (change: Partial<DrillDraft>) => void;
}

interface FieldProps extends Drafting {
  field: TextField;
  label: string;
  hint?: string;
  lines?: number;
}

const Typed = ({ draft, problems, put, field, ...shown }: FieldProps) => (
  <Line value={draft[field]} onChange={(text) => put({ [field]: text })} wrong={problems[field]} {...shown} />
);

const plain = <T extends string>(values: readonly T[]) => values.map((value) => ({ value, text: value }));
const parts = deliveryParts.map((value) => ({ value, text: partNames[value] }));

/** Flaws and limits of the delivery that a drill is for. */
function targetsOf({ discipline }: DrillDraft) {
  const nodes = (discipline === 'both' ? (['overhand', 'windmill'] as const) : [discipline])
    .flatMap((each) => [...nodesFor(each)])
    .map(({ id, name }) => ({ value: id, text: name }));
  return [...new Map(nodes.map((node) => [node.value, node])).values()];
}

export function WhatItIs(drafting: Drafting) {
  const { draft, problems, put } = drafting;
  const options = targetsOf(draft);
  return (
    <Part title="What it is">
      <Typed {...drafting} field="name" label="Name" />
      <Typed {...drafting} field="what" label="In one or two sentences" lines={3} />
      <Choices
        label="Delivery"
        shown
        value={draft.discipline}
        onChange={(discipline) => put({ discipline })}
        options={plain(['both', 'overhand', 'windmill'] as const)}
      />
      <Choices
        label="Thread"
        shown
        value={draft.thread}
        onChange={(thread) => put({ thread })}
        options={threads.map((value) => ({ value, text: threadNames[value] }))}
      />
      <Choices
        label="Stage"
        shown
        value={draft.stage}
        onChange={(stage) => put({ stage })}
        options={plain(stages)}
      />
      <PickOne
        label="Flaw or limit that it works on"
        options={[{ value: '*', text: 'Whatever the focus is' }, ...options].filter(
          ({ value }) => !draft.targets.includes(value),
        )}
        value={null}
        onPick={(id) => (id ? put({ targets: [...draft.targets, id] }) : undefined)}
      />
      <CheckboxGroup
        label="It works on"
        value={draft.targets}
        onChange={(targets) => put({ targets })}
        options={draft.targets.map((value) => ({
          value,
          text: options.find((option) => option.value === value)?.text ?? 'Whatever the focus is',
        }))}
      />
      <Wrong words={problems.targets} />
    </Part>
  );
}

export function DoseAndNeeds(drafting: Drafting) {
  const { draft, problems, put } = drafting;
  return (
    <Part title="Dose and needs">
      <Typed
        {...drafting}
        field="dose"
        label="Dose"
        hint="Such as 3x8, 3x5 hold 3 s, 2x30 s each, 10+10 or 15 pitches"
      />
      <Typed {...drafting} field="throws" label="Throws of the whole dose" hint="0 when nothing is thrown" />
      <View style={styles.row}>
        <View style={styles.half}>
          <Typed {...drafting} field="effortFrom" label="Effort from, percent" />
        </View>
        <View style={styles.half}>
          <Typed {...drafting} field="effortTo" label="to, percent" />
        </View>
      </View>
      <Typed {...drafting} field="minAge" label="From age" />
      <Text variant="bodySmall">
        Tethers and cords and nearly maximal effort from 13, balls of another mass from 15; local rules win
        where they are stricter.
      </Text>
      <Typed
        {...drafting}
        field="needs"
        label="Needs, one a line"
        lines={3}
        hint="Two things of which one will do: fence or wall"
      />
      <Text variant="labelMedium">Where it can be done</Text>
      <CheckboxGroup
        label="Where it can be done"
        value={draft.places}
        onChange={(at) => put({ places: at })}
        options={plain<string>(places)}
      />
      <Wrong words={problems.places} />
      <Text variant="labelMedium">Not with pain in</Text>
      <CheckboxGroup
        label="Not with pain in"
        value={draft.avoid}
        onChange={(avoid) => put({ avoid })}
        options={plain<string>(painSites)}
      />
      <Wrong words={problems.avoid} />
      <Typed {...drafting} field="caution" label="Care (optional)" lines={2} />
      <View style={styles.row}>
        <Switch
          value={draft.strength}
          onValueChange={(strength) => put({ strength })}
          accessibilityLabel="It makes stronger: two or three days a week"
        />
        <Text style={styles.grow}>It makes stronger: two or three days a week, never before a game</Text>
      </View>
    </Part>
  );
}

export function HowItGoes(drafting: Drafting) {
  const { draft, problems, put } = drafting;
  const options = targetsOf(draft);
  return (
    <Part title="How it goes">
      <Typed {...drafting} field="setUp" label="Set-up" lines={3} />
      <Typed {...drafting} field="steps" label="One rep, one step a line" lines={5} />
      <Typed
        {...drafting}
        field="levels"
        label="Levels, one a line (optional)"
        lines={3}
        hint="From the easiest on, with what changes: half break: start with the hands half apart"
      />
      <Typed {...drafting} field="good" label="What good looks like" lines={2} />
      <Typed {...drafting} field="mistakes" label="Common mistakes, one a line" lines={3} />
      <PickOne
        label="Way round it that the body finds"
        options={options}
        value={draft.roundFlaw}
        onPick={(roundFlaw) => put({ roundFlaw })}
      />
      <Wrong words={problems.roundFlaw} />
      {draft.roundFlaw ? <Typed {...drafting} field="roundSeen" label="How that shows here" /> : null}
      <Text variant="labelMedium">Parts of the delivery that are in it</Text>
      <CheckboxGroup
        label="Parts of the delivery that are in it"
        value={draft.holds}
        onChange={(holds) => put({ holds })}
        options={parts.map(({ value, text }) => ({ value: value as string, text }))}
      />
      <Choices<string | null>
        label="Left out: comes in the next stage"
        shown
        value={draft.leavesOut}
        onChange={(leavesOut) => put({ leavesOut })}
        options={[{ value: null, text: 'nothing' }, ...parts]}
      />
      <Wrong words={problems.leavesOut} />
    </Part>
  );
}

export function Cues(drafting: Drafting) {
  const { draft, put } = drafting;
  return (
    <Part title="Cues">
      <Typed {...drafting} field="cue" label="Plain" />
      <Typed {...drafting} field="feel" label="As a feeling" />
      <Typed {...drafting} field="target" label="As a target outside the body" />
      <Text variant="labelMedium">What they ask for</Text>
      <CheckboxGroup
        label="What they ask for"
        value={draft.tags}
        onChange={(tags) => put({ tags })}
        options={plain<string>(cueTags)}
      />
    </Part>
  );
}

/** @param id the drill itself, which is no neighbour of its own */
export function BesideOthers({ id, book, ...drafting }: Drafting & { id: string; book: DrillBook }) {
  const { draft, problems, put } = drafting;
  const neighbours = book.all
    .filter((drill) => drill.id !== id)
    .map((drill) => ({ value: drill.id, text: drill.name }));
  return (
    <Part title="Beside others">
      <PickOne
        label="Next easier drill"
        options={neighbours}
        value={draft.easier}
        onPick={(easier) => put({ easier })}
      />
      <Wrong words={problems.easier} />
      <PickOne
        label="Next harder drill"
        options={neighbours}
        value={draft.harder}
        onPick={(harder) => put({ harder })}
      />
      <Wrong words={problems.harder} />
      <PickOne
        label="Drill that is set up the same"
        options={neighbours.filter(({ value }) => !value.startsWith('own-'))}
        value={draft.figure}
        onPick={(figure) => put({ figure })}
      />
      <DrillFigure
        drill={draft.figure}
        hand="R"
        discipline={draft.discipline === 'windmill' ? 'windmill' : 'overhand'}
        label="Its figure"
      />
      <Wrong words={problems.figure} />
    </Part>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  half: { flex: 1, minWidth: 0 },
  grow: { flex: 1 },
});
