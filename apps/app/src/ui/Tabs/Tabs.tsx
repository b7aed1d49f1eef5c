import { Link, type Href } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { texts } from '../texts';

export interface Tab {
  name: string;
  href: Href;
  here: boolean;
  /** What is to be done next is there. */
  due?: boolean;
}

/** The pages of one thing, side by side. */
export function Tabs({ label, tabs }: { label: string; tabs: readonly Tab[] }) {
  return (
    <View role="navigation" aria-label={label} style={styles.root}>
      {tabs.map((tab) => (
        <One key={tab.name} {...tab} />
      ))}
    </View>
  );
}

function One({ name, href, here, due }: Tab) {
  const own = useColours();
  return (
    <Link href={href} replace asChild>
      <Pressable
        role="link"
        aria-current={here ? 'page' : undefined}
        aria-label={due ? texts.due(name) : name}
        style={StyleSheet.flatten([styles.tab, { borderColor: here ? own.clay : 'transparent' }])}
      >
        <Text variant="titleMedium" style={[styles.name, { color: here ? own.ink : own.inkSoft }]}>
          {name}
        </Text>
        {due ? <View style={[styles.due, { backgroundColor: own.clay }]} /> : null}
      </Pressable>
    </Link>
  );
}

const styles = StyleSheet.create({
  root: { flexDirection: 'row', maxWidth: 560 },
  tab: { flex: 1, minHeight: 46, alignItems: 'center', justifyContent: 'center', borderBottomWidth: 4 },
  name: { textTransform: 'capitalize' },
  due: { position: 'absolute', top: 8, right: 10, width: 8, height: 8, borderRadius: 4 },
});
