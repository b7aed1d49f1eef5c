import { Text } from 'react-native-paper';
import { Notice } from '../../ui/Notice/Notice';
import type { Home } from './useHome';
import { texts } from './texts';

/** What is not sent, and what to do when it never will be. */
export function HomeState({ home }: { home: Home }) {
  const { waiting, refused, gone, unkept } = home;
  return (
    <>
      {gone ? (
        <Notice alert>{texts.thisLinkHasExpired(waiting)}</Notice>
      ) : waiting ? (
        <Text variant="bodySmall" role="status">
          {texts.notSentYet(waiting)}
        </Text>
      ) : null}
      {refused.map(({ id, why }) => (
        <Notice key={id} alert>
          {texts.oneEntryWasNot(why)}
        </Notice>
      ))}
      {unkept ? <Notice alert>{texts.thisBrowserIsFull}</Notice> : null}
    </>
  );
}
