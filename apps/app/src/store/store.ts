import { configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { pendingEvents } from '../offline/pendingEvents';
import { sending } from '../offline/send';
import { api } from './api';
import { keepSettings, settings } from './settings';
import { visitor } from './visitor';

export const store = configureStore({
  reducer: {
    [api.reducerPath]: api.reducer,
    settings: settings.reducer,
    pendingEvents: pendingEvents.reducer,
  },
  middleware: (usual) =>
    usual({ serializableCheck: false, immutableCheck: false })
      .prepend(sending.middleware)
      .concat(api.middleware),
});

setupListeners(store.dispatch);
// Asked for before anything is drawn: the first screen hangs on the answer.
export const firstAnswer = store.dispatch(api.endpoints.authSession.initiate());
// Whoever was here before most likely still is: the day's page is asked for beside it.
if (visitor.last()) {
  store.dispatch(api.util.prefetch('roster', undefined, {}));
  store.dispatch(api.util.prefetch('lessons', undefined, {}));
}

let kept = store.getState().settings;
store.subscribe(() => {
  const now = store.getState().settings;
  if (now !== kept) keepSettings((kept = now));
});

export type State = ReturnType<typeof store.getState>;
export type Dispatch = typeof store.dispatch;
export const useAppDispatch = useDispatch.withTypes<Dispatch>();
export const useAppSelector = useSelector.withTypes<State>();
