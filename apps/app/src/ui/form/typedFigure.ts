/** What was typed as a figure; NaN for what is none, and for nothing. */
export function figureIn(text: string): number {
  const plain = text.trim().replace(',', '.');
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : NaN;
}

/**
 * What was typed where a figure is wanted: null for nothing; text that is no number stays text, so that the check can
 * name it.
 */
export function typedFigure(text: string): number | string | null {
  if (text.trim() === '') return null;
  const value = figureIn(text);
  return Number.isNaN(value) ? text : value;
}
