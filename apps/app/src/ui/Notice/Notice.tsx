import type { ReactNode } from 'react';
import { ActivityIndicator, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { refusalOf } from '../../store/api';
import { useColours } from '../../theme/theme';
import { Icon, type IconName } from '../Icon/Icon';
import { texts } from '../texts';
import { Button } from '../Button/Button';

/** Something to know before going on; an `alert` is read out at once. */
export function Notice({
  children,
  icon = 'alert-outline',
  alert,
}: {
  children: ReactNode;
  icon?: IconName;
  alert?: boolean;
}) {
  const { amberSunk, amber, ink } = useColours();
  return (
    <View
      role={alert ? 'alert' : 'note'}
      style={[styles.notice, { backgroundColor: amberSunk, borderColor: amber }]}
    >
      <Icon name={icon} colour={ink} />
      <View style={styles.grow}>{typeof children === 'string' ? <Text>{children}</Text> : children}</View>
    </View>
  );
}

/** A request that failed: what happened, and a way on. */
export function ErrorNotice({ error, again }: { error: unknown; again?: () => void }) {
  return (
    <Notice alert>
      <Text>{refusalOf(error).error}</Text>
      {again ? (
        <Button mode="outlined" onPress={again} style={styles.again}>
          {texts.tryAgain}
        </Button>
      ) : null}
    </Notice>
  );
}

/** A place with nothing in it yet: what to do first. */
export function Empty({ children, action }: { children: string; action?: ReactNode }) {
  return (
    <View style={styles.empty}>
      <Text variant="bodyLarge" style={styles.middle}>
        {children}
      </Text>
      {action}
    </View>
  );
}

export const Waiting = ({ what }: { what: string }) => (
  <View style={styles.empty} role="status" aria-label={what}>
    <View aria-hidden>
      <ActivityIndicator color={useColours().dusk} />
    </View>
    <Text>{what}</Text>
  </View>
);

const styles = StyleSheet.create({
  notice: { flexDirection: 'row', gap: 10, padding: 12, borderRadius: 8, borderLeftWidth: 6 },
  grow: { flex: 1, gap: 8 },
  again: { alignSelf: 'flex-start' },
  empty: { alignItems: 'center', justifyContent: 'center', gap: 16, padding: 32 },
  middle: { textAlign: 'center' },
});

/** In the place of what is not read yet: that it is being read, or why it cannot be, with a way to try again. */
export function NotRead({ error, again }: { error: unknown; again: () => void }) {
  return error ? <ErrorNotice error={error} again={again} /> : <Waiting what={texts.readingTheAthlete} />;
}
