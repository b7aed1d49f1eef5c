import type { Shape } from '@wrightonic/core';
import { useMemo } from 'react';
import { useColours } from '../../theme/theme';

/** What a figure is drawn with. */
export function useInks(): Readonly<Record<Shape['ink'], string>> {
  const own = useColours();
  return useMemo(
    () => ({
      body: own.ink,
      far: own.inkSoft,
      wrong: own.clay,
      ball: own.clay,
      thing: own.dusk,
      ground: own.line,
      paper: own.surface,
    }),
    [own],
  );
}

/** How a shape is drawn: a patch, a line, or a ring that is filled with paper. */
export const drawnWith = ({ width, ink }: Shape, inks: Readonly<Record<Shape['ink'], string>>) => ({
  fill: width === 0 ? inks[ink] : ink === 'ball' ? inks.paper : 'none',
  stroke: width === 0 ? 'none' : inks[ink],
});
