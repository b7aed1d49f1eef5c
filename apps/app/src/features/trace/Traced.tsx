import type { LookRecord, TracePage } from '@wrightonic/contract';
import type { Findings } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { useWide } from '../../ui/hooks/useWide';
import { ApplyResults } from '../../ui/Measured/ApplyResults';
import { Pane } from '../../ui/Screen/Pane';
import type { Chosen } from '../../ui/seam/picture';
import { carriedWords } from '../../ui/words/carriedWords';
import { agoWords, dayWords } from '../../ui/words/days';
import { AcceptBar } from './AcceptBar';
import { Reading } from './Reading';
import { Settle } from './Settle';
import { Sights } from './Sights';
import { TracePicture } from './TracePicture';
import { useFocusChoice } from './useFocusChoice';
import { useRobustness, useTracing } from './useTracing';
import { isTooClose, Verdict } from './Verdict';
import { TrialEffect, TrialMoves, WhatIf } from './WhatIf';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface ToolsProps {
  athlete: TracePage['athlete'];
  look: LookRecord;
  onTry: () => void;
}

/** What can be done with a picture that stands: try, print. */
const Tools = ({ athlete, look, onTry }: ToolsProps) => (
  <View style={styles.tools}>
    <Button mode="outlined" icon="tune-variant" onPress={onTry}>
      {texts.whatIf}
    </Button>
    <Button
      mode="outlined"
      icon="printer"
      accessibilityLabel={texts.printOnePage}
      onPress={() => router.navigate(`/athletes/${athlete.id}/sheet?look=${look.id}`)}
    >
      {texts.print}
    </Button>
  </View>
);

/** A trial over what was seen, and what is chosen in the picture. */
function useTrial(page: TracePage, look: LookRecord) {
  const [trial, setTrial] = useState<Findings | null>(null);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const seen = useTracing(page, look, null);
  const traced = useTracing(page, look, trial);
  return {
    trial,
    setTrial,
    chosen,
    setChosen,
    seen,
    traced,
    robustness: useRobustness(traced),
    endTrial: () => {
      setTrial(null);
      setChosen(null);
    },
  };
}

/** The verdict first, then the picture it was read from, then what is behind it. */
export function Traced({ page, look }: { page: TracePage; look: LookRecord }) {
  const { athlete } = page;
  const today = useToday();
  const wide = useWide();
  const { ground } = useColours();
  const { trial, setTrial, chosen, setChosen, seen, traced, robustness, endTrial } = useTrial(page, look);
  const choice = useFocusChoice(page, look, seen);
  const { result } = traced;
  const trying = trial !== null;
  const focus = trying ? result.focus : choice.focus;
  const picture = (
    <TracePicture
      discipline={athlete.discipline}
      findings={traced.input.findings}
      flows={result.flows}
      roots={result.roots}
      label={texts.trialOverTheLook(trying, dayWords(look.date, today), result.roots.length)}
      marked={[choice.focus.lower, choice.focus.arm].filter((each) => each !== null)}
      faint={traced.carried}
      chosen={chosen}
      onChoose={setChosen}
      grand={wide}
      low={!wide || trying}
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
      <Verdict
        athlete={athlete}
        look={look}
        seen={seen}
        choice={choice}
        robustness={robustness}
        trial={trying ? result : null}
      />
      {trying && !wide ? null : (
        <View style={trying ? [styles.stays, { backgroundColor: ground }] : null}>{picture}</View>
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
      {trying ? null : (
        <Text variant="bodySmall">
          {carriedWords(traced.carried, today)}
          {texts.fromTheLookEach(agoWords(look.date, today))}
          {choice.accepted ? texts.acceptedTheFocus(choice.accepted.by) : ''}
        </Text>
      )}
    </>
  );
  const rest = trying ? (
    whatIf
  ) : (
    <>
      <Settle athlete={athlete} look={look} result={result} opened={isTooClose(robustness)} />
      <ApplyResults athlete={athlete} look={look} />
      <Sights page={page} traced={traced} chosen={chosen} onChoose={setChosen} focus={focus} />
      <Tools athlete={athlete} look={look} onTry={() => setTrial({})} />
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
          <View style={styles.right}>{rest}</View>
        </View>
      ) : (
        <>
          {main}
          {rest}
        </>
      )}
    </Pane>
  );
}

const EndTrial = ({ onEnd }: { onEnd: () => void }) => (
  <ActionBar>
    <Button mode="contained" onPress={onEnd} contentStyle={styles.tall}>
      {texts.endTheTrial}
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
