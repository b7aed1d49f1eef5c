import type { PlanThread } from '@wrightonic/contract';
import { stageProposal, type Stage } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Notice, ErrorNotice } from '../Notice/Notice';
import { threadNames } from '../words/threadWords';
import { TextField } from '../form/TextField';
import { texts } from '../texts';
import { Button } from '../Button/Button';

interface Props {
  athleteId: string;
  planId: string;
  thread: PlanThread;
  /** What to say where nothing is proposed; nothing by default. */
  otherwise?: string;
}

/** What the gate proposes for a thread, to be taken with one tap or left. */
export function MoveStage({ athleteId, planId, thread, otherwise }: Props) {
  const [move, { isLoading, error }] = lazyEndpoints.useMoveStageMutation();
  const [staying, setStaying] = useState(false);
  const [reason, setReason] = useState('');
  const proposal = stageProposal(thread.stages, thread.stage, thread.stayed);
  if (!proposal) return otherwise ? <Text>{`${threadNames[thread.thread]}: ${otherwise}`}</Text> : null;
  const up = proposal.direction === 'up';
  const words = texts.isLockedIn(threadNames[thread.thread], thread.stage, up);
  const go = (to: Stage, why: string) =>
    void move({ athleteId, planId, body: { id: v7(), thread: thread.thread, to, reason: why } });
  return (
    <Notice icon={up ? 'arrow-up' : 'arrow-down'}>
      <Text>{words}</Text>
      {error ? <ErrorNotice error={error} /> : null}
      {staying ? (
        <TextField label={texts.whyStayOn(thread.stage)} value={reason} onChange={setReason} atMost={300} />
      ) : null}
      <View style={styles.row}>
        <Button mode="contained" loading={isLoading} onPress={() => go(proposal.to, '')}>
          {texts.moveUpTo(up, proposal.to)}
        </Button>
        <Button
          mode={staying ? 'contained-tonal' : 'text'}
          disabled={staying && !reason.trim()}
          onPress={() => (staying ? go(thread.stage, reason.trim()) : setStaying(true))}
        >
          {texts.stay}
        </Button>
      </View>
    </Notice>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
