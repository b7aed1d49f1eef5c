import { createContext, use, useEffect } from 'react';

/** Says that a part of a screen wants the room that a list beside it takes. */
export const WholeWidth = createContext<(wanted: boolean) => void>(() => undefined);

/** As long as the part stands, nothing stands beside it. */
export function useWholeWidth(wanted: boolean): void {
  const ask = use(WholeWidth);
  useEffect(() => {
    ask(wanted);
    return () => ask(false);
  }, [ask, wanted]);
}
