import { Redirect, usePathname } from 'expo-router';
import { useEffect, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { responseCache } from '../../offline/responseCache';
import { owedSignOut } from '../../offline/leave';
import { dropRemoved } from '../../offline/removed';
import { resume } from '../../offline/send';
import { later } from '../../screens/later';
import { api } from '../../store/api';
import { visitor } from '../../store/visitor';
import { useAppDispatch } from '../../store/store';
import { useColours } from '../../theme/theme';
import { readDaysAs } from '../../ui/words/days';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { SignIn } from './SignIn';
import { texts } from './texts';

/** Pages for whoever has a link, and the ways in. */
const open = /^\/((s|join|reset)\/.|found$|forgot$)/;

/** Lets in who is signed in; everyone else is asked to, and comes out on the page that was asked for. */
export function AuthGate({ children }: { children: ReactNode }) {
  const { data, error, refetch } = api.useAuthSessionQuery(undefined, { refetchOnReconnect: true });
  const dispatch = useAppDispatch();
  const path = usePathname();
  const { ground } = useColours();
  if (data?.me) readDaysAs(data.me.person);
  const personId = data?.me?.person.id;
  useEffect(() => {
    if (!data) return;
    const last = visitor.last();
    // Whoever may know less from now on keeps nothing of what they knew.
    const now = data.me ? `${data.me.person.id} ${data.me.person.role}` : null;
    // An earlier version of the app noted the person alone.
    if (last !== null && last !== now && last !== data.me?.person.id) void responseCache.forget();
    visitor.note(now);
    void dropRemoved(data.removed);
  }, [data]);
  const [signOut] = api.useSignOutMutation();
  const leaving = personId !== undefined && owedSignOut.is();
  useEffect(() => {
    if (!leaving) return;
    void signOut('here').then((answer) => {
      if ('error' in answer) return;
      owedSignOut.note(false);
      window.location.replace('/');
    });
  }, [leaving, signOut]);
  useEffect(() => {
    if (!personId || leaving) return;
    const started = dispatch(resume(() => later('prefetch')));
    return () => void started.then((end) => end());
  }, [dispatch, personId, leaving]);
  if (data?.unfounded && !open.test(path)) return <Redirect href="/found" />;
  if ((personId && !leaving) || open.test(path)) return children;
  return (
    <View style={[styles.root, { backgroundColor: ground }]}>
      {leaving ? (
        <Waiting what={texts.signingOut} />
      ) : data ? (
        <SignIn demo={data.demo} />
      ) : error ? (
        <ErrorNotice error={error} again={() => void refetch()} />
      ) : (
        <Waiting what={texts.opening} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({ root: { flex: 1, justifyContent: 'center' } });
