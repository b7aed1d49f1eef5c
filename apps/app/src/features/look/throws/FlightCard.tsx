import type { ThrowRecord } from '@wrightonic/contract';
import { armOnRight, flightsOf, movedOn, nodeName, type Hand, type ZoneView } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { PlotChart } from '../../../charts/PlotChart';
import { useColours } from '../../../theme/theme';
import { Card } from '../../../ui/Card/Card';
import { Heading } from '../../../ui/Screen/Screen';

const inches = (cm: number): number => Math.round(cm / 2.54);
/** From so much movement toward the arm side on it is spoken of, cm; an inch. */
const worthSaying = 2.54;

interface Props {
  throws: readonly ThrowRecord[];
  hand: Hand;
  view: ZoneView;
}

/** Where the ball moves, pitch by pitch; nothing where no spin or break was measured. */
export function FlightCard({ throws, hand, view }: Props) {
  const own = useColours();
  const flights = flightsOf(throws);
  if (flights.length === 0) return null;
  const words = flights.map(({ pitch, n, spinRpm, armCm, upCm }) => {
    const entered = [
      spinRpm === null ? '' : `${Math.round(spinRpm)} rpm`,
      armCm === null ? '' : `${Math.abs(inches(armCm))} in to the ${armCm >= 0 ? 'arm' : 'glove'} side`,
      upCm === null ? '' : `${Math.abs(inches(upCm))} in ${upCm >= 0 ? 'up' : 'down'}`,
    ];
    return `${pitch}, ${n} ${n === 1 ? 'throw' : 'throws'}: ${entered.filter(Boolean).join(', ') || 'spin axis only'}`;
  });
  const moved = throws.flatMap(({ flight }) =>
    flight?.armCm === undefined || flight.upCm === undefined
      ? []
      : [movedOn({ armCm: flight.armCm, upCm: flight.upCm }, hand, view)],
  );
  const run = flights[0]?.armCm ?? 0;
  const side = armOnRight(hand, view) ? 'right' : 'left';
  return (
    <Card>
      <Heading level={3}>How the ball moves</Heading>
      {moved.length ? (
        <PlotChart
          label={`Movement against a ball without spin. ${words.join('. ')}.`}
          dots={moved.map(({ x, y }) => ({ at: [inches(x), inches(y)] }))}
          named={flights.flatMap(({ pitch, armCm, upCm }) => {
            if (armCm === null || upCm === null) return [];
            const { x, y } = movedOn({ armCm, upCm }, hand, view);
            return [{ at: [inches(x), inches(y)], name: pitch }];
          })}
          lines={[
            {
              points: [
                [-24, 0],
                [24, 0],
              ],
              colour: own.line,
            },
            {
              points: [
                [0, -24],
                [0, 24],
              ],
              colour: own.line,
            },
          ]}
          xTicks={[-20, -10, 0, 10, 20]}
          xName={(x) => `${x} in`}
          height={220}
        />
      ) : null}
      {words.map((sentence) => (
        <Text key={sentence}>{`${sentence}.`}</Text>
      ))}
      {moved.length ? (
        <Text variant="bodySmall">{`As the ${view} sees it; the arm side is on the ${side}.`}</Text>
      ) : null}
      {run >= worthSaying ? (
        <Text>
          {`The ${flights[0]!.pitch} runs ${inches(run)} in to the arm side. If that is more than you want, grade “${nodeName('sym.run')}” in the next look: it points to the hand getting beside the ball.`}
        </Text>
      ) : null}
    </Card>
  );
}
