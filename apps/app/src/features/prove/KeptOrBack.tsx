import { listed, nodeName, type History } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';
import { dayWords } from '../../ui/words/days';

/** What was put right and stayed so, and what has come back. */
export function KeptOrBack({ kept, backAgain }: Pick<History, 'kept' | 'backAgain'>) {
  const today = useToday();
  if (!kept.length && !backAgain.length) return null;
  return (
    <Card>
      <Heading>Did it stay?</Heading>
      {backAgain.map(({ id, since }) => (
        <Text key={id} variant="bodyLarge">
          {`Back again: ${nodeName(id)}, seen ${dayWords(since, today)}.`}
        </Text>
      ))}
      {kept.length ? <Text>{`Kept: ${listed(kept.map(nodeName))}.`}</Text> : null}
      <Text variant="bodySmall">
        Kept means once obvious or severe, and clean or slight in every look since, over two weeks or more.
        Back again means it had been gone for two looks in a row.
      </Text>
    </Card>
  );
}
