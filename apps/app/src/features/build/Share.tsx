import type { BuildPage, MadeShare } from '@wrightonic/contract';
import { useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { Card } from '../../ui/Card/Card';
import { CopyAddress } from '../../ui/CopyAddress/CopyAddress';
import { Choices } from '../../ui/form/Choices';
import { dayAt, dayWords } from '../../ui/words/days';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';

const lasting = [
  { value: 7, text: 'A week' },
  { value: 30, text: '30 days' },
  { value: 90, text: '90 days' },
];

/** The week for whoever is at home: a link, a sheet of paper, a calendar; and the links that are still open. */
export function Share({ page }: { page: BuildPage }) {
  const { id, givenName } = page.athlete;
  const today = useToday();
  const { academy } = useMe();
  const [days, setDays] = useState(30);
  const [made, setMade] = useState<MadeShare | null>(null);
  const { data } = lazyEndpoints.useSharesQuery(id);
  const [make, making] = lazyEndpoints.useMakeShareMutation();
  const [end, ending] = lazyEndpoints.useEndShareMutation();
  const open = (data ?? []).filter(
    ({ ended, expiresAt }) => !ended && dayAt(expiresAt, academy.zone) >= today,
  );
  const address = made ? `${location.origin}/s/${made.token}` : '';
  const file = (name: string) => `/api/shared/${made!.token}/${name}`;
  return (
    <Card>
      <Heading>{`For ${givenName} and home`}</Heading>
      {made ? (
        <>
          <Text>
            Whoever has this address sees this week and nothing else. It is shown only now; make another when
            it is lost.
          </Text>
          <CopyAddress key={address} address={address} />
          <View style={styles.row}>
            <Button mode="outlined" icon="printer" onPress={() => void Linking.openURL(file('week.pdf'))}>
              Sheet to print
            </Button>
            <Button
              mode="outlined"
              icon="calendar-export"
              onPress={() => void Linking.openURL(file('week.ics'))}
            >
              Calendar
            </Button>
            <Button mode="text" onPress={() => void Linking.openURL(`/s/${made.token}`)}>
              See it as they do
            </Button>
          </View>
        </>
      ) : (
        <>
          <Text>
            One page with the drills, their figures and boxes to tick: as a link, on paper, in a calendar.
          </Text>
          <Choices label="How long the link opens" shown value={days} onChange={setDays} options={lasting} />
          {making.error ? <ErrorNotice error={making.error} /> : null}
          <Button
            mode="contained-tonal"
            icon="share-variant"
            style={styles.start}
            loading={making.isLoading}
            onPress={() =>
              void make({ athleteId: id, body: { id: v7(), days } }).then((answer) =>
                answer.data ? setMade(answer.data) : undefined,
              )
            }
          >
            Make a link and a sheet
          </Button>
        </>
      )}
      {ending.error ? <ErrorNotice error={ending.error} /> : null}
      {open.length ? <Text variant="labelMedium">Open links</Text> : null}
      {open.map((share) => (
        <View key={share.id} style={styles.row}>
          <Text style={styles.grow}>
            {`${share.by}, ${dayWords(dayAt(share.at, academy.zone), today)}; opens until ${dayWords(dayAt(share.expiresAt, academy.zone), today)}`}
          </Text>
          <Button
            mode="text"
            compact
            accessibilityLabel={`Take back the link of ${dayWords(dayAt(share.at, academy.zone), today)}`}
            onPress={() =>
              void end({ athleteId: id, share: share.id, body: { id: v7() } }).then(() =>
                made?.id === share.id ? setMade(null) : undefined,
              )
            }
          >
            Take back
          </Button>
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 160 },
  start: { alignSelf: 'flex-start' },
});
