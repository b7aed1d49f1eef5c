import type { LookRecord, TracePage } from '@wrightonic/contract';
import { closeCall, tooThin, type Findings } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { useWide } from '../../ui/hooks/useWide';
import { Notice } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import type { Chosen } from '../../ui/seam/picture';
import { carriedWords } from '../../ui/words/carriedWords';
import { agoWords, dayWords } from '../../ui/words/days';
import { AcceptBar } from './AcceptBar';
import { BodyOrHabit } from './BodyOrHabit';
import { CannotJudge } from './CannotJudge';
import { FocusChoiceCards } from './FocusChoiceCards';
import { LeaveAlone } from './LeaveAlone';
import { LookNext } from './LookNext';
import { MeasuredSince } from './MeasuredSince';
import { PlainCard } from './PlainCard';
import { Reading } from './Reading';
import { RobustnessLine } from './RobustnessLine';
import { Sights } from './Sights';
import { Struck } from './Struck';
import { TracePicture } from './TracePicture';
import { useFocusChoice } from './useFocusChoice';
import { useRobustness, useTracing, type Traced as TracedLook } from './useTracing';
import { TrialEffect, TrialMoves, WhatIf } from './WhatIf';

/** What is above the picture: what it cannot tell, and what would tell more. */
function Doubts({ look, seen, tooClose, trying, lookNext }: DoubtsProps) {
  return (
    <>
      {tooThin(look.findings, seen.carried) && !trying ? <CannotJudge result={seen.result} /> : null}
      {tooClose && !trying ? (
        <Notice icon="alert-outline">
          <Text variant="labelLarge">Too close to call</Text>
          <Text>
            Small differences in the grades would put something else first. Look at what is below before
            choosing.
          </Text>
        </Notice>
      ) : null}
      {tooClose ? lookNext : null}
    </>
  );
}

interface DoubtsProps {
  look: LookRecord;
  seen: TracedLook;
  tooClose: boolean;
  trying: boolean;
  lookNext: ReactNode;
}

/** What can be done with a picture that stands: try, print, take in what was measured since. */
function Tools({
  athlete,
  look,
  onTry,
}: {
  athlete: TracePage['athlete'];
  look: LookRecord;
  onTry: () => void;
}) {
  return (
    <View style={styles.tools}>
      <Button mode="outlined" icon="tune-variant" onPress={onTry}>
        What if
      </Button>
      <Button
        mode="outlined"
        icon="printer"
        accessibilityLabel="One page to print"
        onPress={() => router.navigate(`/athletes/${athlete.id}/sheet?look=${look.id}`)}
      >
        Print
      </Button>
    </View>
  );
}

/** A trial over what was seen, and what is chosen in the picture. */
function useTrial(page: TracePage, look: LookRecord) {
  const [trial, setTrial] = useState<Findings | null>(null);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const seen = useTracing(page, look, null);
  const traced = useTracing(page, look, trial);
  const robustness = useRobustness(traced);
  return {
    trial,
    setTrial,
    chosen,
    setChosen,
    seen,
    traced,
    robustness,
    tooClose: [robustness.sure?.lower, robustness.sure?.arm].some(
      (share) => typeof share === 'number' && share < closeCall,
    ),
    endTrial: () => {
      setTrial(null);
      setChosen(null);
    },
  };
}

export function Traced({ page, look }: { page: TracePage; look: LookRecord }) {
  const { athlete } = page;
  const today = useToday();
  const wide = useWide();
  const { ground } = useColours();
  const { trial, setTrial, chosen, setChosen, seen, traced, robustness, tooClose, endTrial } = useTrial(
    page,
    look,
  );
  const choice = useFocusChoice(page, look, seen);
  const { result } = traced;
  const trying = trial !== null;
  const focus = trying ? result.focus : choice.focus;

  const lookNext = trying ? null : <LookNext athlete={athlete} look={look} result={result} />;
  const picture = (
    <TracePicture
      discipline={athlete.discipline}
      findings={traced.input.findings}
      flows={result.flows}
      roots={result.roots}
      label={`${trying ? 'Trial over the' : 'The'} look of ${dayWords(look.date, today)} with threads from cause to effect, ${result.roots.length} findings. The same stands in words under “Words”.`}
      marked={[choice.focus.lower, choice.focus.arm].filter((each) => each !== null)}
      faint={traced.carried}
      chosen={chosen}
      onChoose={setChosen}
      grand={wide}
      low={trying}
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
      <Doubts look={look} seen={seen} tooClose={tooClose} trying={trying} lookNext={lookNext} />
      {trying && !wide ? null : (
        <View style={trying ? [styles.stays, { backgroundColor: ground }] : null}>{picture}</View>
      )}
      {trying ? null : (
        <Text variant="bodySmall">
          {carriedWords(traced.carried, today)}
          {`From the look ${agoWords(look.date, today)}. A thread runs from its thick end, the cause, to its thin end, the effect; tap one to read it.`}
          {choice.accepted ? ` Focus accepted by ${choice.accepted.by}.` : ''}
        </Text>
      )}
      {chosen ? (
        <Reading
          athlete={athlete}
          findings={traced.input.findings}
          traced={traced}
          chosen={chosen}
          trying={trying}
          onTry={(node) => setTrial({ ...trial, [node]: 0 })}
          onClose={() => setChosen(null)}
        />
      ) : null}
      {trying && !wide ? whatIf : null}
      {result.total === 0 ? (
        <Notice icon="check">
          Nothing that counts was marked in this look. There is nothing to fix; look again later.
        </Notice>
      ) : (
        <RobustnessLine state={robustness} focus={result.focus} />
      )}
      {trying ? null : <Tools athlete={athlete} look={look} onTry={() => setTrial({})} />}
      {choice.stale && !trying ? (
        <Notice>
          The picture has changed since this focus was accepted. What was accepted stands under “Earlier” as
          it was; accept again to go on with today’s picture.
        </Notice>
      ) : null}
      {trying ? null : <MeasuredSince athlete={athlete} look={look} />}
      <FocusChoiceCards athlete={athlete} choice={choice} seen={seen.result} trial={trying ? result : null} />
      <BodyOrHabit athlete={athlete} result={result} focus={focus} />
      {tooClose ? null : lookNext}
      <Struck athlete={athlete} strikes={page.strikes} />
      <LeaveAlone result={result} />
      {trying ? null : <PlainCard athlete={athlete} result={result} focus={focus} />}
    </>
  );
  const list = (
    <>
      <Heading>What explains the picture</Heading>
      <Sights page={page} traced={traced} chosen={chosen} onChoose={setChosen} />
    </>
  );
  return (
    <Pane
      maxWidth={wide ? 1240 : 760}
      head={trying && !wide ? <View style={styles.head}>{picture}</View> : null}
      foot={trying ? <EndTrial onEnd={endTrial} /> : <AcceptBar choice={choice} any={result.total > 0} />}
    >
      {wide ? (
        <View style={styles.columns}>
          <View style={styles.left}>{main}</View>
          <View style={styles.right}>
            {whatIf}
            {list}
          </View>
        </View>
      ) : (
        <>
          {main}
          {list}
        </>
      )}
    </Pane>
  );
}

const EndTrial = ({ onEnd }: { onEnd: () => void }) => (
  <ActionBar>
    <Button mode="contained" onPress={onEnd} contentStyle={styles.tall}>
      Back to what was seen
    </Button>
  </ActionBar>
);

const styles = StyleSheet.create({
  tall: { minHeight: 48 },
  // The picture stays in sight while findings are tried.
  stays: { position: 'sticky', top: 0, zIndex: 1 } as unknown as ViewStyle,
  head: { paddingHorizontal: 16, paddingTop: 4 },
  tools: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  columns: { flexDirection: 'row', gap: 24 },
  left: { flex: 2, minWidth: 0, gap: 12 },
  right: { flex: 1, minWidth: 320, gap: 10 },
});
