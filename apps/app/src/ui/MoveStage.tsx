import type { PlanThread } from '@wrightonic/contract';
import { stageProposal } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { api } from '../store/api';
import { Notice, Trouble } from './Notice';
import { threadNames } from './threadWords';

interface Props {
  athleteId: string;
  planId: string;
  thread: PlanThread;
}

/** What the gate proposes for a thread, to be taken with one tap or left. */
export function MoveStage({ athleteId, planId, thread }: Props) {
  const [move, { isLoading, error }] = api.useMoveStageMutation();
  const [left, setLeft] = useState(false);
  const proposal = stageProposal(thread.stages, thread.stage);
  if (!proposal || left) return null;
  const up = proposal.direction === 'up';
  const words = up
    ? `${thread.stage} is proven on the ${threadNames[thread.thread].toLowerCase()}.`
    : `${thread.stage} is too hard for now on the ${threadNames[thread.thread].toLowerCase()}.`;
  const accept = () =>
    void move({
      athleteId,
      planId,
      body: { id: v7(), thread: thread.thread, to: proposal.to, reason: '' },
    });
  return (
    <Notice icon={up ? 'arrow-up' : 'arrow-down'}>
      <Text>{words[0]!.toUpperCase() + words.slice(1)}</Text>
      {error ? <Trouble error={error} /> : null}
      <View style={styles.row}>
        <Button mode="contained" loading={isLoading} onPress={accept}>
          {`${up ? 'Move up' : 'Step back'} to ${proposal.to}`}
        </Button>
        <Button mode="text" onPress={() => setLeft(true)}>
          Stay
        </Button>
      </View>
    </Notice>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
