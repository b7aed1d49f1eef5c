import { dayNumber } from '@wrightonic/core/day';
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior, type ZoomTransform } from 'd3-zoom';
import { useEffect, useRef, type RefObject } from 'react';

/** So few days fill the width at the nearest. */
const fewestDays = 14;
/** Where the first day stands: right of the names of the lines. */
export const left = 34;
const right = 10;
const panShare = 0.25;
const zoomStep = 1.6;

export type AxisScale = ScaleLinear<number, number>;

interface Axis {
  width: number;
  height: number;
  first: string;
  last: string;
}

/**
 * Movement of an axis of time by thumb, wheel and keys.
 *
 * @param draw draws everything under a scale; it is called once a frame while the axis moves
 */
export function useAxisZoom(
  svg: RefObject<SVGSVGElement | null>,
  { width, height, first, last }: Axis,
  draw: (node: SVGSVGElement, x: AxisScale) => void,
) {
  const behavior = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null);
  const shown = useRef<ZoomTransform>(zoomIdentity);
  const newest = useRef(draw);
  const span = Math.max(fewestDays, dayNumber(last) - dayNumber(first));
  const scale = (): AxisScale =>
    shown.current.rescaleX(
      scaleLinear()
        .domain([dayNumber(last) - span, dayNumber(last) + 1])
        .range([left, Math.max(width, 200) - right]),
    );
  const redraw = () => {
    if (svg.current && width > 0) newest.current(svg.current, scale());
  };
  useEffect(() => {
    newest.current = draw;
    redraw();
  });
  useEffect(() => {
    const node = svg.current;
    if (!node || width === 0) return;
    let frame = 0;
    const box: [[number, number], [number, number]] = [
      [left, 0],
      [width - right, height],
    ];
    const made = zoom<SVGSVGElement, unknown>()
      .scaleExtent([1, Math.max(1, span / fewestDays)])
      .extent(box)
      .translateExtent(box)
      // A wheel that only passes over scrolls the page; where one has tapped it zooms.
      .filter((event: Event) =>
        event.type === 'wheel'
          ? (event as WheelEvent).ctrlKey || document.activeElement === node
          : !(event as MouseEvent).button,
      )
      .on('zoom', ({ transform }: { transform: ZoomTransform }) => {
        shown.current = transform;
        cancelAnimationFrame(frame);
        frame = requestAnimationFrame(redraw);
      });
    behavior.current = made;
    select(node).call(made).on('dblclick.zoom', null);
    return () => {
      cancelAnimationFrame(frame);
      select(node).on('.zoom', null);
    };
    // oxlint-disable-next-line react/exhaustive-deps -- what is drawn is read when it is drawn
  }, [width, height, span]);

  const change = (by: (made: ZoomBehavior<SVGSVGElement, unknown>, node: SVGSVGElement) => void) => {
    if (svg.current && behavior.current) by(behavior.current, svg.current);
  };
  const pan = (share: number) =>
    change((made, node) => select(node).call(made.translateBy, (share * width) / shown.current.k, 0));
  const scaled = (by: number) => change((made, node) => select(node).call(made.scaleBy, by));
  const set = (to: ZoomTransform) => change((made, node) => select(node).call(made.transform, to));
  return {
    scale,
    /** Shows so many days back from the last one; everything for null. */
    show: (days: number | null) => {
      const k = days === null ? 1 : Math.max(1, Math.min(span / fewestDays, span / days));
      // The last day stays at the right.
      set(zoomIdentity.translate((1 - k) * (width - right), 0).scale(k));
    },
    keys: {
      ArrowLeft: () => pan(panShare),
      ArrowRight: () => pan(-panShare),
      '+': () => scaled(zoomStep),
      '=': () => scaled(zoomStep),
      '-': () => scaled(1 / zoomStep),
      Home: () => set(zoomIdentity),
    } as Readonly<Record<string, () => void>>,
  };
}
