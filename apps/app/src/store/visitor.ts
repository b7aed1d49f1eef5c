const place = 'wrightonic.was-here';

/** Who was signed in on this device when it was last used; a guess that costs nothing when wrong. */
export const visitor = {
  last: (): string | null => {
    try {
      return localStorage.getItem(place);
    } catch {
      return null;
    }
  },
  note: (person: string | null): void => {
    try {
      if (person) localStorage.setItem(place, person);
      else localStorage.removeItem(place);
    } catch {
      // A browser that keeps nothing is guessed to be new.
    }
  },
};
