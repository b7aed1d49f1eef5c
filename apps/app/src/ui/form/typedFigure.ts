/**
 * What was typed where a figure is wanted: null for nothing; text that is no number stays text, so that the check can
 * name it.
 */
export function typedFigure(text: string): number | string | null {
  const plain = text.trim().replace(',', '.');
  if (plain === '') return null;
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : text;
}
