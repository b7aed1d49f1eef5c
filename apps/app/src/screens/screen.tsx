import { useLocalSearchParams } from 'expo-router';
import { useEffect, useState, type ReactNode } from 'react';
import { ErrorBoundary } from '../ui/ErrorBoundary/ErrorBoundary';
import { Waiting } from '../ui/Notice/Notice';
import { fetchLater, laterHere, type All } from './later';
import { texts } from './texts';

type Later = Omit<All, 'prefetch'>;

/** What stays round the screens of a path when the path goes on. */
const frames = new Set<keyof Later>(['AthleteFrame', 'CampFrame', 'OfficeFrame']);

/** What could not be fetched is for the boundary above it; of what shows nothing meanwhile nothing is missed. */
function Failed({ error }: { error: unknown }): never {
  throw error;
}

/**
 * One of the later screens, as the screen of a route; once they are here it is drawn without a moment's wait. It waits
 * by a state of its own: React would hold what comes out of a `Suspense` back for 300 ms, at every one of them.
 */
export function screen(name: keyof Later, meanwhile: ReactNode = <Waiting what={texts.oneMoment} />) {
  return function LaterScreen() {
    const [Ready, setReady] = useState<Later[keyof Later] | undefined>(() => laterHere()?.[name]);
    const [failed, setFailed] = useState<unknown>();
    const waits = !Ready;
    useEffect(() => {
      if (waits) fetchLater().then((all) => setReady(() => all[name]), setFailed);
    }, [waits]);
    // Somebody else, or another lesson, is another screen: nothing that was chosen or typed goes along.
    const { id, lesson, token } = useLocalSearchParams<{ id?: string; lesson?: string; token?: string }>();
    const whose = frames.has(name) ? name : [id, lesson, token].join();
    // Below the navigator: were it unmounted along with a screen that broke, the address would be lost.
    return (
      <ErrorBoundary path={`${name} ${whose}`}>
        {Ready ? <Ready key={whose} /> : failed && meanwhile ? <Failed error={failed} /> : meanwhile}
      </ErrorBoundary>
    );
  };
}
