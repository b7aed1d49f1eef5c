import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { line as lineOf } from 'd3-shape';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { faces } from '../theme/faces';
import { useColours } from '../theme/theme';
import { useWidth } from '../ui/hooks/useWidth';

type Point = readonly [x: number, y: number];

export interface PlotLine {
  points: readonly Point[];
  colour?: string;
  width?: number;
  dashed?: boolean;
  /** Written at its end. */
  name?: string;
}

interface Props {
  /** Said to screen readers; says what the picture says. */
  label: string;
  dots?: readonly { at: Point; marked?: boolean }[];
  lines?: readonly PlotLine[];
  /** Names beside places. */
  named?: readonly { at: Point; name: string }[];
  /** Uprights with a name, such as an event. */
  uprights?: readonly { x: number; name: string }[];
  /** Between two lines, such as an interval. */
  band?: readonly { x: number; low: number; high: number }[];
  xName: (x: number) => string;
  xTicks?: readonly number[] | undefined;
  yName?: (y: number) => string;
  height?: number;
}

const margin = { top: 16, right: 46, bottom: 26, left: 42 };
const path = lineOf<Point>();

type Scale = ScaleLinear<number, number>;

function useTextStyle() {
  const own = useColours();
  return { fill: own.ink, fontFamily: faces.heading, fontSize: 14 } as const;
}

interface AxesProps extends Pick<Props, 'xName' | 'xTicks'> {
  x: Scale;
  y: Scale;
  width: number;
  height: number;
  yName: (y: number) => string;
}

/** A line for each value that is named, and the names below. */
function Axes({ x, y, width, height, xName, yName, xTicks }: AxesProps) {
  const own = useColours();
  const text = useTextStyle();
  return (
    <>
      {y.ticks(4).map((tick) => (
        <G key={tick}>
          <Line
            x1={margin.left}
            x2={width - margin.right}
            y1={y(tick)}
            y2={y(tick)}
            stroke={own.line}
            strokeOpacity={0.4}
          />
          <SvgText x={margin.left - 6} y={y(tick) + 5} textAnchor="end" {...text}>
            {yName(tick)}
          </SvgText>
        </G>
      ))}
      {(xTicks ?? x.ticks(Math.min(6, Math.floor(width / 70)))).map((tick) => (
        <SvgText key={tick} x={x(tick)} y={height - 6} textAnchor="middle" {...text}>
          {xName(tick)}
        </SvgText>
      ))}
    </>
  );
}

/** Uprights with their names. */
function Uprights({
  x,
  uprights,
  height,
}: {
  x: Scale;
  uprights: NonNullable<Props['uprights']>;
  height: number;
}) {
  const own = useColours();
  const text = useTextStyle();
  return uprights.map((upright) => (
    <G key={upright.name}>
      <Line
        x1={x(upright.x)}
        x2={x(upright.x)}
        y1={margin.top}
        y2={height - margin.bottom}
        stroke={own.amber}
        strokeWidth={2}
        strokeDasharray="5 4"
      />
      <SvgText x={x(upright.x) + 4} y={margin.top + 2} {...text}>
        {upright.name}
      </SvgText>
    </G>
  ));
}

/** Dots and lines on two straight scales. */
export function PlotChart(props: Props) {
  const {
    label,
    dots = [],
    lines = [],
    named = [],
    uprights = [],
    band,
    xName,
    xTicks,
    yName = String,
    height = 200,
  } = props;
  const own = useColours();
  const { width, frame } = useWidth();
  const all: Point[] = [
    ...dots.map(({ at }) => at),
    ...lines.flatMap(({ points }) => points),
    ...(band ?? []).flatMap(({ x, low, high }): Point[] => [
      [x, low],
      [x, high],
    ]),
  ].filter(([, value]) => Number.isFinite(value));
  const xs = [...all.map(([value]) => value), ...uprights.map((upright) => upright.x)];
  const ys = all.map(([, value]) => value);
  const room = (Math.max(...ys) - Math.min(...ys)) * 0.08 || 1;
  const x = scaleLinear()
    .domain([Math.min(...xs), Math.max(...xs) === Math.min(...xs) ? Math.min(...xs) + 1 : Math.max(...xs)])
    .range([margin.left, Math.max(width, 160) - margin.right]);
  const y = scaleLinear()
    // What is never negative needs no room below nothing.
    .domain([
      Math.min(...ys) >= 0 ? Math.max(0, Math.min(...ys) - room) : Math.min(...ys) - room,
      Math.max(...ys) + room,
    ])
    .nice(4)
    .range([height - margin.bottom, margin.top]);
  const text = useTextStyle();
  const placed = (points: readonly Point[]) =>
    points.map(([px, py]): [number, number] => [x(px), Number.isFinite(py) ? y(py) : NaN]);
  /** Breaks where there is no value. */
  const drawn = (points: readonly Point[]) =>
    path.defined(([, py]) => Number.isFinite(py))(placed(points)) ?? '';
  /** Names this close would lie over each other. */
  const near = (a: Point, b: Point) => Math.abs(x(a[0]) - x(b[0])) < 40 && Math.abs(y(a[1]) - y(b[1])) < 14;
  return (
    <View role="img" aria-label={label} style={{ height, width: '100%' }} {...frame}>
      {width > 0 && all.length ? (
        <Svg width={width} height={height} aria-hidden>
          <Axes x={x} y={y} width={width} height={height} xName={xName} yName={yName} xTicks={xTicks} />
          {band?.length ? (
            <Path
              d={`${path(placed(band.map((each) => [each.x, each.high])))}L${[...band]
                .reverse()
                .map((each) => `${x(each.x)},${y(each.low)}`)
                .join('L')}Z`}
              fill={own.dusk}
              opacity={0.15}
            />
          ) : null}
          <Uprights x={x} uprights={uprights} height={height} />
          {lines.map(({ points, colour, width: thick = 2.5, dashed, name }, n) => (
            <G key={name ?? n}>
              <Path
                d={drawn(points)}
                stroke={colour ?? own.dusk}
                strokeWidth={thick}
                fill="none"
                {...(dashed ? { strokeDasharray: '5 4' } : {})}
              />
              {name && points.length ? (
                <SvgText x={width - margin.right + 4} y={y(points.at(-1)![1]) + 5} {...text}>
                  {name}
                </SvgText>
              ) : null}
            </G>
          ))}
          {named.map(({ at, name }, n) => (
            <SvgText
              key={name}
              x={x(at[0]) - 4}
              y={y(at[1]) - 8 - 14 * named.slice(0, n).filter((each) => near(each.at, at)).length}
              textAnchor="end"
              {...text}
            >
              {name}
            </SvgText>
          ))}
          {dots.map(({ at, marked }, n) => (
            <Circle
              key={n}
              cx={x(at[0])}
              cy={y(at[1])}
              r={marked ? 6 : 4}
              fill={marked ? own.clay : own.dusk}
              stroke={own.surface}
              strokeWidth={1.5}
            />
          ))}
        </Svg>
      ) : null}
    </View>
  );
}
