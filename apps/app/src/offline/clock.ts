const place = 'wrightonic.clock';
/** A device that is off by less is right; an answer takes its time too. */
const right = 90_000;

const stored = (): number => {
  try {
    return Number(localStorage.getItem(place) ?? 0) || 0;
  } catch {
    return 0;
  }
};

/** How far the server's clock is ahead of the device's, milliseconds; 0 when the device is right. */
let offsetMs = stored();

/** The time by the server's clock, as it was heard last: phones are wrong by a day more often than servers. */
export const now = (): Date => new Date(Date.now() + offsetMs);

/** Hears what time it is at the server, from the date of an answer. */
export function hear(date: string | null | undefined): void {
  const theirs = Date.parse(date ?? '');
  if (Number.isNaN(theirs)) return;
  const off = theirs - Date.now();
  const next = Math.abs(off) > right ? off : 0;
  // An answer on its way makes a difference of some seconds, which is none.
  if (Math.abs(next - offsetMs) < right && next !== 0) return;
  if (next === offsetMs) return;
  offsetMs = next;
  try {
    localStorage.setItem(place, String(offsetMs));
  } catch {
    // It is heard again with the next answer.
  }
}
