import { useEffect, useState } from 'react';

const longestMs = 3000;

/** True once the browser has had nothing to do for a moment. */
export function useIdle(): boolean {
  const [idle, setIdle] = useState(false);
  useEffect(() => {
    // Not every browser tells when it is idle.
    const ask = globalThis.requestIdleCallback as typeof requestIdleCallback | undefined;
    if (ask) {
      const asked = ask(() => setIdle(true), { timeout: longestMs });
      return () => cancelIdleCallback(asked);
    }
    const timer = setTimeout(() => setIdle(true), longestMs / 2);
    return () => clearTimeout(timer);
  }, []);
  return idle;
}
