import { velocityIn, type VelocityUnit } from '@wrightonic/core';
import { useColours } from '../theme/theme';
import { dayWords } from '../ui/days';
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

const dayMs = 86_400_000;

/** Usual and top velocity, session by session. */
export function VelocityChart({ days, unit, label }: Props) {
  const own = useColours();
  const points = (of: 'usual' | 'top') =>
    days.map((day): [number, number] => [Date.parse(day.date) / dayMs, velocityIn(day[of], unit)]);
  const dayOf = (x: number) => new Date(x * dayMs).toISOString().slice(0, 10);
  return (
    <PlotChart
      label={label}
      dots={points('usual').map((at) => ({ at }))}
      lines={[
        { points: points('top'), colour: own.clay, width: 1.5, dashed: true, name: 'top' },
        { points: points('usual'), name: 'usual' },
      ]}
      xName={(x) => dayWords(dayOf(x), dayOf(x))}
      height={220}
    />
  );
}
