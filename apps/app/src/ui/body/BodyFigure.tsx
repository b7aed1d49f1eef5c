import { drawBody, middleOf, posed, type Drawing, type Hand, type Part } from '@wrightonic/core';
import { memo } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { useColours } from '../../theme/theme';

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
        <Body
          drawing={drawBody(figure.wrong, frame, middle)}
          wrong={figure.parts}
          ink={own.ink}
          far={own.inkSoft}
          mark={own.clay}
          paper={own.surface}
        />
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

interface BodyProps {
  drawing: Drawing;
  wrong: readonly Part[];
  ink: string;
  far: string;
  mark: string;
  paper: string;
}

function Body({ drawing: { strokes, head, glove, ball }, wrong, ink, far, mark, paper }: BodyProps) {
  const round = { strokeLinecap: 'round', strokeLinejoin: 'round', fill: 'none' } as const;
  return (
    <>
      {strokes.map(({ part, path, width, far: behind }, i) => (
        <G key={i}>
          <Path d={path} stroke={paper} strokeWidth={width + 2.5} {...round} />
          <Path
            d={path}
            stroke={wrong.includes(part) ? mark : behind ? far : ink}
            strokeOpacity={behind && !wrong.includes(part) ? 0.7 : 1}
            strokeWidth={wrong.includes(part) ? width + 1 : width}
            {...round}
          />
        </G>
      ))}
      <Circle
        cx={glove.x}
        cy={glove.y}
        r={glove.r}
        fill={wrong.includes('glove') ? mark : ink}
        stroke={paper}
      />
      <Circle
        cx={head.x}
        cy={head.y}
        r={head.r}
        fill={wrong.includes('head') ? mark : ink}
        stroke={paper}
        strokeWidth={1.5}
      />
      {ball ? (
        <Circle cx={ball.x} cy={ball.y} r={ball.r} fill={paper} stroke={mark} strokeWidth={1.5} />
      ) : null}
    </>
  );
}
