import { useEffect, useState } from 'react';

/** True once something has held for a while; so that what passes in a moment is not shown. */
export function useDebouncedTrue(holds: boolean, ms: number): boolean {
  const [lasting, setLasting] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLasting(holds), holds ? ms : 0);
    return () => clearTimeout(timer);
  }, [holds, ms]);
  return lasting && holds;
}
