import type { ReactNode } from 'react';
import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import { useColours } from '../../theme/theme';

/** Things that belong together. */
export function Card({
  children,
  edge,
  style,
}: {
  children: ReactNode;
  edge?: string;
  style?: StyleProp<ViewStyle>;
}) {
  const { surface, line } = useColours();
  return (
    <View
      style={[
        styles.card,
        { backgroundColor: surface, borderColor: line },
        edge ? { borderLeftWidth: 6, borderLeftColor: edge } : null,
        style,
      ]}
    >
      {children}
    </View>
  );
}

const styles = StyleSheet.create({ card: { borderWidth: 1, borderRadius: 8, padding: 14, gap: 8 } });
