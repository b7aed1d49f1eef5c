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
import { boxes, dotsOf, lineOf, one, whole, type DayScale, type Point } from './paths';
import { texts } from './texts';

/** Inks of the theme by name. */
export type AxisInk = 'ink' | 'line' | 'clay' | 'dusk' | 'grass' | 'amber' | 'amberSunk' | 'sunk';

/** One path of the picture, drawn anew as a whole whenever the scale changes. */
export interface Layer {
  ink: AxisInk;
  /** 0: filled. */
  width: number;
  opacity?: number;
  dashed?: boolean;
  /** Ends of strokes are round: a line without length is a dot. */
  round?: boolean;
  path: (x: DayScale) => string;
}

/** A text that stands at a day, or between two: it is left out where it does not fit. */
export interface AxisText {
  text: string;
  y: number;
  from: number;
  to: number | null;
}

/** A text at the left edge, whatever is shown. */
export interface FixedText {
  text: string;
  y: number;
  ink: AxisInk;
}

export interface AxisPicture {
  height: number;
  layers: Layer[];
  texts: AxisText[];
  fixed: FixedText[];
  /** Where the lines of the days end above, and their names stand below. */
  top: number;
  bottom: number;
}

export const chartHeight = 190;
const headRoom = 18;
const axisRoom = 26;
const rowHeight = 24;
const barHeight = 44;
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

const valueOf = (entry: TimelineEntry, name: string): number | null =>
  entry.values.find((each) => each.name === name)?.value ?? null;

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
        path: () => ticks.map((tick) => `M0 ${one(y(tick))}H9999`).join(''),
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
              path: () => `M0 ${one(y(at(target.velocity)))}H9999`,
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

type LanePart = Pick<AxisPicture, 'layers' | 'texts'> & { height: number };
type Place = { top: number; today: number };
const spanOf = ({ from, to }: TimelineEntry, today: number) => ({
  from: dayNumber(from),
  to: to === null ? today + 1 : dayNumber(to) + 1,
});

/** Spans in rows, each with its text in it; what overlaps goes below. */
function spanRows(some: readonly TimelineEntry[], ink: AxisInk, { top, today }: Place): LanePart {
  const ends: number[] = [];
  const placed = some.map((entry) => {
    const span = spanOf(entry, today);
    const free = ends.findIndex((end, n) => n >= (entry.row ?? 0) && end <= span.from);
    const row = free < 0 ? Math.max(ends.length, entry.row ?? 0) : free;
    for (let n = ends.length; n < row; n++) ends[n] = -Infinity;
    ends[row] = span.to;
    return { ...span, text: entry.text, short: entry.short, y: top + row * rowHeight };
  });
  return {
    height: Math.max(1, ends.length) * rowHeight,
    layers: [
      {
        ink,
        width: 0,
        opacity: 0.22,
        path: boxes(placed.map((each) => ({ ...each, height: rowHeight - 4 }))),
      },
      {
        ink,
        width: 2,
        path: (x) => placed.map(({ from, y }) => `M${one(x(from))} ${one(y)}v${rowHeight - 4}`).join(''),
      },
    ],
    texts: placed.map(({ text, short, y, from, to }) => ({
      text: short ?? text,
      y: y + 15,
      from,
      to,
    })),
  };
}

/** Marks on their days, larger with what is wrong. */
function markRow(some: readonly TimelineEntry[], figure: string, { top }: Place): LanePart {
  const of = (wrong: boolean) =>
    some
      .filter((entry) => (valueOf(entry, figure) ?? 0) > 0 === wrong)
      .map((entry): Point => [dayNumber(entry.from), top + 10]);
  return {
    height: rowHeight,
    layers: [
      { ink: 'ink', width: 9, round: true, path: dotsOf(of(false)) },
      { ink: 'clay', width: 13, round: true, path: dotsOf(of(true)) },
    ],
    texts: [],
  };
}

/** Weeks as bars: the whole and a part of it. */
function bars(
  some: readonly TimelineEntry[],
  { whole, part, ink }: { whole: readonly string[]; part: string; ink: AxisInk },
  { top, today }: Place,
): LanePart {
  const sum = (entry: TimelineEntry) => whole.reduce((all, name) => all + (valueOf(entry, name) ?? 0), 0);
  const most = Math.max(1, ...some.map(sum));
  const bar = (value: (entry: TimelineEntry) => number) =>
    boxes(
      some.map((entry) => {
        const height = (barHeight * value(entry)) / most;
        return { ...spanOf(entry, today), y: top + barHeight - height, height };
      }),
    );
  return {
    height: barHeight + 6,
    layers: [
      { ink, width: 0, opacity: 0.3, path: bar(sum) },
      { ink, width: 0, path: bar((entry) => valueOf(entry, part) ?? 0) },
    ],
    texts: [],
  };
}

function sizeRow(some: readonly TimelineEntry[], { top }: Place): LanePart {
  const points = (name: string, from: number, to: number): Point[] => {
    const of = some.flatMap((entry): Point[] => {
      const value = valueOf(entry, name);
      return value === null ? [] : [[dayNumber(entry.from), value]];
    });
    const all = of.map(([, value]) => value);
    const y = scaleLinear()
      .domain([
        Math.min(...all),
        Math.max(...all) === Math.min(...all) ? Math.min(...all) + 1 : Math.max(...all),
      ])
      .range([from, to]);
    return of.map(([day, value]) => [day, y(value)]);
  };
  const height = points('height', top + 18, top + 4);
  const weight = points('weight', top + 40, top + 26);
  return {
    height: barHeight + 2,
    layers: [
      { ink: 'grass', width: 2, path: lineOf(height) },
      { ink: 'grass', width: 6, round: true, path: dotsOf(height) },
      { ink: 'amber', width: 2, path: lineOf(weight) },
      { ink: 'amber', width: 6, round: true, path: dotsOf(weight) },
    ],
    texts: some
      .slice(-1)
      .map(({ text, from }) => ({ text, y: top + 24, from: dayNumber(from) + 2, to: null })),
  };
}

function lanePart(lane: Lane, some: readonly TimelineEntry[], place: Place): LanePart {
  switch (lane) {
    case 'looks':
      return markRow(some, texts.obviousOrSevere, place);
    case 'screens':
      return markRow(some, 'limits', place);
    case 'throws':
      return bars(some, { whole: ['hard', 'easy'], part: 'hard', ink: 'clay' }, place);
    case 'home':
      return bars(some, { whole: ['assigned'], part: 'done', ink: 'grass' }, place);
    case 'size':
      return sizeRow(some, place);
    case 'away':
      return spanRows(some, 'amber', place);
    case 'camps':
      return spanRows(some, 'grass', place);
    default:
      return spanRows(some, 'dusk', place);
  }
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
    y += nameHeight + part.height + 6;
  }
  return { height: y, layers, texts, fixed, top: headRoom, bottom: chartHeight };
}
