import { drawScene, type Discipline, type Hand, type Shape } from '@wrightonic/core';
import { memo } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { useColours } from '../../theme/theme';

interface Props {
  /** Whose figure it is; null for a drill that has none. */
  drill: string | null;
  hand: Hand;
  /** Whose delivery it is, where the drill is for both. */
  discipline: Discipline;
  /** Said to screen readers; null where words beside say it already. */
  label: string | null;
  width?: number;
  height?: number;
}

/** How a drill is set up, mirrored for left-handers; nothing for a drill that has no figure. */
export const DrillFigure = memo(function DrillFigure({
  drill,
  hand,
  discipline,
  label,
  width = 220,
  height = 150,
}: Props) {
  const own = useColours();
  const shapes = drill === null ? null : drawScene(drill, { width, height, hand, discipline });
  if (!shapes) return null;
  const inks: Record<Shape['ink'], string> = {
    body: own.ink,
    far: own.inkSoft,
    ball: own.clay,
    thing: own.dusk,
    ground: own.line,
    paper: own.surface,
  };
  return (
    <View {...(label === null ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}>
      <Svg width={width} height={height} aria-hidden>
        {shapes.map(({ path, width: thick, ink, dashed }, n) => (
          <Path
            key={n}
            d={path}
            fill={thick === 0 ? inks[ink] : ink === 'ball' ? own.surface : 'none'}
            stroke={thick === 0 ? 'none' : inks[ink]}
            strokeWidth={thick}
            strokeLinecap="round"
            strokeLinejoin="round"
            {...(dashed ? { strokeDasharray: '4 4' } : {})}
          />
        ))}
      </Svg>
    </View>
  );
});
