import { useRef } from 'react';
import type { Frames } from './frames';

/** So far behind its beginning a frame is sure to be the one that is shown, s. */
export const withinFrame = 0.0005;
/** So many steps that pile up are made as one move. */
const atOnce = 10;

/**
 * Moves a film, one move at a time. Nothing that is asked for meanwhile is lost: of places the last one is gone to, and
 * steps are counted from where it has got to by then.
 */
export function useMoves(frames: Frames | null, onTime: (time: number) => void) {
  const busy = useRef<Promise<unknown> | null>(null);
  const wanted = useRef<{ to: number | null; by: number }>({ to: null, by: 0 });
  const alone = async <T>(work: () => Promise<T>): Promise<T> => {
    while (busy.current) await busy.current;
    const under = work();
    busy.current = under.catch(() => undefined);
    try {
      return await under;
    } finally {
      busy.current = null;
    }
  };
  const makeNext = async ({ seek, step }: Frames): Promise<number> => {
    const { to, by } = wanted.current;
    if (to !== null) {
      wanted.current = { to: null, by };
      return seek(to);
    }
    const now = Math.abs(by) < atOnce ? Math.sign(by) : by;
    wanted.current = { to, by: by - now };
    return step(now);
  };
  const settle = () => {
    if (busy.current || !frames) return;
    void alone(async () => {
      while (wanted.current.to !== null || wanted.current.by) onTime(await makeNext(frames));
    });
  };
  return {
    isBusy: () => busy.current !== null,
    seek: (to: number) => {
      wanted.current = { to, by: 0 };
      settle();
    },
    step: (by: number) => {
      wanted.current = { ...wanted.current, by: wanted.current.by + by };
      settle();
    },
    /** Shows some frames in turn for what is made of each; then what was asked for meanwhile, else where it stood before. */
    each: async <T>(
      before: number,
      times: readonly number[],
      make: (at: number) => Promise<T>,
    ): Promise<T[]> => {
      const made: T[] = [];
      await alone(async () => {
        for (const at of times) {
          if (frames) onTime(await frames.seek(at + withinFrame));
          made.push(await make(at));
        }
      });
      wanted.current = { ...wanted.current, to: wanted.current.to ?? before };
      settle();
      return made;
    },
  };
}
