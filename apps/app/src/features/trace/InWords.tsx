import { chainWords, percent, strongestFirst, threadLine, type Findings, type Trace } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading } from '../../ui/Screen/Screen';
import type { Chosen } from '../../ui/seam/picture';
import { texts } from './texts';

interface Props {
  findings: Findings;
  result: Trace;
  chosen: Chosen | null;
  onChoose: (chosen: Chosen) => void;
}

/** Everything that the picture shows, in sentences; each thread can be opened from here as from there. */
export function InWords({ findings, result, chosen, onChoose }: Props) {
  return (
    <View style={styles.root}>
      <Text>{texts.pointsMarkedOnFindings(result.total.toFixed(1), result.roots.length)}</Text>
      {result.roots
        .filter(({ share }) => share >= 0.005)
        .map((root) => (
          <Text key={root.id}>{texts.thatIs(chainWords(root, result.total), percent(root.share))}</Text>
        ))}
      {result.flows.length ? <Heading level={3}>{texts.threadsStrongestFirst}</Heading> : null}
      {strongestFirst(result.flows).map((flow) => (
        <PressableCard
          key={`${flow.cause} ${flow.effect}`}
          chosen={
            chosen !== null &&
            'cause' in chosen &&
            chosen.cause === flow.cause &&
            chosen.effect === flow.effect
          }
          onPress={() => onChoose({ cause: flow.cause, effect: flow.effect })}
        >
          <Text>{threadLine(flow, findings)}</Text>
        </PressableCard>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ root: { gap: 8 } });
