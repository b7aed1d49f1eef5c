import { leaveWords, nodeName, type Trace } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';

/** What was found and is left as it is, each with the reason. */
export function LeaveAlone({ result }: { result: Trace }) {
  if (result.left.length + result.tactical.length === 0) return null;
  return (
    <Card>
      <Heading level={3}>{texts.leaveAlone}</Heading>
      {result.left.map((left) => (
        <Text key={left.id}>
          <Text variant="labelLarge">{nodeName(left.id)}</Text>
          {`: ${leaveWords(left, result.approach)}`}
        </Text>
      ))}
      {result.tactical.map((id) => (
        <Text key={id}>
          <Text variant="labelLarge">{nodeName(id)}</Text>
          {texts.tacticalItIsShown}
        </Text>
      ))}
    </Card>
  );
}
