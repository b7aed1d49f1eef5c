import { drawScene, type Discipline, type Hand } from '@wrightonic/core';
import { memo } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { Shapes } from './Shapes';

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
  const shapes = drill === null ? null : drawScene(drill, { width, height, hand, discipline });
  if (!shapes) return null;
  return (
    <View {...(label === null ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}>
      <Svg width={width} height={height} aria-hidden>
        <Shapes shapes={shapes} />
      </Svg>
    </View>
  );
});
