import type { Discipline } from '@wrightonic/core';
import { useLayoutEffect, useRef } from 'react';
import { eventsFor } from '../../../ui/words/clipEvents';
import type { ClipState } from './useClip';

/** Arrows step by a frame, with shift by ten; `e` and a letter marks an event. Fields keep their own keys. */
export function useClipKeys(
  discipline: Discipline,
  { time, step, mark }: Pick<ClipState, 'time' | 'step' | 'mark'>,
) {
  const afterE = useRef(false);
  // Before the frame is drawn, so that a key never marks the frame before the one that is seen.
  useLayoutEffect(() => {
    const letters = new Map(eventsFor[discipline].map(([event, letter]) => [letter, event]));
    const pressed = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.ctrlKey || event.metaKey || event.altKey || /^(input|textarea|select)$/i.test(target.tagName))
        return;
      const marking = afterE.current;
      afterE.current = !marking && event.key === 'e';
      const named = marking ? letters.get(event.key) : undefined;
      const way = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
      if (named) mark(named, time);
      else if (way) step(way * (event.shiftKey ? 10 : 1));
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  });
}
