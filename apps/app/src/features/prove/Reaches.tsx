import { nodeName, notReachingWords, type Transfer } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { Card } from '../../ui/Card/Card';
import { Notice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';

/** Clean in the drill against clean in the delivery, for each focus of the plan. */
export function Reaches({ transfer }: { transfer: readonly Transfer[] }) {
  const book = useBook();
  const nameOf = (drill: string) => book.drill(drill)?.name ?? drill;
  if (transfer.length === 0) return null;
  const short = transfer.flatMap(({ notReaching }) => notReaching);
  return (
    <Card>
      <Heading>{texts.doesItReach}</Heading>
      {transfer.map(({ focus, drills, delivery }) => (
        <Text key={focus}>
          <Text variant="labelLarge">{nodeName(focus)}</Text>
          {`: ${drills
            .filter(({ stage }) => stage !== 'blend' && stage !== 'deliver' && stage !== 'compete')
            .map(({ drill, share }) => texts.of2(nameOf(drill), share.clean, share.n))
            .join(', ')}. ${
            delivery.n ? texts.inBlendAndDeliver(delivery.clean, delivery.n) : texts.nothingWasCounted
          }`}
        </Text>
      ))}
      {short.length ? (
        <Notice>
          <Text>{texts.cleanByItself}</Text>
          {short.map((each) => (
            <Text key={each.drill}>{notReachingWords(each, nameOf)}</Text>
          ))}
        </Notice>
      ) : null}
      <Text variant="bodySmall">{texts.countedSinceThePlan}</Text>
    </Card>
  );
}
