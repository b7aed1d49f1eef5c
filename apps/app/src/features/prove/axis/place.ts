import { scaleUtc } from 'd3-scale';
import type { DayScale } from './paths';
import type { AxisPicture } from './picture';
import { left, type AxisScale } from './useAxisZoom';

const dayMs = 86_400_000;
export const ticksAtMost = 9;
/** A letter is about so wide, px. */
const letter = 6.2;
/** Shorter texts say nothing. */
const fewestLetters = 3;
/** Ticks this far apart bear the name of their month, days. */
const monthApart = 27;

const format = (parts: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat('en-GB', { ...parts, timeZone: 'UTC' });
const months = format({ month: 'short' });
const days = format({ day: 'numeric', month: 'short' });
const years = format({ year: 'numeric' });

/** The name of a day on the axis: by the year, the month or the day, as far as the ticks are apart. */
function tickName(at: Date, apart: number): string {
  if (apart < monthApart) return days.format(at);
  return (at.getUTCMonth() === 0 ? years : months).format(at);
}

export const partOf = (svg: SVGSVGElement, name: string): Element =>
  svg.querySelector(`[data-part="${name}"]`)!;

/** A text that says the same is not laid out anew. */
function write(node: Element, text: string): void {
  if (node.textContent !== text) node.textContent = text;
}

function placeTicks(svg: SVGSVGElement, x: AxisScale, width: number): void {
  const ticks = partOf(svg, 'ticks').children;
  const [from, to] = x.domain() as [number, number];
  const at = scaleUtc()
    .domain([from * dayMs, to * dayMs])
    .ticks(Math.max(2, Math.min(ticksAtMost - 1, Math.floor(width / 76))));
  const apart = at.length > 1 ? (at[1]!.getTime() - at[0]!.getTime()) / dayMs : Infinity;
  for (let n = 0; n < ticksAtMost; n++) {
    const name = ticks[n]!.lastElementChild!;
    const tick = at[n];
    const place = tick ? x(tick.getTime() / dayMs) : -99;
    ticks[n]!.setAttribute('transform', `translate(${place.toFixed(1)} 0)`);
    write(name, tick && place > left && place < width - 14 ? tickName(tick, apart) : '');
  }
}

/** Texts stay where they can be read, as long as what they name is shown. */
function placeTexts(svg: SVGSVGElement, picture: AxisPicture, x: AxisScale, width: number): void {
  const texts = partOf(svg, 'texts').children;
  picture.texts.forEach(({ text, from, to }, n) => {
    const start = Math.max(x(from), left) + 5;
    const end = to === null ? width : Math.min(x(to), width);
    const room = Math.floor((end - start - 4) / letter);
    const node = texts[n]!;
    // Moved and not laid out anew.
    node.setAttribute('transform', `translate(${start.toFixed(1)} 0)`);
    write(node, room < fewestLetters ? '' : text.length <= room ? text : `${text.slice(0, room - 1)}…`);
  });
}

/** What is drawn into, as far as it is used. */
interface Node {
  setAttribute: (name: string, value: string) => void;
}
interface Group extends Node {
  children: ArrayLike<Node>;
}

/** The same scale over so much more on each side, px. */
function wider(x: AxisScale, margin: number): DayScale {
  const [from, to] = x.domain() as [number, number];
  const days = margin / (x(1) - x(0));
  return Object.assign((day: number) => x(day), { domain: () => [from - days, to + days] });
}

/**
 * Draws the layers of a picture, and draws them anew only when they have to be: what is dragged to and fro is moved as
 * one, so that a phone keeps up with the thumb.
 */
export function layerPainter() {
  let drawn: { group: Group; picture: AxisPicture; width: number; perDay: number; zero: number } | null =
    null;
  let margin = 0;
  return (group: Group, picture: AxisPicture, x: AxisScale, width: number): void => {
    const zero = x(0);
    const perDay = x(1) - zero;
    const same =
      drawn?.group === group &&
      drawn.picture === picture &&
      drawn.width === width &&
      Math.abs(drawn.perDay / perDay - 1) < 1e-6;
    if (!same || Math.abs(zero - drawn!.zero) > margin) {
      // Moved and not zoomed, it will be moved on: a width more on each side is drawn along.
      margin = same ? width : 0;
      drawn = { group, picture, width, perDay, zero };
      const scale = wider(x, margin);
      picture.layers.forEach(({ path }, n) => group.children[n]!.setAttribute('d', path(scale)));
    }
    group.setAttribute('transform', `translate(${(zero - drawn!.zero).toFixed(1)} 0)`);
  };
}

/** Puts everything of a picture where it stands under a scale. */
export function picturePlacer() {
  const paint = layerPainter();
  return (svg: SVGSVGElement, picture: AxisPicture, x: AxisScale, width: number): void => {
    paint(partOf(svg, 'layers'), picture, x, width);
    placeTexts(svg, picture, x, width);
    placeTicks(svg, x, width);
  };
}
