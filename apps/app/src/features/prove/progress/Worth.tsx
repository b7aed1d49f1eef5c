import { fewestOfWorth, nodeName, velocityIn, type FlawWorth, type VelocityUnit } from '@wrightonic/core';
import { useState } from 'react';
import { Button, Text } from 'react-native-paper';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { Card } from '../../../ui/Card/Card';
import { ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';

/** What clearing a flaw was worth, in words: how many, against how many, and how sure. */
function worthWords(
  { n, nOther, medianChange, medianOther, difference, low, high }: FlawWorth,
  unit: VelocityUnit,
) {
  const said = (value: number | null) =>
    value === null ? '–' : `${value < 0 ? '−' : '+'}${Math.abs(velocityIn(value, unit)).toFixed(1)}`;
  const counts = `${n} cleared it (${said(medianChange)} ${unit}), ${nOther} did not (${said(medianOther)} ${unit})`;
  if (low === null) return `${counts}. Too few to say: it takes ${fewestOfWorth} of each.`;
  return `${counts}. Difference ${said(difference)} ${unit}, with 90 % between ${said(low)} and ${said(high)}.`;
}

/** What clearing each flaw was worth, over the academy's own athletes. */
export function Worth({ unit }: { unit: VelocityUnit }) {
  const { data, error, refetch } = lazyEndpoints.useWorthQuery();
  const [all, setAll] = useState(false);
  if (!data)
    return error ? (
      <ErrorNotice error={error} again={() => void refetch()} />
    ) : (
      <Waiting what="Reading who cleared what" />
    );
  const told = data.filter(({ low }) => low !== null);
  const shown = all ? data : told;
  return (
    <Card>
      <Heading>What was it worth?</Heading>
      <Text>
        Median change of usual velocity of those who cleared a flaw, against those who did not over the same
        weeks. This is no proof of cause: who clears a flaw may differ in more than that.
      </Text>
      {data.length === 0 ? (
        <Text>Nobody was looked at twice with a flaw that was obvious or severe.</Text>
      ) : null}
      {data.length && told.length === 0 && !all ? (
        <Text>{`Too few to say, for each of ${data.length} flaws: it takes ${fewestOfWorth} who cleared it and ${fewestOfWorth} who did not.`}</Text>
      ) : null}
      {shown.map((each) => (
        <Text key={each.flaw}>
          <Text variant="labelLarge">{nodeName(each.flaw)}</Text>
          {`: ${worthWords(each, unit)}`}
        </Text>
      ))}
      {told.length < data.length ? (
        <Button mode="text" compact onPress={() => setAll(!all)}>
          {all ? 'Only those with enough athletes' : `Show all ${data.length} flaws`}
        </Button>
      ) : null}
    </Card>
  );
}
