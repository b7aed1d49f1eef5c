import { createContext, use, useCallback, useRef, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useColours } from '../../theme/theme';

/** What is read in one column is no wider than this, in px. */
export const columnWidth = 760;

interface Props {
  /** Stays at the top while the rest scrolls. */
  head?: ReactNode;
  /** Stays at the bottom, within reach of a thumb. */
  foot?: ReactNode;
  maxWidth?: number;
  children: ReactNode;
}

const Scroller = createContext<() => HTMLElement | null>(() => null);
/** The element that scrolls the pane around, once it stands. */
export const useScroller = () => use(Scroller);

/** A part of a screen that scrolls by itself. */
export function Pane({ head, foot, maxWidth = columnWidth, children }: Props) {
  const { ground } = useColours();
  const scroll = useRef<ScrollView>(null);
  const element = useCallback(() => (scroll.current?.getScrollableNode() ?? null) as HTMLElement | null, []);
  return (
    <View style={[styles.root, { backgroundColor: ground }]}>
      {head}
      <ScrollView
        ref={scroll}
        tabIndex={0}
        style={styles.root}
        contentContainerStyle={[styles.content, { maxWidth }]}
      >
        <Scroller value={element}>{children}</Scroller>
      </ScrollView>
      {foot}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0 },
  content: { padding: 16, paddingBottom: 32, gap: 12, width: '100%', alignSelf: 'center' },
});
