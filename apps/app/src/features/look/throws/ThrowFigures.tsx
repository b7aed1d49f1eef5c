import type { ThrowRecord } from '@wrightonic/contract';
import {
  fade,
  highOutliers,
  likeSessions,
  sessionGroups,
  sessionVelocities,
  velocityFigures,
  velocityIn,
  type Hand,
  type VelocityUnit,
} from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { PlotChart, type PlotLine } from '../../../charts/PlotChart';
import { VelocityChart } from '../../../charts/VelocityChart';
import { useColours } from '../../../theme/theme';
import { useMe, useToday } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { dayWords } from '../../../ui/words/days';
import { Heading } from '../../../ui/Screen/Screen';
import { changeSentence, figuresOf, missSentence, sessionSentences, trendSentence } from './sentences';
import { effortSentence } from '../../../ui/words/velocityWords';
import { FlightCard } from './FlightCard';
import { ZonePicture } from './ZonePicture';
import { ZoneViewPick } from './ZoneViewPick';
import { texts } from './texts';

interface Props {
  hand: Hand;
  throws: readonly ThrowRecord[];
  unit: VelocityUnit;
}

/** What the throws say: each figure as a picture with its sentence. */
export function ThrowFigures({ hand, throws, unit }: Props) {
  const view = useMe().person.zoneView;
  const own = useColours();
  const today = useToday();
  const { misses, effort, trend } = figuresOf(throws);
  const sessions = sessionGroups(throws);
  const newest = sessions.at(-1);
  const measured = sessionVelocities(throws);
  const speed = (value: number) => velocityIn(value, unit);
  const charted = throws.filter(({ aim, arrived }) => aim && arrived);
  const like = newest ? likeSessions(throws, newest) : [];
  const change = changeSentence(like, unit);
  /** The usual all along, and the first and last third where there are enough throws. */
  const sessionLines = (velocities: readonly number[]): PlotLine[] => {
    const n = velocities.length;
    const usual = velocityFigures(velocities)?.usual;
    const faded = fade(velocities);
    const level = (from: number, to: number, value: number): PlotLine['points'] => [
      [from, speed(value)],
      [to, speed(value)],
    ];
    return [
      ...(usual === undefined ? [] : [{ points: level(1, n, usual), dashed: true, name: 'usual' }]),
      ...(faded
        ? [
            { points: level(1, faded.third, faded.first), colour: own.grass, width: 4 },
            { points: level(n - faded.third + 1, n, faded.last), colour: own.grass, width: 4 },
          ]
        : []),
    ];
  };
  return (
    <>
      <Card>
        <Heading level={3}>{texts.whereTheMissesGo}</Heading>
        {charted.length ? (
          <ZonePicture
            view={view}
            hand={hand}
            label={texts.fromTheAimedSpot(missSentence(misses))}
            aim={{ x: 0, y: 0 }}
            marks={charted.slice(-60).map(({ aim, arrived, sides }) => ({
              arrived: { x: arrived![0] - aim![0], y: arrived![1] - aim![1] },
              hit: sides?.length === 0,
            }))}
            size={240}
          />
        ) : null}
        <Text>{missSentence(misses)}</Text>
        {charted.length ? (
          <>
            <Text variant="bodySmall">{texts.everyAimIsLaid}</Text>
            <ZoneViewPick />
          </>
        ) : null}
      </Card>
      <FlightCard throws={throws} hand={hand} view={view} />
      {newest ? (
        <Card>
          <Heading level={3}>{texts.sessionOf(dayWords(newest.date, today))}</Heading>
          <PlotChart
            label={sessionSentences(newest, unit).join(' ')}
            dots={newest.velocities.map((velocity, n) => ({
              at: [n + 1, speed(velocity)],
              marked: stands(newest.velocities, velocity),
            }))}
            lines={sessionLines(newest.velocities)}
            xName={(n) => (Number.isInteger(n) ? String(n) : '')}
          />
          {sessionSentences(newest, unit).map((sentence) => (
            <Text key={sentence}>{sentence}</Text>
          ))}
          {change ? <Text>{change}</Text> : null}
          <Text variant="bodySmall">
            {texts.likeThrowsBall(
              newest.pitch,
              newest.effort === null ? texts.effortNotRecorded : `${newest.effort} %`,
              newest.ball,
            )}
          </Text>
        </Card>
      ) : null}
      <Card>
        <Heading level={3}>{texts.effortAgainstVelocity}</Heading>
        {effort ? (
          <PlotChart
            label={effortSentence(effort, unit)}
            dots={effort.curve.map((point) => ({ at: [point.effort, speed(point.median)] }))}
            lines={[{ points: effort.curve.map((point) => [point.effort, speed(point.median)]) }]}
            xName={(x) => `${x} %`}
            xTicks={effort.curve.map((point) => point.effort)}
          />
        ) : null}
        <Text>{effortSentence(effort, unit)}</Text>
      </Card>
      <Card>
        <Heading level={3}>{texts.sessionBySession}</Heading>
        {measured.length > 1 ? (
          <VelocityChart days={measured} unit={unit} label={trendSentence(trend, unit)} />
        ) : null}
        <Text>{trendSentence(trend, unit)}</Text>
      </Card>
    </>
  );
}

/** Whether a throw is one of those that stand out. */
function stands(velocities: readonly number[], velocity: number): boolean {
  const count = highOutliers(velocities)?.count ?? 0;
  return [...velocities]
    .sort((a, b) => b - a)
    .slice(0, count)
    .includes(velocity);
}
