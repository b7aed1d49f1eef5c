import {
  cueTags,
  deliveryParts,
  nodesFor,
  painSites,
  partNames,
  places,
  stages,
  wholeDrill,
  type DrillBook,
  type OwnDrill,
} from '@wrightonic/core';
import { router, type Href } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Switch, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { DrillFigure } from '../../ui/body/DrillFigure';
import { Choices, CheckboxGroup } from '../../ui/form/Choices';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Notice, ErrorNotice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { PickOne } from '../../ui/form/PickOne';
import { PageTitle, TitleRow } from '../../ui/Screen/Screen';
import { threadNames, threads } from '../../ui/words/threadWords';
import { draftOf, drillOfDraft, emptyDraft, idFor, type DraftProblems, type DrillDraft } from './drillDraft';
import { Line, Part, Wrong } from './formParts';

interface Props {
  book: DrillBook;
  /** The academy's own drill that is changed; null writes another one. */
  changed: OwnDrill | null;
  /** Where a new one begins; null begins with nothing. */
  from: string | null;
}

const plain = <T extends string>(values: readonly T[]) => values.map((value) => ({ value, text: value }));
const parts = deliveryParts.map((value) => ({ value, text: partNames[value] }));

const startOf = ({ book, changed, from }: Props): DrillDraft => {
  if (changed) return draftOf(changed);
  if (!from || !book.drill(from)) return emptyDraft;
  const original = wholeDrill(from, book);
  return { ...draftOf(original), id: '', name: `${original.name}, our way` };
};

/** One of the academy's own drills, written out in full. */
export function DrillForm(props: Props) {
  const { book, changed } = props;
  const [draft, setDraft] = useState(() => startOf(props));
  /** Only what somebody tried to keep is found wrong. */
  const [tried, setTried] = useState(false);
  const [keep, { isLoading, error }] = lazyEndpoints.useKeepDrillsMutation();
  const named = { ...draft, id: changed?.id ?? idFor(draft.name, book) };
  const read = drillOfDraft(named, book);
  const problems: DraftProblems = tried ? (read.problems ?? {}) : {};
  const put = (more: Partial<DrillDraft>) => setDraft((old) => ({ ...old, ...more }));
  const back = () => router.navigate(`/drills${changed ? `/${changed.id}` : ''}` as Href);
  const save = async () => {
    setTried(true);
    if (!read.drill) return;
    const answer = await keep({ drills: [{ id: v7(), drill: read.drill, retired: false }] });
    if ('data' in answer) router.navigate(`/drills/${read.drill.id}` as Href);
  };
  const line = (field: TextField, label: string, more: { hint?: string; lines?: number } = {}) => (
    <Line
      label={label}
      value={draft[field]}
      onChange={(text) => put({ [field]: text })}
      wrong={problems[field]}
      {...more}
    />
  );
  const nodes = (draft.discipline === 'both' ? (['overhand', 'windmill'] as const) : [draft.discipline])
    .flatMap((discipline) => [...nodesFor(discipline)])
    .map(({ id, name }) => ({ value: id, text: name }));
  const options = [...new Map(nodes.map((node) => [node.value, node])).values()];
  const neighbours = book.all
    .filter(({ id }) => id !== named.id)
    .map(({ id, name }) => ({ value: id, text: name }));
  const many = Object.keys(problems).length;
  return (
    <View style={styles.root} role="main">
      <PageTitle>{changed ? changed.name : 'A drill of our own'}</PageTitle>
      <Pane
        foot={
          <ActionBar>
            {many ? (
              <Text role="alert">{`${many} ${many === 1 ? 'field is' : 'fields are'} not right yet; each says why.`}</Text>
            ) : null}
            {error ? <ErrorNotice error={error} /> : null}
            <View style={styles.row}>
              <Button
                mode="contained"
                loading={isLoading}
                contentStyle={styles.tall}
                onPress={() => void save()}
              >
                Keep the drill
              </Button>
              <Button mode="text" contentStyle={styles.tall} onPress={back}>
                Leave it
              </Button>
            </View>
          </ActionBar>
        }
      >
        <TitleRow title={changed ? changed.name : 'A drill of our own'} />
        <Text>
          Plans, sheets and limits take it as any other drill. A change holds for plans that run too.
        </Text>
        <Part title="What it is">
          {line('name', 'Name')}
          {line('what', 'In one or two sentences', { lines: 3 })}
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
        <Part title="Dose and needs">
          {line('dose', 'Dose', { hint: 'Such as 3x8, 3x5 hold 3 s, 2x30 s each, 10+10 or 15 pitches' })}
          {line('throws', 'Throws of the whole dose', { hint: '0 when nothing is thrown' })}
          <View style={styles.row}>
            <View style={styles.half}>{line('effortFrom', 'Effort from, percent')}</View>
            <View style={styles.half}>{line('effortTo', 'to, percent')}</View>
          </View>
          {line('minAge', 'From age')}
          <Text variant="bodySmall">
            Tethers and cords and nearly maximal effort from 13, balls of another mass from 15; local rules
            win where they are stricter.
          </Text>
          {line('needs', 'Needs, one a line', {
            lines: 3,
            hint: 'Two things of which one will do: fence or wall',
          })}
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
          {line('caution', 'Care (optional)', { lines: 2 })}
          <View style={styles.row}>
            <Switch
              value={draft.strength}
              onValueChange={(strength) => put({ strength })}
              accessibilityLabel="It makes stronger: two or three days a week"
            />
            <Text style={styles.grow}>It makes stronger: two or three days a week, never before a game</Text>
          </View>
        </Part>
        <Part title="How it goes">
          {line('setUp', 'Set-up', { lines: 3 })}
          {line('steps', 'One rep, one step a line', { lines: 5 })}
          {line('levels', 'Levels, one a line (optional)', {
            lines: 3,
            hint: 'From the easiest on, with what changes: half break: start with the hands half apart',
          })}
          {line('good', 'What good looks like', { lines: 2 })}
          {line('mistakes', 'Common mistakes, one a line', { lines: 3 })}
          <PickOne
            label="Way round it that the body finds"
            options={options}
            value={draft.roundFlaw}
            onPick={(roundFlaw) => put({ roundFlaw })}
          />
          <Wrong words={problems.roundFlaw} />
          {draft.roundFlaw ? line('roundSeen', 'How that shows here') : null}
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
        <Part title="Cues">
          {line('cue', 'Plain')}
          {line('feel', 'As a feeling')}
          {line('target', 'As a target outside the body')}
          <Text variant="labelMedium">What they ask for</Text>
          <CheckboxGroup
            label="What they ask for"
            value={draft.tags}
            onChange={(tags) => put({ tags })}
            options={plain<string>(cueTags)}
          />
        </Part>
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
        {problems.id ? <Notice alert>{`Its id ${named.id} ${problems.id}.`}</Notice> : null}
      </Pane>
    </View>
  );
}

type TextField = {
  [K in keyof DrillDraft]: string extends DrillDraft[K] ? (DrillDraft[K] extends string ? K : never) : never;
}[keyof DrillDraft];

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0, minWidth: 0 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  half: { flex: 1, minWidth: 0 },
  grow: { flex: 1 },
  tall: { minHeight: 48 },
});
