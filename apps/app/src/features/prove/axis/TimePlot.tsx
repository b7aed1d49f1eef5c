import { dayNumber, dayOfNumber } from '@wrightonic/core/day';
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
import { useWidth } from '../../../ui/hooks/useWidth';
import type { AxisPicture } from './picture';
import { partOf, picturePlacer, ticksAtMost } from './place';
import { useAxisZoom } from './useAxisZoom';

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
      <g data-part="layers" strokeLinejoin="round" style={{ willChange: 'transform' }}>
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
  const { width, frame } = useWidth();
  const svg = useRef<SVGSVGElement>(null);
  const [place] = useState(picturePlacer);
  const { height } = picture;
  const axis = useAxisZoom(svg, { width, height, first, last }, (node, x) => {
    place(node, picture, x, width);
    const marked = day ? x(dayNumber(day) + 0.5) : -99;
    partOf(node, 'day').setAttribute('transform', `translate(${marked.toFixed(1)} 0)`);
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
    const { left } = svg.current!.getBoundingClientRect();
    onDay(dayOfNumber(Math.floor(axis.scale().invert(event.clientX - left))));
  };
  return (
    <View style={{ width: '100%', height }} {...frame}>
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
