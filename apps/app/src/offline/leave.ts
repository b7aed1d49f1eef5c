import { ofNobody, takeOut } from './answers';
import { shelf } from './shelf';

const place = 'wrightonic.signed-out-here';

/** Somebody signed out here while the server could not be reached: it is told as soon as it can be. */
export const owedSignOut = {
  is: (): boolean => {
    try {
      return localStorage.getItem(place) !== null;
    } catch {
      return false;
    }
  },
  note: (owed: boolean): void => {
    try {
      if (owed) localStorage.setItem(place, 'yes');
      else localStorage.removeItem(place);
    } catch {
      // A browser that keeps nothing keeps no session either.
    }
  },
};

/** Clears this device of whatever was read and logged by whoever was signed in; pages behind links stay. */
export async function wipe(): Promise<void> {
  try {
    const whole = (await shelf()).transaction(['answers', 'outbox'], 'readwrite');
    await Promise.all([
      takeOut(whole, (path) => path === 'session' || !ofNobody.test(path)),
      whole.objectStore('outbox').clear(),
      whole.done,
    ]);
    sessionStorage.clear();
  } catch {
    // Nothing was kept here at all.
  }
}
