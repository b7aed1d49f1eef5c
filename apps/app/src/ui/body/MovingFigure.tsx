import type { MovingDrawing, Part } from '@wrightonic/core';
import { useEffect, useImperativeHandle, useRef, type Ref } from 'react';
import { useColours } from '../../theme/theme';

/** Shows another frame without drawing the screen anew. */
export interface FrameSetter {
  show: (frame: number) => void;
}

interface Props {
  moving: MovingDrawing;
  /** Where the flaw is. */
  wrong: readonly Part[];
  /** The frame that is shown first. */
  first: number;
  width: number;
  height: number;
  setter: Ref<FrameSetter>;
}

/** Each stroke twice: paper around it, then itself. */
const layers = ['paper', 'ink'] as const;
const svg = (node: ChildNode | undefined): Element => node as Element;

/** A body in motion: its parts change in place, so that a slow phone keeps up. */
export function MovingFigure({ moving, wrong, first, width, height, setter }: Props) {
  const own = useColours();
  const group = useRef<SVGGElement>(null);
  const show = (frame: number) => {
    const drawing = moving.frame(frame);
    const parts = group.current?.childNodes;
    if (!parts) return;
    drawing.strokes.forEach(({ part, path, width: thick, far }, n) => {
      const bad = wrong.includes(part);
      layers.forEach((layer, k) => {
        const node = svg(parts[2 * n + k]);
        node.setAttribute('d', path);
        node.setAttribute('stroke-width', String(layer === 'paper' ? thick + 2.5 : bad ? thick + 1 : thick));
        node.setAttribute(
          'stroke',
          layer === 'paper' ? own.surface : bad ? own.clay : far ? own.inkSoft : own.ink,
        );
      });
    });
    const circles = [drawing.glove, drawing.head, drawing.ball];
    circles.forEach((circle, n) => {
      const node = svg(parts[2 * drawing.strokes.length + n]);
      node.setAttribute('cx', String(circle?.x ?? 0));
      node.setAttribute('cy', String(circle?.y ?? 0));
      node.setAttribute('r', String(circle?.r ?? 0));
    });
  };
  useImperativeHandle(setter, () => ({ show }));
  // Another body, another theme or another size is drawn once; from then on the frames are.
  // eslint-disable-next-line react-hooks/exhaustive-deps -- `show` is made anew with each drawing; its inputs are these.
  useEffect(() => show(first), [moving, wrong, first, own]);
  const { strokes } = moving.frame(first);
  return (
    <svg width={width} height={height} aria-hidden>
      <line x1={4} x2={width - 4} y1={height * 0.95} y2={height * 0.95} stroke={own.line} />
      <g ref={group} strokeLinecap="round" strokeLinejoin="round" fill="none">
        {strokes.flatMap((_, n) => layers.map((layer) => <path key={`${n}${layer}`} />))}
        <circle fill={wrong.includes('glove') ? own.clay : own.ink} stroke={own.surface} />
        <circle fill={wrong.includes('head') ? own.clay : own.ink} stroke={own.surface} strokeWidth={1.5} />
        <circle fill={own.surface} stroke={own.clay} strokeWidth={1.5} />
      </g>
    </svg>
  );
}
