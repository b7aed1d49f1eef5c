import type { Target } from '@wrightonic/contract';
import {
  velocityIn,
  type Lane,
  type TimelineEntry,
  type TrendPoint,
  type VelocityUnit,
} from '@wrightonic/core';
import { dayNumber } from '@wrightonic/core/day';
import { scaleLinear } from 'd3-scale';
import { lanePart } from './lanes';
import { across, dotsOf, lineOf, one, whole, type Point } from './paths';
import { valueOf, type AxisPicture, type AxisText, type FixedText } from './picture';
import { texts } from './texts';

export const chartHeight = 190;
const headRoom = 18;
const axisRoom = 26;
/** The name of a lane stands above it. */
const nameHeight = 20;

export interface AxisInput {
  entries: readonly TimelineEntry[];
  /** Lanes that are open, beside the velocity. */
  open: readonly Lane[];
  trend: readonly TrendPoint[];
  target: Target | null;
  unit: VelocityUnit;
  names: Readonly<Record<Lane, string>>;
  today: string;
}

function velocityPart({ entries, trend, target, unit }: AxisInput): Pick<AxisPicture, 'layers' | 'fixed'> {
  const sessions = entries.filter(({ lane }) => lane === 'velocity');
  const at = (value: number) => velocityIn(value, unit);
  const figures = sessions.flatMap((each) => [valueOf(each, 'usual')!, valueOf(each, 'top')!]);
  if (target) figures.push(at(target.velocity));
  const room = figures.length ? (Math.max(...figures) - Math.min(...figures)) * 0.08 || 1 : 1;
  const y = scaleLinear()
    .domain(figures.length ? [Math.min(...figures) - room, Math.max(...figures) + room] : [0, 1])
    .nice(4)
    .range([chartHeight, headRoom]);
  const of = (name: string): Point[] =>
    sessions.map((each) => [dayNumber(each.from), y(valueOf(each, name)!)]);
  const usual = of('usual');
  const inside = (value: number) => Math.min(chartHeight, Math.max(headRoom, y(at(value))));
  const edge = (name: 'low' | 'high'): Point[] =>
    trend.map((point) => [dayNumber(point.date), inside(point[name])]);
  const band: Point[] = [...edge('high'), ...edge('low').reverse()];
  const ticks = figures.length ? y.ticks(4) : [];
  return {
    layers: [
      {
        ink: 'line',
        width: 1,
        opacity: 0.4,
        path: () => ticks.map((tick) => across(y(tick))).join(''),
      },
      { ink: 'dusk', width: 0, opacity: 0.15, path: (x) => (band.length ? `${whole(band, x)}Z` : '') },
      {
        ink: 'dusk',
        width: 1.5,
        dashed: true,
        path: lineOf(trend.map(({ date, middle }) => [dayNumber(date), inside(middle)])),
      },
      ...(target
        ? [
            {
              ink: 'grass' as const,
              width: 2,
              dashed: true,
              path: () => across(y(at(target.velocity))),
            },
          ]
        : []),
      { ink: 'clay', width: 1.5, opacity: 0.8, path: lineOf(of('top')) },
      { ink: 'dusk', width: 2.5, path: lineOf(usual) },
      { ink: 'dusk', width: 7, round: true, path: dotsOf(usual) },
    ],
    fixed: [
      ...ticks.map((tick): FixedText => ({ text: String(tick), y: y(tick) - 3, ink: 'ink' })),
      ...(target
        ? [
            {
              text: texts.target(one(at(target.velocity))),
              y: y(at(target.velocity)) - 4,
              ink: 'grass' as const,
            },
          ]
        : []),
    ],
  };
}

/** The whole picture: the velocity, and below it the open lanes on the same axis. */
export function axisPicture(input: AxisInput): AxisPicture {
  const { entries, open, names } = input;
  const today = dayNumber(input.today);
  const { layers, fixed } = velocityPart(input);
  const texts: AxisText[] = [];
  let y = chartHeight + axisRoom;
  for (const lane of open) {
    const some = entries.filter((entry) => entry.lane === lane);
    if (some.length === 0) continue;
    fixed.push({ text: names[lane], y: y + 14, ink: 'ink' });
    const part = lanePart(lane, some, { top: y + nameHeight, today });
    layers.push(...part.layers);
    texts.push(...part.texts);
    fixed.push(...(part.fixed ?? []));
    y += nameHeight + part.height + 6;
  }
  return { height: y, layers, texts, fixed, top: headRoom, bottom: chartHeight };
}
