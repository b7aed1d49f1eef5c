import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useColours } from '../theme/theme';

interface Props {
  /** Stays at the top while the rest scrolls. */
  head?: ReactNode;
  /** Stays at the bottom, within reach of a thumb. */
  foot?: ReactNode;
  most?: number;
  children: ReactNode;
}

/** A part of a screen that scrolls by itself. */
export function Pane({ head, foot, most = 760, children }: Props) {
  const { ground } = useColours();
  return (
    <View style={[styles.whole, { backgroundColor: ground }]}>
      {head}
      <ScrollView
        tabIndex={0}
        style={styles.whole}
        contentContainerStyle={[styles.content, { maxWidth: most }]}
      >
        {children}
      </ScrollView>
      {foot}
    </View>
  );
}

const styles = StyleSheet.create({
  whole: { flex: 1, minHeight: 0 },
  content: { padding: 16, paddingBottom: 32, gap: 12, width: '100%', alignSelf: 'center' },
});
