import { useEffect } from 'react';
import ReconnectingEventSource from 'reconnecting-eventsource';
import { api } from '../../store/api';
import { useAppDispatch } from '../../store/store';

/** Reads an athlete again when something was logged at home, and a camp when it was planned anew. Pages out of sight hold no line open. */
export function ChangeFeed() {
  const dispatch = useAppDispatch();
  const { data } = api.useAuthSessionQuery();
  const signedIn = Boolean(data?.me);
  useEffect(() => {
    if (!signedIn) return;
    let source: ReconnectingEventSource | null = null;
    const follow = () => {
      const seen = document.visibilityState === 'visible';
      if (seen === (source !== null)) return;
      source?.close();
      source = seen ? new ReconnectingEventSource('/api/change-feed/stream') : null;
      let opened = false;
      // What was told while the line was down nobody heard: all that it tells of is read again.
      if (source)
        source.onopen = () => {
          if (opened)
            dispatch(api.util.invalidateTags(['Athlete', 'Roster', 'Lessons', 'Camp', 'Camps', 'Session']));
          opened = true;
        };
      source?.addEventListener('athlete', (event) => {
        const { athleteId } = JSON.parse(event.data as string) as { athleteId: string };
        dispatch(api.util.invalidateTags([{ type: 'Athlete', id: athleteId }, 'Roster', 'Lessons']));
      });
      source?.addEventListener('camp', (event) => {
        const { campId } = JSON.parse(event.data as string) as { campId: string };
        dispatch(api.util.invalidateTags([{ type: 'Camp', id: campId }, 'Camps']));
      });
      // What one may do here changed.
      source?.addEventListener('me', () => {
        dispatch(api.util.invalidateTags(['Session']));
      });
    };
    follow();
    document.addEventListener('visibilitychange', follow);
    return () => {
      document.removeEventListener('visibilitychange', follow);
      source?.close();
    };
  }, [dispatch, signedIn]);
  return null;
}
