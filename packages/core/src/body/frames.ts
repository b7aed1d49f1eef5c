import type { Shape } from './drawing';

/** A picture that moves. */
export interface MovingDrawing {
  /** Frames from beginning to end; each is drawn when it is first asked for. */
  count: number;
  /** Shapes from back to front, as many in each frame. */
  frame: (n: number) => Shape[];
  /** The frame that says most when it is still. */
  best: number;
}

/**
 * Frames that are drawn once each.
 *
 * @example framed(() => [groundUnder({ width: 9, height: 9 })])(0).length // 1
 */
export function framed(draw: (n: number) => Shape[]): MovingDrawing['frame'] {
  const drawn: Shape[][] = [];
  return (n) => (drawn[n] ??= draw(n));
}
