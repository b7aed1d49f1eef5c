import { dayNumber, dayOfNumber } from '@wrightonic/core/day';
import { velocityIn, type VelocityUnit } from '@wrightonic/core';
import { useColours } from '../theme/theme';
import { dayWords } from '../ui/words/days';
import { PlotChart } from './PlotChart';

export interface VelocityDay {
  date: string;
  /** m/s */
  usual: number;
  top: number;
}

interface Props {
  days: readonly VelocityDay[];
  unit: VelocityUnit;
  label: string;
}

/** Usual and top velocity, session by session. */
export function VelocityChart({ days, unit, label }: Props) {
  const own = useColours();
  const points = (of: 'usual' | 'top') =>
    days.map((day): [number, number] => [dayNumber(day.date), velocityIn(day[of], unit)]);
  return (
    <PlotChart
      label={label}
      dots={points('usual').map((at) => ({ at }))}
      lines={[
        { points: points('top'), colour: own.clay, width: 1.5, dashed: true, name: 'top' },
        { points: points('usual'), name: 'usual' },
      ]}
      xName={(x) => dayWords(dayOfNumber(x), dayOfNumber(x))}
      height={220}
    />
  );
}
