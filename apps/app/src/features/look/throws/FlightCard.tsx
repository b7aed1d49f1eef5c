import type { ThrowRecord } from '@wrightonic/contract';
import { armOnRight, flightsOf, movedOn, nodeName, type Hand, type ZoneView } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { PlotChart } from '../../../charts/PlotChart';
import { useColours } from '../../../theme/theme';
import { Card } from '../../../ui/Card/Card';
import { Heading } from '../../../ui/Screen/Screen';
import { texts } from './texts';

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
      spinRpm === null ? '' : texts.rpm(Math.round(spinRpm)),
      armCm === null ? '' : texts.inToTheArm(Math.abs(inches(armCm)), armCm),
      upCm === null ? '' : texts.inUp(Math.abs(inches(upCm)), upCm),
    ];
    return `${pitch}, ${n} ${n === 1 ? 'throw' : 'throws'}: ${entered.filter(Boolean).join(', ') || texts.spinAxisOnly}`;
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
      <Heading level={3}>{texts.howTheBallMoves}</Heading>
      {moved.length ? (
        <PlotChart
          label={texts.movementAgainstABall(words.join('. '))}
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
          xName={(x) => texts.inWord(x)}
          height={220}
        />
      ) : null}
      {words.map((sentence) => (
        <Text key={sentence}>{`${sentence}.`}</Text>
      ))}
      {moved.length ? <Text variant="bodySmall">{texts.asTheSees(view, side)}</Text> : null}
      {run >= worthSaying ? (
        <Text>{texts.theRuns(flights[0]!.pitch, inches(run), nodeName('sym.run'))}</Text>
      ) : null}
    </Card>
  );
}
