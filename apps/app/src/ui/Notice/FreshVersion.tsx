import { usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { keepApp } from '../../offline/worker';
import { useColours } from '../../theme/theme';
import { texts } from '../texts';
import { Button } from '../Button/Button';

/** One quiet line when a new version of the app is here; never in the middle of a session. */
export function FreshVersion() {
  const own = useColours();
  const path = usePathname();
  const [load, setLoad] = useState<(() => void) | null>(null);
  const [loading, setLoading] = useState(false);
  useEffect(() => keepApp((ready) => setLoad(() => ready)), []);
  if (!load || path.endsWith('/session')) return null;
  return (
    <View role="status" style={[styles.line, { backgroundColor: own.sunk }]}>
      <Text style={styles.grow}>{texts.aNewVersion}</Text>
      <Button
        mode="text"
        compact
        loading={loading}
        disabled={loading}
        onPress={() => {
          setLoading(true);
          load();
        }}
      >
        {texts.loadNewVersion}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8, paddingHorizontal: 16 },
  grow: { flex: 1 },
});
