import { Workbox } from 'workbox-window';

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
      workbox.addEventListener('controlling', () => window.location.reload());
      workbox.messageSkipWaiting();
    });
  });
  void workbox.register().catch(() => undefined);
}
