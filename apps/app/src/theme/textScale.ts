/** What the browser is asked for, against its usual 16 px; beyond double the layout gives way. */
export const textScale =
  typeof document === 'undefined'
    ? 1
    : Math.min(2, Math.max(1, parseFloat(getComputedStyle(document.documentElement).fontSize) / 16 || 1));
