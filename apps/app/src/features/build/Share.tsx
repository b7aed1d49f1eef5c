import type { BuildPage, MadeShare } from '@wrightonic/contract';
import { useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Card } from '../../ui/Card/Card';
import { CopyAddress } from '../../ui/CopyAddress/CopyAddress';
import { OpenLinks } from '../../ui/CopyAddress/OpenLinks';
import { Choices } from '../../ui/form/Choices';
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
  const [days, setDays] = useState(30);
  const [made, setMade] = useState<MadeShare | null>(null);
  const { data } = lazyEndpoints.useSharesQuery(id);
  const [make, making] = lazyEndpoints.useMakeShareMutation();
  const [end, ending] = lazyEndpoints.useEndShareMutation();
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
      <OpenLinks
        called="link"
        links={data ?? []}
        onTakeBack={(share) =>
          void end({ athleteId: id, share, body: { id: v7() } }).then(() =>
            made?.id === share ? setMade(null) : undefined,
          )
        }
      />
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
