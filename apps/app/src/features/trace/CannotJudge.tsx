import { fewestLookedAt, nodeName, type Trace } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { Notice } from '../../ui/Notice/Notice';
import { texts } from './texts';

/** Too little was looked at: what to look at, before anything is made of the figures. */
export function CannotJudge({ result }: { result: Pick<Trace, 'gains'> }) {
  const next = result.gains.map(({ id }) => nodeName(id)).join(', ');
  return (
    <Notice icon="alert-outline">
      <Text variant="labelLarge">{texts.cannotJudgeYet}</Text>
      <Text>
        {texts.fewerThanCheckpointsWere(fewestLookedAt, next ? texts.lookAtNext(next) : texts.lookAtMore)}
      </Text>
    </Notice>
  );
}
