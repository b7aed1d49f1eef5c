import { Workbox } from 'workbox-window';

/** How often the new version is asked to take over, ms: a browser whose old one is just starting lets the first go by. */
const again = 1_000;
/** A browser that does not let go of the old version for longer than this is not waited for, ms. */
const patience = 10_000;

/** What comes now comes from the server: a kept answer would say so without a connection too. */
const isReachable = (): Promise<boolean> =>
  fetch('/api/health', { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );

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
      const asked = Date.now();
      const takeOver = async () => {
        const registration = await navigator.serviceWorker.getRegistration();
        // Where none waits any more, it has taken over already.
        if (!registration?.waiting) return reload();
        registration.waiting.postMessage({ type: 'SKIP_WAITING' });
        if (Date.now() - asked < patience || !(await isReachable())) return;
        // The page comes from the server this once, and the new version is kept from then on.
        await registration.unregister();
        reload();
      };
      navigator.serviceWorker.addEventListener('controllerchange', reload, { once: true });
      void takeOver();
    });
  });
  void workbox.register().catch(() => undefined);
}
