import { router } from 'expo-router';
import { Empty } from '../Notice/Notice';
import { Screen } from './Screen';
import { texts } from '../texts';
import { Button } from '../Button/Button';

/** A path that leads nowhere. */
export const NotHere = () => (
  <Screen title={texts.nothingHere}>
    <Empty
      action={
        <Button mode="contained" onPress={() => router.replace('/')}>
          {texts.goToToday}
        </Button>
      }
    >
      {texts.thereIsNoPage}
    </Empty>
  </Screen>
);
