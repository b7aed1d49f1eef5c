import { useCallback, useLayoutEffect, useRef, useState } from 'react';
import type { LayoutChangeEvent, View } from 'react-native';

/**
 * How wide a part is, px, for what is drawn in it. It is known before the browser paints: what hangs on it is drawn at
 * once, and not after an empty frame.
 *
 * @returns what the part takes as `ref` and `onLayout`
 */
export function useWidth() {
  const [width, setWidth] = useState(0);
  const ref = useRef<View>(null);
  useLayoutEffect(() => {
    // In a browser a view is an element of the page.
    setWidth((ref.current as unknown as HTMLElement).offsetWidth);
  }, []);
  const onLayout = useCallback(
    ({ nativeEvent }: LayoutChangeEvent) => setWidth(Math.floor(nativeEvent.layout.width)),
    [],
  );
  return { width, frame: { ref, onLayout } };
}
