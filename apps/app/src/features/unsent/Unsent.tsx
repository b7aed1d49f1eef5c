import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { dismiss, sendWanted } from '../../offline/send';
import type { Entry } from '../../offline/database';
import { api } from '../../store/api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { dayAt, dayWords, timeAt } from '../../ui/words/days';
import { Empty, Notice } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { useBook } from '../../ui/hooks/useBook';
import { entryWords, whatToDo } from './entryWords';
import { selectConnected, selectRefused, selectUnkept, selectUnsent } from '../../store/selectors';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const shown = 40;

/** What is on this device and not at the server, and why. */
export function Unsent() {
  const dispatch = useAppDispatch();
  const refused = useAppSelector(selectRefused);
  const unsent = useAppSelector(selectUnsent);
  const unkept = useAppSelector(selectUnkept);
  const connected = useAppSelector(selectConnected);
  const { person } = useMe();
  const others = unsent.filter(({ personId }) => personId !== person.id).length;
  return (
    <Screen title={texts.notSent} back={{ label: texts.back, to: '/' }}>
      <Text>{connected ? texts.connectedWaitingEntriesAre : texts.noConnectionEverything}</Text>
      {unkept ? <Notice alert>{texts.thisBrowserHasNo}</Notice> : null}
      {refused.length ? <Heading>{texts.refused}</Heading> : null}
      {refused.map((entry) => (
        <Card key={entry.event.id}>
          <Line entry={entry} />
          <Text>{texts.notAccepted(entry.why)}</Text>
          <Text variant="bodySmall">{whatToDo(entry.why!)}</Text>
          <Button mode="outlined" style={styles.start} onPress={() => void dispatch(dismiss(entry.event.id))}>
            {texts.removeFromTheList}
          </Button>
        </Card>
      ))}
      {unsent.length ? <Heading>{texts.waiting(unsent.length)}</Heading> : null}
      {others ? <Notice>{texts.wereLoggedBySomebody(others)}</Notice> : null}
      {unsent.slice(0, shown).map((entry) => (
        <Line key={entry.event.id} entry={entry} />
      ))}
      {unsent.length > shown ? <Text>{texts.andMore(unsent.length - shown)}</Text> : null}
      {unsent.length ? (
        <Button mode="outlined" style={styles.start} onPress={() => dispatch(sendWanted())}>
          {texts.tryNow}
        </Button>
      ) : null}
      {unsent.length + refused.length === 0 ? <Empty>{texts.everythingLoggedHereHas}</Empty> : null}
    </Screen>
  );
}

function Line({ entry: { event, athleteId } }: { entry: Entry }) {
  const { academy } = useMe();
  const today = useToday();
  const book = useBook();
  const { data: roster } = api.useRosterQuery();
  const athlete = roster?.find(({ id }) => id === athleteId);
  const when = `${dayWords(dayAt(new Date(event.at), academy.zone), today)} ${timeAt(event.at, academy.zone)}`;
  return (
    <View>
      <Text variant="labelLarge">{entryWords(event, book)}</Text>
      <Text variant="bodySmall">{`${athlete ? `${athlete.givenName} ${athlete.familyName}, ` : ''}${when}`}</Text>
    </View>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
