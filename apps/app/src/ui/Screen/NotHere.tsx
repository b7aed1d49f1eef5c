import { router } from 'expo-router';
import { Button } from 'react-native-paper';
import { Empty } from '../Notice/Notice';
import { Screen } from './Screen';

/** A path that leads nowhere. */
export const NotHere = () => (
  <Screen title="Nothing here">
    <Empty
      action={
        <Button mode="contained" onPress={() => router.replace('/')}>
          Go to today
        </Button>
      }
    >
      This address leads to no page. Nothing was lost.
    </Empty>
  </Screen>
);
