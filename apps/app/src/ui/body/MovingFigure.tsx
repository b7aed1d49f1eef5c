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
  /** As wide as there is room. */
  fluid?: boolean;
  setter: Ref<FrameSetter>;
}

/** A figure in motion: its shapes change in place, so that a slow phone keeps up. */
export function MovingFigure({ moving, first, width, height, fluid = false, setter }: Props) {
  const inks = useInks();
  const group = useRef<SVGGElement>(null);
  const drawn = useRef(new WeakMap<Element, Record<string, string>>());
  const show = (frame: number) => {
    const nodes = group.current?.children;
    if (!nodes) return;
    moving.frame(frame).forEach((shape, n) => {
      const { fill, stroke } = drawnWith(shape, inks);
      const wanted = { d: shape.path, fill, stroke, 'stroke-width': String(shape.width) };
      const node = nodes[n]!;
      const before = drawn.current.get(node) ?? {};
      drawn.current.set(node, before);
      // Most of a figure is as it was: what is not touched is not laid out again.
      for (const [name, value] of Object.entries(wanted))
        if (before[name] !== value) {
          node.setAttribute(name, value);
          before[name] = value;
        }
    });
  };
  useImperativeHandle(setter, () => ({ show }));
  // Another figure, another theme or another size is drawn once; from then on the frames are.
  // oxlint-disable-next-line react/exhaustive-deps -- `show` is made anew with each drawing; its inputs are these.
  useEffect(() => show(first), [moving, first, inks]);
  return (
    <svg
      {...(fluid ? { viewBox: `0 0 ${width} ${height}`, width: '100%', height: '100%' } : { width, height })}
      aria-hidden
      style={{ display: 'block', contain: 'strict', willChange: 'transform' }}
    >
      <g ref={group} strokeLinecap="round" strokeLinejoin="round">
        {moving.frame(first).map(({ dashed }, n) => (
          <path key={n} {...(dashed ? { strokeDasharray: '4 4' } : {})} />
        ))}
      </g>
    </svg>
  );
}
