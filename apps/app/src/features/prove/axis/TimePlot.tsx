import { dayNumber, dayOfNumber } from '@wrightonic/core/day';
import { scaleUtc } from 'd3-scale';
import {
  memo,
  useImperativeHandle,
  useRef,
  useState,
  type KeyboardEvent,
  type MouseEvent,
  type Ref,
} from 'react';
import { View } from 'react-native';
import { faces } from '../../../theme/faces';
import { useColours } from '../../../theme/theme';
import type { AxisPicture } from './picture';
import { left, useAxisZoom, type AxisScale } from './useAxisZoom';

/** Shows some of the axis, with a movement of it. */
export interface AxisSetter {
  /** Days from the last one back; null shows everything. */
  show: (days: number | null) => void;
}

interface Props {
  picture: AxisPicture;
  /** First and last day of the axis. */
  first: string;
  last: string;
  label: string;
  /** Marked with a line; null where none is. */
  day: string | null;
  onDay: (day: string) => void;
  setter: Ref<AxisSetter>;
}

const dayMs = 86_400_000;
const ticksAtMost = 9;
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

const partOf = (svg: SVGSVGElement, name: string): Element => svg.querySelector(`[data-part="${name}"]`)!;

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

/** Puts everything where it stands under a scale. */
function placeAll(svg: SVGSVGElement, picture: AxisPicture, x: AxisScale, width: number): void {
  const layers = partOf(svg, 'layers').children;
  const texts = partOf(svg, 'texts').children;
  picture.layers.forEach(({ path }, n) => layers[n]!.setAttribute('d', path(x)));
  picture.texts.forEach(({ text, from, to }, n) => {
    const start = Math.max(x(from), left) + 5;
    const end = to === null ? width : Math.min(x(to), width);
    const room = Math.floor((end - start - 4) / letter);
    const node = texts[n]!;
    // Moved and not laid out anew.
    node.setAttribute('transform', `translate(${start.toFixed(1)} 0)`);
    write(node, room < fewestLetters ? '' : text.length <= room ? text : `${text.slice(0, room - 1)}…`);
  });
  placeTicks(svg, x, width);
}

/** Everything that is placed in place: the paths and texts of the picture, and the lines of the days. */
const Marks = memo(function Marks({ picture }: { picture: AxisPicture }) {
  const own = useColours();
  const text = { fill: own.ink, fontFamily: faces.heading, fontSize: 14 };
  return (
    <>
      <g data-part="ticks">
        {Array.from({ length: ticksAtMost }, (_, n) => (
          <g key={n}>
            <path d={`M0 ${picture.top}V${picture.height}`} stroke={own.line} strokeOpacity={0.35} />
            <text y={picture.bottom + 17} textAnchor="middle" {...text} />
          </g>
        ))}
      </g>
      <g data-part="layers" strokeLinejoin="round">
        {picture.layers.map(({ ink, width, opacity = 1, dashed, round }, n) => (
          <path
            key={n}
            fill={width ? 'none' : own[ink]}
            stroke={width ? own[ink] : 'none'}
            strokeWidth={width}
            opacity={opacity}
            {...(dashed ? { strokeDasharray: '5 4' } : {})}
            {...(round ? { strokeLinecap: 'round' } : {})}
          />
        ))}
      </g>
      <g data-part="texts">
        {picture.texts.map(({ y }, n) => (
          <text key={n} y={y} {...text} />
        ))}
      </g>
      {picture.fixed.map(({ text: words, y, ink }) => (
        <text
          key={`${words} ${y}`}
          x={2}
          y={y}
          {...text}
          fill={own[ink]}
          stroke={own.surface}
          strokeWidth={4}
          paintOrder="stroke"
        >
          {words}
        </text>
      ))}
    </>
  );
});

/** The axis of time, which is moved and zoomed by thumb, wheel and keys; its paths change in place. */
export function TimePlot({ picture, first, last, label, day, onDay, setter }: Props) {
  const own = useColours();
  const [width, setWidth] = useState(0);
  const svg = useRef<SVGSVGElement>(null);
  const { height } = picture;
  const axis = useAxisZoom(svg, { width, height, first, last }, (node, x) => {
    placeAll(node, picture, x, width);
    const place = day ? x(dayNumber(day) + 0.5) : -99;
    partOf(node, 'day').setAttribute('transform', `translate(${place.toFixed(1)} 0)`);
  });
  useImperativeHandle(setter, () => ({ show: axis.show }));
  const onKey = (event: KeyboardEvent) => {
    const press = axis.keys[event.key];
    if (!press || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    press();
  };
  const onClick = (event: MouseEvent) => {
    const box = svg.current!.getBoundingClientRect();
    onDay(dayOfNumber(Math.floor(axis.scale().invert(event.clientX - box.left))));
  };
  return (
    <View
      style={{ width: '100%', height }}
      onLayout={(event) => setWidth(Math.floor(event.nativeEvent.layout.width))}
    >
      {width > 0 ? (
        <svg
          ref={svg}
          width={width}
          height={height}
          tabIndex={0}
          role="application"
          aria-label={label}
          onKeyDown={onKey}
          onClick={onClick}
          style={{ display: 'block', touchAction: 'pan-y', cursor: 'grab', userSelect: 'none' }}
        >
          <Marks picture={picture} />
          <path data-part="day" d={`M0 0V${height}`} stroke={own.amber} strokeWidth={2} />
        </svg>
      ) : null}
    </View>
  );
}
