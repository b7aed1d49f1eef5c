import type { TracePage, LookRecord } from '@wrightonic/contract';
import { closeCall, oneFocusBelow, sameFocus, tooThin, type Findings, type Focus } from '@wrightonic/core';
import { router, type Href } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { Choices } from '../../ui/form/Choices';
import { agoWords, dayWords } from '../../ui/words/days';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Notice, ErrorNotice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import type { Chosen } from '../../ui/seam/picture';
import { carriedWords } from '../../ui/words/carriedWords';
import { threads } from '../../ui/words/threadWords';
import { useWide } from '../../ui/hooks/useWide';
import { BodyOrHabit } from './BodyOrHabit';
import { CannotJudge } from './CannotJudge';
import { FocusCard } from './FocusCard';
import { InWords } from './InWords';
import { LeaveAlone } from './LeaveAlone';
import { LookNext } from './LookNext';
import { MeasuredSince } from './MeasuredSince';
import { PastTraces } from './PastTraces';
import { PhaseList } from './PhaseList';
import { PlainCard } from './PlainCard';
import { Reading } from './Reading';
import { Roots } from './Roots';
import { Struck } from './Struck';
import { SureLine } from './RobustnessLine';
import { TracePicture } from './TracePicture';
import { useRobustness, useTracing } from './useTracing';
import { TrialEffect, TrialMoves, WhatIf } from './WhatIf';

type Sight = 'causes' | 'phases' | 'words' | 'earlier';

export function Traced({ page, look }: { page: TracePage; look: LookRecord }) {
  const { athlete } = page;
  const today = useToday();
  const wide = useWide();
  const { ground } = useColours();
  const [trial, setTrial] = useState<Findings | null>(null);
  const seen = useTracing(page, look, null);
  const traced = useTracing(page, look, trial);
  const { result } = traced;
  const findings = traced.input.findings;
  const robustness = useRobustness(traced);
  const accepted = page.trace?.lookId === look.id ? page.trace : null;
  const [pinned, setPinned] = useState<Focus | null>(null);
  const [reason, setReason] = useState(accepted?.reason ?? '');
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [by, setBy] = useState<Sight>('causes');
  const [id] = useState(() => v7());
  const [choose, { isLoading, error }] = lazyEndpoints.useChooseFocusMutation();

  const proposed = seen.result.focus;
  const focus = pinned ?? accepted?.chosen ?? proposed;
  const differs = !sameFocus(focus, proposed);
  // Something was put right, struck or weighed anew since the focus was accepted.
  const stale =
    accepted !== null && JSON.stringify(accepted.result.roots) !== JSON.stringify(seen.result.roots);
  const changed = !accepted || stale || !sameFocus(focus, accepted.chosen);
  const both = focus.lower !== null && focus.arm !== null;
  const none = focus.lower === null && focus.arm === null;
  // What is listed to leave alone is not accepted, though it was chosen before it was.
  const leftAlone = threads.some((thread) => seen.result.left.some(({ id }) => id === focus[thread]));
  const build = () => router.replace(`/athletes/${athlete.id}/build` as Href);
  const accept = async () => {
    if (!changed) return build();
    const body = {
      id: accepted ? v7() : id,
      lookId: look.id,
      ...focus,
      reason: differs ? reason.trim() : '',
    };
    if (!('error' in (await choose({ athleteId: athlete.id, body })))) build();
  };
  const pin = (thread: 'lower' | 'arm', to: string | null) =>
    setPinned(
      athlete.age < oneFocusBelow && to
        ? { lower: null, arm: null, [thread]: to }
        : { ...focus, [thread]: to },
    );
  const tooClose = [robustness.sure?.lower, robustness.sure?.arm].some(
    (share) => typeof share === 'number' && share < closeCall,
  );
  const tryClean = (node: string) => setTrial({ ...trial, [node]: 0 });
  const endTrial = () => {
    setTrial(null);
    setChosen(null);
  };

  const lookNext = trial ? null : <LookNext athlete={athlete} look={look} result={result} />;
  const views = (
    <Choices<Sight>
      label="See the picture by"
      value={by}
      onChange={setBy}
      options={[
        { value: 'causes', text: 'Causes' },
        { value: 'phases', text: 'Phases' },
        { value: 'words', text: 'Words' },
        { value: 'earlier', text: 'Earlier' },
      ]}
    />
  );
  const list = (
    <>
      {views}
      {by === 'causes' ? (
        <Roots result={result} chosen={chosen} onChoose={setChosen} />
      ) : by === 'phases' ? (
        <PhaseList
          discipline={athlete.discipline}
          findings={findings}
          result={result}
          onChoose={(node) => setChosen({ node })}
        />
      ) : by === 'words' ? (
        <InWords findings={findings} result={result} chosen={chosen} onChoose={setChosen} />
      ) : (
        <PastTraces page={page} />
      )}
    </>
  );
  const picture = (
    <TracePicture
      discipline={athlete.discipline}
      findings={findings}
      flows={result.flows}
      roots={result.roots}
      label={`${trial ? 'Trial over the' : 'The'} look of ${dayWords(look.date, today)} with threads from cause to effect, ${result.roots.length} findings. The same stands in words under “Words”.`}
      marked={[focus.lower, focus.arm].filter((each) => each !== null)}
      faint={traced.carried}
      chosen={chosen}
      onChoose={setChosen}
      grand={wide}
      low={trial !== null}
    />
  );
  const whatIf = trial ? (
    <>
      <TrialEffect before={seen.result} after={result} />
      <WhatIf seen={seen.input.findings} trial={trial} gains={seen.result.gains} onTrial={setTrial} />
      <TrialMoves before={seen.result} after={result} />
    </>
  ) : null;
  const main = (
    <>
      {tooThin(look.findings, seen.carried) && !trial ? <CannotJudge result={result} /> : null}
      {tooClose && !trial ? (
        <Notice icon="alert-outline">
          <Text variant="labelLarge">Too close to call</Text>
          <Text>
            Small differences in the grades would put something else first. Look at what is below before
            choosing.
          </Text>
        </Notice>
      ) : null}
      {tooClose ? lookNext : null}
      {trial && !wide ? null : (
        <View style={trial ? [styles.stays, { backgroundColor: ground }] : null}>{picture}</View>
      )}
      {trial ? null : (
        <Text variant="bodySmall">
          {carriedWords(traced.carried, today)}
          {`From the look ${agoWords(look.date, today)}. A thread runs from its thick end, the cause, to its thin end, the effect; tap one to read it.`}
          {accepted ? ` Focus accepted by ${accepted.by}.` : ''}
        </Text>
      )}
      {chosen ? (
        <Reading
          athlete={athlete}
          findings={findings}
          traced={traced}
          chosen={chosen}
          trying={trial !== null}
          onTry={tryClean}
          onClose={() => setChosen(null)}
        />
      ) : null}
      {trial && !wide ? whatIf : null}
      {result.total === 0 ? (
        <Notice icon="check">
          Nothing that counts was marked in this look. There is nothing to fix; look again later.
        </Notice>
      ) : (
        <SureLine state={robustness} focus={result.focus} />
      )}
      {trial ? null : (
        <View style={styles.tools}>
          <Button mode="outlined" icon="tune-variant" onPress={() => setTrial({})}>
            What if
          </Button>
          <Button
            mode="outlined"
            icon="printer"
            accessibilityLabel="One page to print"
            onPress={() => router.navigate(`/athletes/${athlete.id}/sheet?look=${look.id}` as Href)}
          >
            Print
          </Button>
        </View>
      )}
      {stale && !trial ? (
        <Notice>
          The picture has changed since this focus was accepted. What was accepted stands under “Earlier” as
          it was; accept again to go on with today’s picture.
        </Notice>
      ) : null}
      {trial ? null : <MeasuredSince athlete={athlete} look={look} />}

      <View style={wide ? styles.beside : styles.below}>
        {threads.map((thread) => (
          <View key={thread} style={wide ? styles.half : null}>
            <FocusCard
              discipline={athlete.discipline}
              thread={thread}
              trace={trial ? result : seen.result}
              chosen={trial ? result.focus[thread] : focus[thread]}
              trying={trial !== null}
              onChoose={(to) => pin(thread, to)}
            />
          </View>
        ))}
      </View>
      {athlete.age < oneFocusBelow ? (
        <Text variant="bodySmall">Below age 10 there is one focus at a time.</Text>
      ) : null}
      {differs && !trial ? (
        <TextInput
          mode="outlined"
          label="Why another focus than the proposed one?"
          aria-label="Why another focus than the proposed one?"
          value={reason}
          onChangeText={setReason}
          maxLength={300}
        />
      ) : null}
      <BodyOrHabit athlete={athlete} result={result} focus={trial ? result.focus : focus} />
      {tooClose ? null : lookNext}
      <Struck athlete={athlete} strikes={page.strikes} />
      <LeaveAlone result={result} />
      {trial ? null : <PlainCard athlete={athlete} result={result} focus={focus} />}
    </>
  );
  return (
    <Pane
      maxWidth={wide ? 1240 : 760}
      head={trial && !wide ? <View style={styles.head}>{picture}</View> : null}
      foot={
        trial ? (
          <ActionBar>
            <Button mode="contained" onPress={endTrial} contentStyle={styles.tall}>
              Back to what was seen
            </Button>
          </ActionBar>
        ) : (
          <ActionBar>
            {error ? <ErrorNotice error={error} /> : null}
            {none && !result.total ? null : (
              <Button
                mode="contained"
                loading={isLoading}
                disabled={none || leftAlone || (differs && changed && !reason.trim())}
                onPress={() => void accept()}
                contentStyle={styles.tall}
              >
                {!changed
                  ? 'Go on to Build'
                  : `${differs ? 'Keep' : 'Accept'} ${both ? 'both focuses' : 'the focus'}`}
              </Button>
            )}
          </ActionBar>
        )
      }
    >
      {wide ? (
        <View style={styles.columns}>
          <View style={styles.left}>{main}</View>
          <View style={styles.right}>
            {whatIf}
            <Heading>What explains the picture</Heading>
            {list}
          </View>
        </View>
      ) : (
        <>
          {main}
          <Heading>What explains the picture</Heading>
          {list}
        </>
      )}
    </Pane>
  );
}

const styles = StyleSheet.create({
  tall: { minHeight: 48 },
  // The picture stays in sight while findings are tried.
  stays: { position: 'sticky', top: 0, zIndex: 1 } as unknown as ViewStyle,
  head: { paddingHorizontal: 16, paddingTop: 4 },
  tools: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  beside: { flexDirection: 'row', gap: 12 },
  half: { flex: 1 },
  below: { gap: 10 },
  columns: { flexDirection: 'row', gap: 24 },
  left: { flex: 2, minWidth: 0, gap: 12 },
  right: { flex: 1, minWidth: 320, gap: 10 },
});
