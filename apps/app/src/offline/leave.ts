import { ofNobody, takeOut } from './responseCache';
import { database } from './database';
import { quickCopy } from './quickCopy';

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
    const transaction = (await database()).transaction(
      ['responses', 'outbox', 'tracks', 'stills'],
      'readwrite',
    );
    await Promise.all([
      takeOut(transaction, (path) => path === 'session' || !ofNobody.test(path)),
      transaction.objectStore('outbox').clear(),
      transaction.objectStore('tracks').clear(),
      transaction.objectStore('stills').clear(),
      transaction.done,
    ]);
    quickCopy.forget();
    sessionStorage.clear();
  } catch {
    // Nothing was kept here at all.
  }
}
