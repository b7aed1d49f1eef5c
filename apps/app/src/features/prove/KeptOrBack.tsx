import type { Course, ProvePage } from '@wrightonic/contract';
import { listed, nodeName, nodeOf, shortRelook, type Break, type History } from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { log } from '../../offline/log';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAppDispatch } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { ErrorNotice, Notice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { dayWords } from '../../ui/words/days';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props extends Pick<History, 'kept' | 'backAgain'> {
  page: ProvePage;
  /** As far as they are known here. */
  breaks: readonly Break[];
  /** Of every plan until now: a flaw that never was a focus has no ladder to reopen. */
  ladders: Course['ladders'];
  /** Only what asks for something. */
  short: boolean;
}

/** What was put right and stayed so, and what has come back: with one tap to look again, or to go on from before. */
export function KeptOrBack({ page, kept, backAgain, breaks, ladders, short }: Props) {
  const today = useToday();
  const { academy } = useMe();
  const dispatch = useAppDispatch();
  const { id, givenName } = page.athlete;
  const [reopen, { error, isLoading }] = lazyEndpoints.useReopenLadderMutation();
  const finished = page.looks.filter((look) => look.finished);
  const open = finished.length < page.looks.length;
  const relook = open
    ? null
    : shortRelook(
        breaks,
        finished.map(({ date }) => date),
        // A body or a ball by itself is no look.
        kept.filter((node) => nodeOf(node)?.type === 'flaw'),
      );
  const threads = page.plan?.threads ?? [];
  const closed = backAgain.filter(
    ({ id: flaw }) => !threads.some(({ focus }) => focus === flaw) && ladders.includes(flaw),
  );
  if (short ? !relook && !closed.length : !kept.length && !backAgain.length) return null;
  const shortLook = (ids: readonly string[]) => {
    dispatch(log(id, 'look-begun', { athleteId: id, look: 'quick', zone: academy.zone, place: '' }));
    router.push(`/athletes/${id}/look?points=${ids.join(',')}`);
  };
  const goOn = async (flaw: string) => {
    const answer = await reopen({ athleteId: id, body: { flaw, traceId: v7(), planId: v7() } });
    if (!('error' in answer)) router.push(`/athletes/${id}/build`);
  };
  return (
    <Card>
      <Heading>{texts.didItStay}</Heading>
      {relook ? (
        <Notice icon="eye-outline">
          <Text>{texts.wasAwayForDays(givenName, relook.away.days, listed(relook.ids.map(nodeName)))}</Text>
          <Button mode="contained" style={styles.start} onPress={() => shortLook(relook.ids)}>
            {texts.takeAShortLook(relook.ids.length)}
          </Button>
        </Notice>
      ) : null}
      {(short ? closed : backAgain).map(({ id: flaw, since }) => {
        const on = threads.find(({ focus }) => focus === flaw);
        return (
          <View key={flaw} style={styles.back}>
            <Text variant="bodyLarge">{texts.backAgainSeen(nodeName(flaw), dayWords(since, today))}</Text>
            {on ? (
              <Text>{texts.itsLadderIsOpen(on.stage)}</Text>
            ) : !ladders.includes(flaw) ? (
              <Text>{texts.thereWasNoLadder}</Text>
            ) : (
              <Button
                mode="outlined"
                style={styles.start}
                loading={isLoading}
                accessibilityLabel={texts.reopenTheLadderOf(nodeName(flaw))}
                onPress={() => void goOn(flaw)}
              >
                {texts.reopenItsLadder}
              </Button>
            )}
          </View>
        );
      })}
      {error ? <ErrorNotice error={error} /> : null}
      {closed.length ? <Text variant="bodySmall">{texts.reopeningMakesANew}</Text> : null}
      {short ? null : (
        <>
          {kept.length ? <Text>{texts.kept(listed(kept.map(nodeName)))}</Text> : null}
          <Text variant="bodySmall">{texts.keptMeansOnceObvious}</Text>
        </>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({
  start: { alignSelf: 'flex-start' },
  back: { gap: 4 },
});
