import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Icon } from '../Icon/Icon';
import { PressableCard } from '../PressableCard/PressableCard';

interface Props {
  title: string;
  /** What is in it, told while it is closed. */
  told?: string;
  /** Something in it has to be seen, such as a field that is wrong. */
  mustOpen?: boolean;
  children: ReactNode;
}

/** A part of a screen that is opened when it is wanted. What is typed in it stays when it is closed. */
export function Section({ title, told, mustOpen = false, children }: Props) {
  const own = useColours();
  const [opened, setOpened] = useState(false);
  const open = opened || mustOpen;
  return (
    <View style={[styles.root, { borderColor: own.line, backgroundColor: own.surface }]}>
      <PressableCard aria-expanded={open} style={styles.head} onPress={() => setOpened(!open)}>
        <View style={styles.row}>
          <View style={styles.grow}>
            <Text variant="titleMedium">{title}</Text>
            {told && !open ? <Text variant="bodySmall">{told}</Text> : null}
          </View>
          <Icon name={open ? 'chevron-up' : 'chevron-down'} colour={own.inkSoft} />
        </View>
      </PressableCard>
      <View style={open ? styles.inside : styles.closed}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { borderWidth: 1, borderRadius: 8 },
  head: { borderWidth: 0, backgroundColor: 'transparent' },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
  inside: { padding: 12, paddingTop: 0, gap: 12 },
  closed: { display: 'none' },
});
