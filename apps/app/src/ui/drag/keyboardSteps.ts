import type { KeyboardCoordinateGetter } from '@dnd-kit/core';

const steps: Readonly<Record<string, 1 | -1>> = {
  ArrowDown: 1,
  ArrowRight: 1,
  ArrowUp: -1,
  ArrowLeft: -1,
};

/**
 * From one place to the next with each key, not by pixels.
 *
 * @param homeOf the place in which something that is lifted stands, by its id
 */
export const keyboardSteps =
  (homeOf: (id: string) => string): KeyboardCoordinateGetter =>
  (event, { context: { droppableRects, over, active, collisionRect: lifted } }) => {
    const step = steps[event.code];
    if (!step || !lifted) return undefined;
    event.preventDefault();
    // In the order in which they stand, however they are shifted while something is lifted.
    const places = [...droppableRects.keys()].map(String);
    const at = places.indexOf(String(over?.id ?? homeOf(String(active?.id))));
    const rect = droppableRects.get(places[Math.min(places.length - 1, Math.max(0, at + step))]!);
    if (!rect) return undefined;
    const below = rect.left <= lifted.left && lifted.left < rect.right;
    // A hair sideways: straight down the library calls `scrollTo`, which is another one on a ScrollView.
    return {
      x: below ? lifted.left + 1 : rect.left,
      y: rect.top + (rect.height - lifted.height) / 2,
    };
  };
