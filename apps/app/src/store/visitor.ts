const place = 'wrightonic.was-here';

/** Whether somebody was signed in on this device when it was last used; a guess that costs nothing when wrong. */
export const visitor = {
  wasHere: (): boolean => {
    try {
      return localStorage.getItem(place) !== null;
    } catch {
      return false;
    }
  },
  note: (here: boolean): void => {
    try {
      if (here) localStorage.setItem(place, '1');
      else localStorage.removeItem(place);
    } catch {
      // A browser that keeps nothing is guessed to be new.
    }
  },
};
