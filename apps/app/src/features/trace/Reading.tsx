import type { TracePage } from '@wrightonic/contract';
import {
  chainWords,
  habitWords,
  nodeName,
  nodeOf,
  percent,
  severityNames,
  threadLine,
  type Findings,
} from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';
import type { Chosen } from '../../ui/seam/picture';
import { WithReason } from './WithReason';
import type { Traced } from './useTracing';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  athlete: TracePage['athlete'];
  findings: Findings;
  traced: Traced;
  chosen: Chosen;
  /** A trial runs; a strike is for real. */
  trying: boolean;
  onTry: (id: string) => void;
  onClose: () => void;
}

/** What was tapped in the picture, read out. */
export function Reading(props: Props) {
  return (
    <Card>
      {'node' in props.chosen ? (
        <NodeRead {...props} node={props.chosen.node} />
      ) : (
        <ArcRead key={`${props.chosen.cause} ${props.chosen.effect}`} {...props} {...props.chosen} />
      )}
    </Card>
  );
}

function NodeRead({ node, findings, traced: { result }, trying, onTry, onClose }: Props & { node: string }) {
  const root = result.roots.find(({ id }) => id === node);
  const grade = findings[node];
  return (
    <>
      <Heading>{nodeName(node)}</Heading>
      <Text>
        {grade === undefined ? texts.notLookedAt : texts.graded(severityNames[grade])}
        {root ? texts.thatIsOfWhat(chainWords(root, result.total), percent(root.share)) : ''}
      </Text>
      {nodeOf(node)?.type === 'flaw' && root ? <Text>{habitWords(node, result.bodyShares)}</Text> : null}
      <View style={styles.row}>
        {grade && !trying ? (
          <Button mode="outlined" onPress={() => onTry(node)}>
            {texts.whatIfItWere}
          </Button>
        ) : null}
        {nodeOf(node)?.type === 'symptom' ? null : (
          <Button mode="text" onPress={() => router.navigate(`/drills?target=${node}`)}>
            {texts.drillsForIt}
          </Button>
        )}
        <Button mode="text" onPress={onClose}>
          {texts.close}
        </Button>
      </View>
    </>
  );
}

function ArcRead(props: Props & { cause: string; effect: string }) {
  const { athlete, findings, traced, cause, effect, trying, onClose } = props;
  const dispatch = useAppDispatch();
  const [striking, setStriking] = useState(false);
  const flow = traced.result.flows.find((each) => each.cause === cause && each.effect === effect);
  const weight = traced.set.links.find((each) => each.cause === cause && each.effect === effect)?.weight;
  if (!flow) return <Text>{texts.thisThreadIsNot}</Text>;
  return (
    <>
      <Heading>{texts.causes2(nodeName(cause), nodeName(effect))}</Heading>
      <Text>{threadLine(flow, findings)}</Text>
      {weight === undefined ? null : (
        <Text variant="bodySmall">{texts.weightASevereCause(weight.toFixed(2), percent(weight))}</Text>
      )}
      {striking ? (
        <WithReason
          label={texts.whyDoesntItApply(athlete.givenName)}
          action={texts.strikeItFor(athlete.givenName)}
          onDone={(reason) => {
            dispatch(
              log(athlete.id, 'link-struck', { athleteId: athlete.id, cause, effect, struck: true, reason }),
            );
            onClose();
          }}
          onLeave={() => setStriking(false)}
        />
      ) : (
        <View style={styles.row}>
          {trying ? null : (
            <Button mode="outlined" icon="close" onPress={() => setStriking(true)}>
              {texts.strikeThisLink}
            </Button>
          )}
          <Button mode="text" onPress={onClose}>
            {texts.close}
          </Button>
        </View>
      )}
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
