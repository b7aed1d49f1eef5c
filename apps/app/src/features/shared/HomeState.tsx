import { Text } from 'react-native-paper';
import { Notice } from '../../ui/Notice/Notice';
import type { Home } from './useHome';

/** What is not sent, and what to do when it never will be. */
export function HomeState({ home }: { home: Home }) {
  const { waiting, refused, gone, unkept } = home;
  return (
    <>
      {gone ? (
        <Notice alert>
          {`This link has run out or was taken back. ${waiting ? 'What you ticked since is kept on this device: show it to your instructor and ask for a new link.' : 'Ask for a new one.'}`}
        </Notice>
      ) : waiting ? (
        <Text variant="bodySmall" role="status">
          {`${waiting} not sent yet. It goes out by itself when there is a connection.`}
        </Text>
      ) : null}
      {refused.map(({ id, why }) => (
        <Notice key={id} alert>{`One entry was not taken: ${why}`}</Notice>
      ))}
      {unkept ? (
        <Notice alert>This browser is full and keeps nothing. Leave the page open until all is sent.</Notice>
      ) : null}
    </>
  );
}
