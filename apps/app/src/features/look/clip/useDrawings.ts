import type { ClipRecord, DrawingKind, LookPage, PicturePoint } from '@wrightonic/contract';
import { useState } from 'react';
import type { Scaled } from './DrawTools';
import type { ClipState } from './useClip';

const rubberCm = 60.96;
/** A drawing belongs to a frame; one this near is of the same, s. */
const sameFrame = 0.004;

/** What holds for the whole clip; a new one takes the place of the old. */
export const wholeClip: readonly DrawingKind[] = ['scale', 'ground'];

/** What is drawn over the frame that is seen, and with which tool the next thing is drawn. */
export function useDrawings(
  athlete: LookPage['athlete'],
  { clip, time, draw }: Pick<ClipState, 'clip' | 'time' | 'draw'>,
) {
  const [tool, setTool] = useState<DrawingKind | null>(null);
  const [scaled, setScaled] = useState<Scaled>(athlete.heightCm ? 'height' : 'rubber');
  const here = (clip?.drawings ?? []).filter((drawing) => Math.abs(drawing.time - time) <= sameFrame);
  const always = clip?.drawings.filter(({ type }) => wholeClip.includes(type)) ?? [];
  return {
    tool,
    setTool,
    scaled,
    setScaled,
    shown: [...here, ...always.filter((each) => !here.includes(each))],
    drawn: (points: PicturePoint[]) => {
      const lengthCm = tool === 'scale' ? (scaled === 'height' ? athlete.heightCm : rubberCm) : null;
      const old = always.find(({ type }) => type === tool);
      draw({ ...(old ? { id: old.id } : {}), type: tool!, time, points, measure: '', lengthCm });
      setTool(null);
    },
    moved: (drawing: ClipRecord['drawings'][number], points: PicturePoint[]) => draw({ ...drawing, points }),
  };
}
