import { Link } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useAppSelector } from '../../store/store';
import { useColours } from '../../theme/theme';
import { Icon } from '../Icon/Icon';
import { useDebouncedTrue } from '../hooks/useDebouncedTrue';
import { selectConnected, selectRefused, selectUnkept, selectUnsentCount } from '../../store/selectors';
import { texts } from '../texts';

/** One quiet line while there is no connection, while entries wait for one, or when one was refused. */
export function UnsentLine() {
  const waiting = useAppSelector(selectUnsentCount);
  const refused = useAppSelector(selectRefused).length;
  const unkept = useAppSelector(selectUnkept);
  const connected = useAppSelector(selectConnected);
  const own = useColours();
  const lasting = useDebouncedTrue(waiting > 0 || !connected, 2500);
  if (!lasting && refused === 0) return null;
  const words = [
    connected ? '' : texts.noConnection,
    waiting ? texts.entryNotSentYet(waiting) : '',
    waiting && unkept ? texts.thisBrowserCannotStore : '',
    refused ? texts.entryWasRefused(refused) : '',
  ].filter(Boolean);
  return (
    <View role="status" style={{ backgroundColor: own.amberSunk }}>
      <Link href={'/unsent'} asChild>
        <Pressable role="link" style={styles.line}>
          <Icon name="cloud-off-outline" size={18} />
          <Text variant="bodySmall" style={styles.words}>
            {words.join(' ')}
          </Text>
          <Icon name="chevron-right" size={18} />
        </Pressable>
      </Link>
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    paddingHorizontal: 16,
    paddingVertical: 6,
    minHeight: 44,
  },
  words: { flex: 1 },
});
