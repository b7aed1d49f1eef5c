import { chainWords, percent, strongestFirst, threadLine, type Findings, type Trace } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading } from '../../ui/Screen/Screen';
import type { Chosen } from '../../ui/seam/picture';

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
      <Text>{`${result.total.toFixed(1)} points marked on ${result.roots.length} findings.`}</Text>
      {result.roots
        .filter(({ share }) => share >= 0.005)
        .map((root) => (
          <Text key={root.id}>{`${chainWords(root, result.total)} That is ${percent(root.share)}.`}</Text>
        ))}
      {result.flows.length ? <Heading level={3}>Threads, strongest first</Heading> : null}
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
