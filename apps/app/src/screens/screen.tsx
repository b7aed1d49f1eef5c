import { lazy, Suspense, type ReactNode } from 'react';
import { Waiting } from '../ui/Notice';

type Later = typeof import('./later');

const fetchLater = (): Promise<Later> => import('./later');

/** One of the later screens, as the screen of a route. */
export function screen(name: keyof Later, meanwhile: ReactNode = <Waiting what="One moment" />) {
  const Part = lazy(async () => ({ default: (await fetchLater())[name] }));
  return function LaterScreen() {
    return (
      <Suspense fallback={meanwhile}>
        <Part />
      </Suspense>
    );
  };
}
