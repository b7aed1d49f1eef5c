import { drawBody, middleOf, posed, shapesOfBody, type Drawing, type Hand } from '@wrightonic/core';
import { memo } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { useColours } from '../../theme/theme';
import { Shapes } from './Shapes';

interface Props {
  flaw: string;
  hand: Hand;
  /** Said to screen readers: what the figure shows. */
  label: string;
  width?: number;
  height?: number;
}

/** The posture of a flaw: what is wrong in clay, what it should be as a thin line behind. */
export const BodyFigure = memo(function BodyFigure({ flaw, hand, label, width = 150, height = 128 }: Props) {
  const own = useColours();
  const figure = posed(flaw);
  if (!figure) return null;
  const frame = { width, height, hand, view: figure.view };
  const middle = middleOf([figure.clean, figure.wrong]);
  return (
    <View role="img" aria-label={label}>
      <Svg width={width} height={height} aria-hidden>
        <Line x1={4} x2={width - 4} y1={height * 0.95} y2={height * 0.95} stroke={own.line} strokeWidth={1} />
        <Ghost drawing={drawBody(figure.clean, frame, middle)} ink={own.line} />
        <Shapes shapes={shapesOfBody(drawBody(figure.wrong, frame, middle), figure.parts)} />
      </Svg>
    </View>
  );
});

function Ghost({ drawing, ink }: { drawing: Drawing; ink: string }) {
  const { strokes, head } = drawing;
  return (
    <G opacity={0.75}>
      {strokes.map(({ path }, i) => (
        <Path key={i} d={path} stroke={ink} strokeWidth={1.5} strokeDasharray="2 3" fill="none" />
      ))}
      <Circle
        cx={head.x}
        cy={head.y}
        r={head.r}
        stroke={ink}
        strokeWidth={1.5}
        strokeDasharray="2 3"
        fill="none"
      />
    </G>
  );
}
