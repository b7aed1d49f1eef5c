import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Card } from '../../ui/Card/Card';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';

/** The own lessons in whatever calendar one uses. */
export function Feed() {
  const [make, { data, error, isLoading }] = lazyEndpoints.useMakeFeedMutation();
  const [asked, setAsked] = useState(false);
  return (
    <Card>
      <Heading>In your own calendar</Heading>
      {data ? (
        <>
          <Text>
            Subscribe to this address in your calendar. It is shown only now. An address you made before no
            longer works.
          </Text>
          <Text
            variant="labelLarge"
            selectable
          >{`${location.origin}/api/feeds/${data.token}/lessons.ics`}</Text>
        </>
      ) : (
        <>
          <Text>Your lessons with times, places and first names. Anyone with the address can read them.</Text>
          {error ? <ErrorNotice error={error} /> : null}
          {asked ? <Text>A new address replaces the one you have. Make it?</Text> : null}
          <Button
            mode="outlined"
            icon="calendar-export"
            style={styles.start}
            loading={isLoading}
            onPress={() => (asked ? void make({ id: v7() }) : setAsked(true))}
          >
            {asked ? 'Make a new address' : 'Make an address'}
          </Button>
        </>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
