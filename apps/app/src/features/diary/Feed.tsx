import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Card } from '../../ui/Card/Card';
import { ErrorNotice } from '../../ui/Notice/Notice';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const feedAddress = (token: string): string => `${location.origin}/api/feeds/${token}/lessons.ics`;

/** The own lessons in whatever calendar one uses. */
export function Feed() {
  const [make, { data, error, isLoading }] = lazyEndpoints.useMakeFeedMutation();
  const [asked, setAsked] = useState(false);
  return (
    <Card>
      <Heading>{texts.inYourOwnCalendar}</Heading>
      {data ? (
        <>
          <Text>{texts.subscribeToThisAddress}</Text>
          <Text variant="labelLarge" selectable>
            {feedAddress(data.token)}
          </Text>
        </>
      ) : (
        <>
          <Text>{texts.yourLessonsWithTimes}</Text>
          {error ? <ErrorNotice error={error} /> : null}
          {asked ? <Text>{texts.aNewAddressReplaces}</Text> : null}
          <Button
            mode="outlined"
            icon="calendar-export"
            style={styles.start}
            loading={isLoading}
            onPress={() => (asked ? void make({ id: v7() }) : setAsked(true))}
          >
            {asked ? texts.makeANewAddress : texts.makeAnAddress}
          </Button>
        </>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({ start: { alignSelf: 'flex-start' } });
