import type { MovingDrawing } from '@wrightonic/core';
import { useEffect, useImperativeHandle, useRef, type Ref } from 'react';
import { drawnWith, useInks } from './useInks';

/** Shows another frame without drawing the screen anew. */
export interface FrameSetter {
  show: (frame: number) => void;
}

interface Props {
  moving: MovingDrawing;
  /** The frame that is shown first. */
  first: number;
  width: number;
  height: number;
  setter: Ref<FrameSetter>;
}

/** A figure in motion: its shapes change in place, so that a slow phone keeps up. */
export function MovingFigure({ moving, first, width, height, setter }: Props) {
  const inks = useInks();
  const group = useRef<SVGGElement>(null);
  const show = (frame: number) => {
    const nodes = group.current?.children;
    if (!nodes) return;
    moving.frame(frame).forEach((shape, n) => {
      const node = nodes[n]!;
      const { fill, stroke } = drawnWith(shape, inks);
      node.setAttribute('d', shape.path);
      node.setAttribute('fill', fill);
      node.setAttribute('stroke', stroke);
      node.setAttribute('stroke-width', String(shape.width));
    });
  };
  useImperativeHandle(setter, () => ({ show }));
  // Another figure, another theme or another size is drawn once; from then on the frames are.
  // eslint-disable-next-line react-hooks/exhaustive-deps -- `show` is made anew with each drawing; its inputs are these.
  useEffect(() => show(first), [moving, first, inks]);
  return (
    <svg width={width} height={height} aria-hidden>
      <g ref={group} strokeLinecap="round" strokeLinejoin="round">
        {moving.frame(first).map(({ dashed }, n) => (
          <path key={n} {...(dashed ? { strokeDasharray: '4 4' } : {})} />
        ))}
      </g>
    </svg>
  );
}
