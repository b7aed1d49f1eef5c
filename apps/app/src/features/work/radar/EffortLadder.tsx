import type { LogEvent } from '@wrightonic/contract';
import { effortCurve, rungNow, throwsEach, velocityIn, type VelocityUnit } from '@wrightonic/core';
import { median } from 'simple-statistics';
import { Text } from 'react-native-paper';
import { PlotChart } from '../../../charts/PlotChart';
import { Card } from '../../../ui/Card/Card';
import { effortSentence } from '../../../ui/words/velocityWords';
import { onLadder } from './ladder';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  events: readonly LogEvent[];
  efforts: readonly number[];
  unit: VelocityUnit;
  onStop: () => void;
}

/** Three throws at each effort, and the curve that should climb evenly, growing as they are thrown. */
export function EffortLadder({ events, efforts, unit, onStop }: Props) {
  const throws = onLadder(events, efforts);
  const { effort, counts } = rungNow(throws, efforts);
  const at = (value: number) => velocityIn(value, unit);
  const medians = counts
    .filter(({ n }) => n > 0)
    .map((rung): [number, number] => {
      const own = throws.filter((each) => each.effort === rung.effort).map(({ velocity }) => velocity!);
      return [rung.effort, at(median(own))];
    });
  const curve = effortCurve(throws.map((each) => ({ ...each, date: '', ball: each.ballG })));
  const done = counts.map((rung) => `${rung.effort} %: ${Math.min(rung.n, throwsEach)}`).join(' · ');
  return (
    <Card>
      <Text variant="titleMedium" role="status">
        {effort === null ? texts.ladderDone : texts.ladderThrowAt(effort)}
      </Text>
      <Text variant="bodySmall">{texts.throwsEach(throwsEach, done)}</Text>
      {throws.length ? (
        <PlotChart
          label={texts.velocityAgainstEffort(
            medians.map(([x, y]) => `${x} % ${y.toFixed(1)} ${unit}`).join(', '),
          )}
          height={150}
          dots={throws.map((each) => ({ at: [each.effort!, at(each.velocity!)] as const }))}
          lines={[{ points: medians }]}
          xName={(x) => `${x} %`}
          xTicks={efforts}
        />
      ) : null}
      {curve ? <Text>{effortSentence(curve, unit)}</Text> : null}
      <Button mode="text" onPress={onStop} style={{ alignSelf: 'flex-start' }}>
        {effort === null ? texts.closeTheLadder : texts.stopTheLadder}
      </Button>
    </Card>
  );
}
