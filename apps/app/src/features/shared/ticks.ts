const keyOf = (token: string): string => `ticks ${token.slice(0, 16)}`;

/** What was ticked on this device; a browser that keeps nothing starts anew. */
export function ticksOf(token: string): string[] {
  try {
    return JSON.parse(localStorage.getItem(keyOf(token)) ?? '[]') as string[];
  } catch {
    return [];
  }
}

export function keepTicks(token: string, ticks: readonly string[]): void {
  try {
    localStorage.setItem(keyOf(token), JSON.stringify(ticks));
  } catch {
    // They stay on the screen at least.
  }
}
