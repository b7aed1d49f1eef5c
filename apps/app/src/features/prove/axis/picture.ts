import type { TimelineEntry } from '@wrightonic/core';
import type { DayScale } from './paths';

/** Inks of the theme by name. */
export type AxisInk = 'ink' | 'line' | 'clay' | 'dusk' | 'grass' | 'amber' | 'amberSunk' | 'sunk';

/** One path of the picture, drawn anew as a whole whenever the scale changes. */
export interface Layer {
  ink: AxisInk;
  /** 0: filled. */
  width: number;
  opacity?: number;
  dashed?: boolean;
  /** Ends of strokes are round: a line without length is a dot. */
  round?: boolean;
  path: (x: DayScale) => string;
}

/** A text that stands at a day, or between two: it is left out where it does not fit. */
export interface AxisText {
  text: string;
  y: number;
  from: number;
  to: number | null;
}

/** A text at the left edge, whatever is shown. */
export interface FixedText {
  text: string;
  y: number;
  ink: AxisInk;
}

export interface AxisPicture {
  height: number;
  layers: Layer[];
  texts: AxisText[];
  fixed: FixedText[];
  /** Where the lines of the days end above, and their names stand below. */
  top: number;
  bottom: number;
}

/** A figure of an entry by its name. */
export const valueOf = (entry: TimelineEntry, name: string): number | null =>
  entry.values.find((each) => each.name === name)?.value ?? null;
