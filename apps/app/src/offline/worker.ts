import { Workbox } from 'workbox-window';

/** How often the new version is asked to take over, ms: a browser whose old one is just starting lets the first go by. */
const again = 1_000;

/**
 * Lets the app open without a connection. A new version waits until somebody loads it: what is open keeps the scripts
 * that it began with.
 *
 * @param onFresh called with what loads the new version
 */
export function keepApp(onFresh: (load: () => void) => void): void {
  // Development has no scripts to keep.
  if (!('serviceWorker' in navigator) || __DEV__) return;
  const workbox = new Workbox('/sw.js');
  workbox.addEventListener('waiting', () => {
    onFresh(() => {
      const asking = window.setInterval(() => void takeOver(), again);
      const reload = () => {
        window.clearInterval(asking);
        window.location.reload();
      };
      const takeOver = async () => {
        const registration = await navigator.serviceWorker.getRegistration();
        // Where none waits any more, it has taken over already.
        if (registration?.waiting) registration.waiting.postMessage({ type: 'SKIP_WAITING' });
        else reload();
      };
      navigator.serviceWorker.addEventListener('controllerchange', reload, { once: true });
      void takeOver();
    });
  });
  void workbox.register().catch(() => undefined);
}
