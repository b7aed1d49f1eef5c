/**
 * A text as a sentence begins.
 *
 * @example capital('left knee') // 'Left knee'
 */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
