import { velocityIn, type VelocityUnit } from '@wrightonic/core';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { line as lineOf } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { dayWords } from '../ui/days';
import { faces } from '../theme/faces';
import { useColours } from '../theme/theme';

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

const format = (tick: Date): string => tick.toISOString().slice(0, 10);
const height = 220;
const margin = { top: 14, right: 44, bottom: 26, left: 36 };

/** Usual and top velocity, session by session. */
export function VelocityChart({ days, unit, label }: Props) {
  const own = useColours();
  const [width, setWidth] = useState(0);
  const dates = days.map(({ date }) => new Date(date));
  const values = days.flatMap(({ usual, top }) => [velocityIn(usual, unit), velocityIn(top, unit)]);
  const x = scaleUtc()
    .domain([dates[0]!, dates.at(-1)!])
    .range([margin.left, Math.max(width, 200) - margin.right]);
  const y = scaleLinear()
    .domain([Math.min(...values) - 1, Math.max(...values) + 1])
    .nice(4)
    .range([height - margin.bottom, margin.top]);
  const path = (of: 'usual' | 'top') =>
    lineOf<VelocityDay>()
      .x(({ date }) => x(new Date(date)))
      .y((each) => y(velocityIn(each[of], unit)))([...days]) ?? '';
  const text = { fill: own.ink, fontFamily: faces.heading, fontSize: 14 };
  const last = days.at(-1)!;
  return (
    <View
      role="img"
      aria-label={label}
      style={{ height, width: '100%' }}
      onLayout={(event) => setWidth(Math.floor(event.nativeEvent.layout.width))}
    >
      {width > 0 ? (
        <Svg width={width} height={height} aria-hidden>
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
                {tick}
              </SvgText>
            </G>
          ))}
          {x.ticks(Math.min(7, Math.floor(width / 64))).map((tick) => (
            <SvgText key={tick.getTime()} x={x(tick)} y={height - 6} textAnchor="middle" {...text}>
              {dayWords(format(tick), format(tick))}
            </SvgText>
          ))}
          <Path d={path('top')} stroke={own.clay} strokeWidth={1.5} strokeDasharray="2 5" fill="none" />
          <Path d={path('usual')} stroke={own.dusk} strokeWidth={3} fill="none" />
          {days.map((each) => (
            <Circle
              key={each.date}
              cx={x(new Date(each.date))}
              cy={y(velocityIn(each.usual, unit))}
              r={3}
              fill={own.dusk}
            />
          ))}
          <SvgText x={width - margin.right + 6} y={y(velocityIn(last.usual, unit)) + 8} {...text}>
            usual
          </SvgText>
          <SvgText x={width - margin.right + 6} y={y(velocityIn(last.top, unit)) + 2} {...text}>
            top
          </SvgText>
        </Svg>
      ) : null}
    </View>
  );
}
