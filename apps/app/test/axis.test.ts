import { laneNames, lanes, type TimelineEntry } from '@wrightonic/core';
import { dayNumber } from '@wrightonic/core/day';
import { scaleLinear } from 'd3-scale';
import { axisPicture, chartHeight } from '../src/features/prove/axis/layers';
import { boxes, dotsOf, lineOf } from '../src/features/prove/axis/paths';
import { layerPainter } from '../src/features/prove/axis/place';

const scale = (from: number, to: number) => scaleLinear().domain([from, to]).range([0, 100]);
const count = (path: string, letter: string) => path.split(letter).length - 1;

describe('paths on an axis that is zoomed', () => {
  const points = [0, 10, 20, 30, 40].map((day) => [day, 5] as const);
  it('hold what is shown, and one point more at each end', () => {
    expect(count(lineOf(points)(scale(0, 40)), 'L')).toBe(4);
    expect(count(lineOf(points)(scale(15, 25)), 'L')).toBe(2);
    expect(count(lineOf(points)(scale(10, 20)), 'L')).toBe(3);
    expect(count(dotsOf(points)(scale(12, 18)), 'M')).toBe(2);
  });
  it('lead through a stretch in which nothing was', () =>
    expect(lineOf(points)(scale(31, 39))).toMatch(/^M-\d+\.\d 5\.0L\d+\.\d 5\.0$/));
  it('leave out spans that are over or still to come, and those without height', () => {
    const span = (from: number, to: number, height = 4) => ({ from, to, y: 0, height });
    const some = [span(0, 5), span(5, 10), span(20, 25), span(12, 14, 0)];
    expect(count(boxes(some)(scale(10, 19)), 'M')).toBe(1);
  });
});

const entry = (more: Partial<TimelineEntry>): TimelineEntry => ({
  lane: 'looks',
  from: '2026-05-01',
  to: '2026-05-01',
  text: '',
  values: [],
  ...more,
});
const stage = (row: number, from: string, to: string | null) =>
  entry({ lane: 'stages', row, from, to, text: 'Lower half, feel', short: 'feel' });
const picture = (entries: TimelineEntry[], open = lanes.slice(1)) =>
  axisPicture({
    entries,
    open,
    trend: [],
    target: null,
    unit: 'mph',
    names: laneNames,
    today: '2026-06-01',
  });

describe('the lanes of an axis', () => {
  it('keeps each thread of a plan in its own row, one span after the other', () => {
    const { texts } = picture([
      stage(0, '2026-05-01', '2026-05-09'),
      stage(1, '2026-05-01', '2026-05-20'),
      stage(0, '2026-05-10', null),
    ]);
    const rows = texts.map(({ y }) => y);
    expect(rows[0]).toBe(rows[2]);
    expect(rows[1]).toBeGreaterThan(rows[0]!);
    expect(texts.map(({ text }) => text)).toEqual(['feel', 'feel', 'feel']);
    // What lasts ends today.
    expect(texts[2]!.to).toBe(dayNumber('2026-06-01') + 1);
  });

  it('gives each checkpoint a row of stitches, its name above them', () => {
    const graded = (row: number, from: string, severity: number) =>
      entry({
        lane: 'checkpoints',
        row,
        from,
        short: `checkpoint ${row}`,
        values: [{ name: 'severity', value: severity, unit: '' }],
      });
    const { fixed, layers } = picture([
      graded(0, '2026-05-01', 2),
      graded(0, '2026-05-15', 0),
      graded(1, '2026-05-01', 3),
    ]);
    const rows = fixed.filter(({ text }) => text.startsWith('checkpoint'));
    expect(rows.map(({ text }) => text)).toEqual(['checkpoint 0', 'checkpoint 1']);
    const x = scale(dayNumber('2026-05-01'), dayNumber('2026-06-01'));
    const drawn = (name: 'ink' | 'clay') => layers.filter(({ ink, round }) => ink === name && round);
    const stitches = (name: 'ink' | 'clay') => count(drawn(name).at(-1)!.path(x), 'M');
    // A clean one is tight; a severe one has three loose strands.
    expect([stitches('ink'), stitches('clay')]).toEqual([1, 2 + 3]);
    const ys = [
      ...drawn('clay')
        .at(-1)!
        .path(x)
        .matchAll(/M-?[\d.]+ ([\d.]+)/g),
    ].map(([, y]) => Number(y));
    expect(Math.max(...ys)).toBeGreaterThan(rows[1]!.y);
    expect(Math.min(...ys)).toBeLessThan(rows[1]!.y);
  });

  it('puts what overlaps in a lane below', () => {
    const camp = (from: string, to: string) => entry({ lane: 'camps', from, to });
    const { texts } = picture([camp('2026-05-01', '2026-05-05'), camp('2026-05-05', '2026-05-08')]);
    expect(texts[1]!.y).toBeGreaterThan(texts[0]!.y);
  });
});

describe('the picture of an axis', () => {
  it('has a lane for what there is and is open, and no more', () => {
    const both = [entry({}), entry({ lane: 'camps', to: '2026-05-03', text: 'Camp' })];
    const names = (all: TimelineEntry[], open?: (typeof lanes)[number][]) =>
      picture(all, open).fixed.map(({ text }) => text);
    expect(names(both)).toEqual(['Looks', 'Camps']);
    expect(names(both, ['camps'])).toEqual(['Camps']);
    expect(picture([]).height).toBeLessThan(picture(both).height);
  });

  it('draws the target, the sessions and their tops inside of the chart', () => {
    const session = (from: string, usual: number) =>
      entry({
        lane: 'velocity',
        from,
        to: from,
        values: [
          { name: 'usual', value: usual, unit: 'mph' },
          { name: 'top', value: usual + 2, unit: 'mph' },
        ],
      });
    const drawn = axisPicture({
      entries: [session('2026-05-01', 60), session('2026-05-08', 62)],
      open: [],
      trend: [],
      target: { velocity: 30, by: null },
      unit: 'mph',
      names: laneNames,
      today: '2026-06-01',
    });
    expect(drawn.fixed.some(({ text }) => text === 'Target 67.1')).toBe(true);
    const x = scale(dayNumber('2026-05-01'), dayNumber('2026-05-08'));
    const ys = drawn.layers
      .flatMap(({ path }) => [...path(x).matchAll(/[ML]-?[\d.]+ (-?[\d.]+)/g)])
      .map(([, y]) => Number(y));
    expect(Math.min(...ys)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...ys)).toBeLessThanOrEqual(chartHeight);
  });
});

describe('layers that are moved', () => {
  const width = 100;
  const drawing = () => {
    const paint = layerPainter();
    const domains: number[][] = [];
    const shown = picture([entry({})]);
    shown.layers = [
      { ink: 'ink', width: 1, path: (x) => (domains.push(x.domain().map(Math.round)), `M${x(0)} 0`) },
    ];
    let moved = '';
    const group = {
      children: [{ setAttribute: () => {} }],
      setAttribute: (_: string, value: string) => void (moved = value),
    };
    const at = (from: number, days = 100, of = shown) => {
      paint(group, of, scale(from, from + days), width);
      return moved;
    };
    return { at, domains, shown };
  };

  it('are drawn once with a width more on each side, and moved as long as that is enough', () => {
    const { at, domains } = drawing();
    expect(at(500)).toBe('translate(0.0 0)');
    expect(domains).toEqual([[500, 600]]);
    expect(at(510)).toBe('translate(0.0 0)');
    expect(domains.slice(1)).toEqual([[410, 710]]);
    expect([at(450), at(609), at(411)]).toEqual([
      'translate(60.0 0)',
      'translate(-99.0 0)',
      'translate(99.0 0)',
    ]);
    expect(domains).toHaveLength(2);
    expect(at(409)).toBe('translate(0.0 0)');
    expect(domains.slice(2)).toEqual([[309, 609]]);
  });

  it('are drawn anew under another scale, and where there is something else to draw', () => {
    const { at, domains, shown } = drawing();
    at(500);
    at(500);
    expect(domains).toHaveLength(1);
    at(500, 50);
    expect(domains[1]).toEqual([500, 550]);
    at(500, 50, { ...shown });
    expect(domains).toHaveLength(3);
  });
});
