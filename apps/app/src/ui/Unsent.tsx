import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useAppSelector } from '../store/store';
import { useColours } from '../theme/theme';
import { Icon } from './Icon';
import { useLasting } from './useLasting';

/** One quiet line while entries wait for a connection. */
export function Unsent() {
  const waiting = useAppSelector(({ journal }) => journal.waiting.length);
  const unkept = useAppSelector(({ journal }) => journal.unkept);
  const own = useColours();
  const lasting = useLasting(waiting > 0, 2500);
  if (!lasting) return null;
  const kept = unkept ? 'This browser cannot keep them: leave the page open.' : 'They are kept here.';
  return (
    <View role="status" style={[styles.line, { backgroundColor: own.amberSunk }]}>
      <Icon name="cloud-off-outline" size={18} />
      <Text variant="bodySmall">{`${waiting} ${waiting === 1 ? 'entry' : 'entries'} not sent yet. ${kept}`}</Text>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8, paddingHorizontal: 16, paddingVertical: 6 },
});
