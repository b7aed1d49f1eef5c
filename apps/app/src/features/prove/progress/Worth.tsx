import { fewestOfWorth, nodeName, velocityIn, type FlawWorth, type VelocityUnit } from '@wrightonic/core';
import { useState } from 'react';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { Card } from '../../../ui/Card/Card';
import { ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** What clearing a flaw was worth, in words: how many, against how many, and how sure. */
function worthWords(
  { n, nOther, medianChange, medianOther, difference, low, high }: FlawWorth,
  unit: VelocityUnit,
) {
  const said = (value: number | null) =>
    value === null ? '–' : `${value < 0 ? '−' : '+'}${Math.abs(velocityIn(value, unit)).toFixed(1)}`;
  const counts = texts.clearedItDidNot(n, said(medianChange), unit, nOther, said(medianOther));
  if (low === null) return texts.tooFewToSay(counts, fewestOfWorth);
  return texts.differenceWithBetweenAnd(counts, said(difference), unit, said(low), said(high));
}

/** What clearing each flaw was worth, over the academy's own athletes. */
export function Worth({ unit }: { unit: VelocityUnit }) {
  const { data, error, refetch } = lazyEndpoints.useWorthQuery();
  const [all, setAll] = useState(false);
  if (!data)
    return error ? (
      <ErrorNotice error={error} again={() => void refetch()} />
    ) : (
      <Waiting what={texts.readingWhoClearedWhat} />
    );
  const told = data.filter(({ low }) => low !== null);
  const shown = all ? data : told;
  return (
    <Card>
      <Heading>{texts.whatWasItWorth}</Heading>
      <Text>{texts.medianChangeOfUsual}</Text>
      {data.length === 0 ? <Text>{texts.nobodyWasLooked}</Text> : null}
      {data.length && told.length === 0 && !all ? (
        <Text>{texts.tooFewToSayForEach(data.length, fewestOfWorth)}</Text>
      ) : null}
      {shown.map((each) => (
        <Text key={each.flaw}>
          <Text variant="labelLarge">{nodeName(each.flaw)}</Text>
          {`: ${worthWords(each, unit)}`}
        </Text>
      ))}
      {told.length < data.length ? (
        <Button mode="text" compact onPress={() => setAll(!all)}>
          {all ? texts.onlyThoseWithEnough : texts.showAllFlaws(data.length)}
        </Button>
      ) : null}
    </Card>
  );
}
