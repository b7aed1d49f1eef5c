import { fewestLookedAt, nodeName, type Trace } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { Notice } from '../../ui/Notice/Notice';

/** Too little was looked at: what to look at, before anything is made of the figures. */
export function CannotJudge({ result }: { result: Pick<Trace, 'gains'> }) {
  const next = result.gains.map(({ id }) => nodeName(id)).join(', ');
  return (
    <Notice icon="alert-outline">
      <Text variant="labelLarge">Cannot judge yet</Text>
      <Text>
        {`Fewer than ${fewestLookedAt} checkpoints were looked at, and nothing is carried from an earlier look. ${
          next ? `Look at ${next} next.` : 'Look at more of the delivery.'
        } The figures below are from what there is.`}
      </Text>
    </Notice>
  );
}
