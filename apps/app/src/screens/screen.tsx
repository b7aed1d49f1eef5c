import { useLocalSearchParams } from 'expo-router';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Broken } from '../ui/Broken';
import { Waiting } from '../ui/Notice';

type Later = typeof import('./later');

let later: Later | undefined;
const fetchLater = async (): Promise<Later> => (later = await import('./later'));

/** What stays round the screens of a path when the path goes on. */
const frames = new Set<keyof Later>(['AthleteFrame']);

/** One of the later screens, as the screen of a route; once they are here it is drawn without a moment's wait. */
export function screen(name: keyof Later, meanwhile: ReactNode = <Waiting what="One moment" />) {
  const Part = lazy(async () => ({ default: (await fetchLater())[name] }));
  return function LaterScreen() {
    const [Ready] = useState<Later[keyof Later] | undefined>(() => later?.[name]);
    // Somebody else, or another lesson, is another screen: nothing that was chosen or typed goes along.
    const { id, lesson, token } = useLocalSearchParams<{ id?: string; lesson?: string; token?: string }>();
    const whose = frames.has(name) ? name : [id, lesson, token].join();
    // Below the navigator: were it unmounted along with a screen that broke, the address would be lost.
    return (
      <Broken path={`${name} ${whose}`}>
        {Ready ? (
          <Ready key={whose} />
        ) : (
          <Suspense fallback={meanwhile}>
            <Part key={whose} />
          </Suspense>
        )}
      </Broken>
    );
  };
}
