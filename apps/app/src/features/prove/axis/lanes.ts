import type { Lane, Severity, TimelineEntry } from '@wrightonic/core';
import { dayNumber } from '@wrightonic/core/day';
import { stitchPaths, type StitchPaths } from '@wrightonic/core/seam';
import { scaleLinear } from 'd3-scale';
import { across, boxes, dotsOf, lineOf, one, type DayScale, type Point } from './paths';
import { valueOf, type AxisInk, type AxisPicture, type FixedText } from './picture';
import { texts } from './texts';

const rowHeight = 24;
const barHeight = 44;

type LanePart = Pick<AxisPicture, 'layers' | 'texts'> &
  Partial<Pick<AxisPicture, 'fixed'>> & { height: number };
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

const stitchSize = 4;
/** The name of a checkpoint stands above its stitches. */
const stitchRow = 42;

/** The grades of each checkpoint on the days of the looks, as stitches in a row of its own. */
function stitchRows(some: readonly TimelineEntry[], { top }: Place): LanePart {
  const base = (row = 0) => top + row * stitchRow + 36;
  const rows = new Map(some.map(({ row, short, text }) => [row, short ?? text]));
  const stitches = some.map((entry) => ({
    grade: valueOf(entry, 'severity') as Severity,
    day: dayNumber(entry.from),
    y: base(entry.row),
  }));
  let drawn: { scale: string; paths: Partial<StitchPaths>[] } = { scale: '', paths: [] };
  // Each is worked out once for all of its parts: it is a frame's work where there are many looks.
  const part = (name: keyof StitchPaths) => (x: DayScale) => {
    const [first, last] = x.domain() as [number, number];
    const scale = `${x(first)} ${first} ${last}`;
    if (scale !== drawn.scale) {
      const shown = stitches.filter(({ day }) => day >= first - 1 && day <= last + 1);
      const at = ({ grade, day, y }: (typeof stitches)[number]) =>
        stitchPaths(grade, stitchSize, { x: x(day), y, turn: 0 });
      drawn = { scale, paths: shown.map(at) };
    }
    return drawn.paths.map((paths) => paths[name] ?? '').join('');
  };
  return {
    height: rows.size * stitchRow,
    layers: [
      {
        ink: 'line',
        width: 1,
        opacity: 0.5,
        path: () => [...rows.keys()].map((row) => across(base(row))).join(''),
      },
      { ink: 'ink', width: 1.2, round: true, path: part('tight') },
      { ink: 'clay', width: 0, path: part('torn') },
      { ink: 'clay', width: 1.5, round: true, path: part('loose') },
    ],
    texts: [],
    fixed: [...rows].map(([row, text]): FixedText => ({ text, y: base(row) - 20, ink: 'ink' })),
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

/** What a lane draws, from `top` down. */
export function lanePart(lane: Lane, some: readonly TimelineEntry[], place: Place): LanePart {
  switch (lane) {
    case 'looks':
      return markRow(some, texts.obviousOrSevere, place);
    case 'checkpoints':
      return stitchRows(some, place);
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
