import { useVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useScroller } from '../Screen/Pane';

interface Props {
  count: number;
  /** As high as most lines are, px. */
  height: number;
  gap: number;
  /** Side by side. */
  lanes?: number;
  /** Lines beyond the edges that are drawn too. */
  beyond?: number;
  keyOf: (index: number) => string;
  children: (index: number) => ReactNode;
}

/** Lines inside of a pane that scrolls: only those that can be seen are drawn. */
export function VirtualLines({ count, height, gap, lanes = 1, beyond = 4, keyOf, children }: Props) {
  const scroller = useScroller();
  const box = useRef<HTMLDivElement>(null);
  const [above, setAbove] = useState(0);
  useLayoutEffect(() => {
    const [mine, theirs] = [box.current, scroller()];
    if (!mine || !theirs) return;
    const measure = () =>
      setAbove(
        Math.round(mine.getBoundingClientRect().top - theirs.getBoundingClientRect().top + theirs.scrollTop),
      );
    measure();
    // What stands above the lines may grow or go.
    const seen = new ResizeObserver(measure);
    seen.observe(mine.parentElement!);
    return () => seen.disconnect();
  }, [scroller]);
  // Nothing that it gives is handed on to what is memoized.
  // oxlint-disable-next-line react/incompatible-library
  const lines = useVirtualizer<HTMLElement, HTMLDivElement>({
    count,
    lanes,
    gap,
    overscan: beyond,
    scrollMargin: above,
    estimateSize: () => height,
    getItemKey: keyOf,
    getScrollElement: scroller,
    initialRect: { width: window.innerWidth, height: window.innerHeight },
  });
  return (
    <View ref={box as never} role="list" style={{ height: lines.getTotalSize() }}>
      {lines.getVirtualItems().map(({ key, index, lane, start }) => (
        <div
          key={key}
          ref={lines.measureElement}
          role="listitem"
          data-index={index}
          style={{
            position: 'absolute',
            top: start - above,
            left: `calc(${lane} * (100% + ${gap}px) / ${lanes})`,
            width: `calc((100% + ${gap}px) / ${lanes} - ${gap}px)`,
          }}
        >
          {children(index)}
        </div>
      ))}
    </View>
  );
}
