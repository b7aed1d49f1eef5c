import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useColours } from '../../theme/theme';

/** The bar at the bottom of a screen that holds the next step. */
export function ActionBar({ children }: { children: ReactNode }) {
  const { surface, line } = useColours();
  return (
    <View style={[styles.bar, { backgroundColor: surface, borderColor: line }]}>
      <View style={styles.inside}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { borderTopWidth: 1, padding: 12 },
  inside: { width: '100%', maxWidth: 728, alignSelf: 'center', gap: 8 },
});
