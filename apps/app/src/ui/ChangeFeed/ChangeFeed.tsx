import { useEffect, useRef } from 'react';
import ReconnectingEventSource from 'reconnecting-eventsource';
import { api } from '../../store/api';
import { useAppDispatch } from '../../store/store';
import { unheard } from './unheard';

/** Nothing was heard since, for all that is known. */
const longAgo = -Infinity;

/** Reads an athlete again when something was logged at home, and a camp when it was planned anew. Pages out of sight hold no line open. */
export function ChangeFeed() {
  const dispatch = useAppDispatch();
  const { data } = api.useAuthSessionQuery();
  const signedIn = Boolean(data?.me);
  const signedOut = data?.me === null;
  // The page reads from its beginning, or from when somebody signs in.
  const since = useRef(performance.timeOrigin);
  useEffect(() => {
    if (signedOut) since.current = Date.now();
    if (!signedIn) return;
    let source: ReconnectingEventSource | null = null;
    const close = () => {
      if (source && source.readyState === source.OPEN) since.current = Date.now();
      source?.close();
      source = null;
    };
    const open = () => {
      source = new ReconnectingEventSource('/api/change-feed/stream');
      source.onopen = () => {
        if (unheard(since.current, Date.now()))
          dispatch(api.util.invalidateTags(['Athlete', 'Roster', 'Lessons', 'Camp', 'Camps', 'Session']));
      };
      // A line is found dead some time after it died.
      source.onerror = () => (since.current = longAgo);
      source.addEventListener('athlete', (event) => {
        const { athleteId } = JSON.parse(event.data as string) as { athleteId: string };
        dispatch(api.util.invalidateTags([{ type: 'Athlete', id: athleteId }, 'Roster', 'Lessons']));
      });
      source.addEventListener('camp', (event) => {
        const { campId } = JSON.parse(event.data as string) as { campId: string };
        dispatch(api.util.invalidateTags([{ type: 'Camp', id: campId }, 'Camps']));
      });
      // What one may do here changed.
      source.addEventListener('me', () => {
        dispatch(api.util.invalidateTags(['Session']));
      });
    };
    const follow = () => {
      const seen = document.visibilityState === 'visible';
      if (seen === (source !== null)) return;
      if (seen) open();
      else close();
    };
    follow();
    document.addEventListener('visibilitychange', follow);
    return () => {
      document.removeEventListener('visibilitychange', follow);
      close();
    };
  }, [dispatch, signedIn, signedOut]);
  return null;
}
