import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Waiting } from '../ui/Notice';

type Later = typeof import('./later');

let later: Later | undefined;
const fetchLater = async (): Promise<Later> => (later = await import('./later'));

/** One of the later screens, as the screen of a route; once they are here it is drawn without a moment's wait. */
export function screen(name: keyof Later, meanwhile: ReactNode = <Waiting what="One moment" />) {
  const Part = lazy(async () => ({ default: (await fetchLater())[name] }));
  return function LaterScreen() {
    const [Ready] = useState<Later[keyof Later] | undefined>(() => later?.[name]);
    if (Ready) return <Ready />;
    return (
      <Suspense fallback={meanwhile}>
        <Part />
      </Suspense>
    );
  };
}
