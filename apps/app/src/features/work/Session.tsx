import type { WorkPage } from '@wrightonic/contract';
import { lockWords, painOn } from '@wrightonic/core';
import { router } from 'expo-router';
import { useCallback, useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { readAgain } from '../../offline/send';
import { useAppDispatch } from '../../store/store';
import { useWorkedAthlete, useToday } from '../../store/useAthlete';
import { withDays } from '../../ui/words/days';
import { Waiting, NotRead } from '../../ui/Notice/Notice';
import { painWords } from '../../ui/form/PainPicks';
import { PageTitle } from '../../ui/Screen/Screen';
import { Counting } from './Counting';
import { PainQuestion } from './PainQuestion';
import { painOf } from './session';
import { Summary } from './Summary';
import { useSession } from './useSession';
import { useWakeLock } from '../../ui/hooks/useWakeLock';
import { texts } from './texts';

/** The phone as one thing: ask, count, sum up. */
export function Session() {
  const { page, error: unread, again } = useWorkedAthlete();
  // Everybody of a group has an own session, so that switching begins where each of them is.
  return page ? <Working key={page.athlete.id} page={page} /> : <NotRead error={unread} again={again} />;
}

function Working({ page }: { page: WorkPage }) {
  const session = useSession(page);
  const { sessionId, events, inSession } = session;
  const [ending, setEnding] = useState(false);
  useWakeLock();
  const { id, givenName } = page.athlete;
  const dispatch = useAppDispatch();
  useEffect(() => () => void dispatch(readAgain(id)), [dispatch, id]);
  const leave = useCallback(() => router.replace(`/athletes/${id}/work`), [id]);
  const end = useCallback(() => setEnding(true), []);
  const today = useToday();
  const atHome = painOn(page.home.pain, today);
  const before = painOf(events, 'before');
  const after = painOf(events, 'after');
  return (
    <View style={styles.root} role="main">
      <PageTitle>{texts.workingWith(givenName)}</PageTitle>
      {session.reading ? (
        <Waiting what={texts.readingTheSession} />
      ) : !before ? (
        <PainQuestion
          title={texts.doesAnythingHurt(givenName)}
          reported={
            page.pain.lock
              ? withDays(lockWords(page.pain.lock), today)
              : atHome && texts.wasMarkedAtHome(painWords(atHome))
          }
          onLeave={leave}
          onAnswer={(answer) => inSession(sessionId ?? session.begin()).pain({ moment: 'before', ...answer })}
        />
      ) : !ending ? (
        <Counting page={page} session={session} pain={before} onLeave={leave} onEnd={end} />
      ) : !after ? (
        <PainQuestion
          title={texts.andNowDoesAnything}
          onLeave={() => setEnding(false)}
          onAnswer={(answer) => inSession().pain({ moment: 'after', ...answer })}
        />
      ) : (
        <Summary
          page={page}
          session={session}
          onBack={() => setEnding(false)}
          onDone={(note) => {
            inSession().end(note);
            router.replace(`/athletes/${id}/prove`);
          }}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({ root: { flex: 1, minHeight: 0 } });
