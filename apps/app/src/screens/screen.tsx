import { useLocalSearchParams } from 'expo-router';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { ErrorBoundary } from '../ui/ErrorBoundary/ErrorBoundary';
import { Waiting } from '../ui/Notice/Notice';
import { readAhead } from './readAhead';
import { texts } from './texts';

type All = typeof import('./lazyScreens');
type Later = Omit<All, 'prefetch'>;

let lazyScreens: All | undefined;
const fetchLater = async (): Promise<All> => {
  readAhead(location.pathname);
  return (lazyScreens = await import('./lazyScreens'));
};

/** Something else that comes with the later screens. */
export const later = async <Name extends keyof All>(name: Name): Promise<All[Name]> =>
  (lazyScreens ?? (await fetchLater()))[name];

/** What stays round the screens of a path when the path goes on. */
const frames = new Set<keyof Later>(['AthleteFrame', 'CampFrame', 'OfficeFrame']);

/** One of the later screens, as the screen of a route; once they are here it is drawn without a moment's wait. */
export function screen(name: keyof Later, meanwhile: ReactNode = <Waiting what={texts.oneMoment} />) {
  const Part = lazy(async () => ({ default: (await fetchLater())[name] }));
  return function LaterScreen() {
    const [Ready] = useState<Later[keyof Later] | undefined>(() => lazyScreens?.[name]);
    // Somebody else, or another lesson, is another screen: nothing that was chosen or typed goes along.
    const { id, lesson, token } = useLocalSearchParams<{ id?: string; lesson?: string; token?: string }>();
    const whose = frames.has(name) ? name : [id, lesson, token].join();
    // Below the navigator: were it unmounted along with a screen that broke, the address would be lost.
    return (
      <ErrorBoundary path={`${name} ${whose}`}>
        {Ready ? (
          <Ready key={whose} />
        ) : (
          <Suspense fallback={meanwhile}>
            <Part key={whose} />
          </Suspense>
        )}
      </ErrorBoundary>
    );
  };
}
