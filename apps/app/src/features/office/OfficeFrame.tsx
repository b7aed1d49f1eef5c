import { Link, Slot, useGlobalSearchParams, usePathname, type Href } from 'expo-router';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { useWide } from '../../ui/hooks/useWide';
import { useMe } from '../../store/useAthlete';
import { officeParts, screensFor } from './parts';
import { texts } from './texts';

/** The office, on a wide screen beside a list of its parts. */
export function OfficeFrame() {
  const wide = useWide();
  const own = useColours();
  const path = usePathname();
  const { role } = useMe().person;
  const { part } = useGlobalSearchParams<{ part?: string }>();
  if (!wide) return <Slot />;
  const parts: { href: Href; name: string; here: boolean }[] = [
    ...officeParts.map(({ id, name }, n) => ({
      href: `/office?part=${id}` as const,
      name,
      here: path === '/office' && (part ? part === id : n === 0),
    })),
    ...screensFor(role).map(({ href, name }) => ({ href, name, here: path === href })),
  ];
  return (
    <View style={styles.beside}>
      <ScrollView
        style={[styles.list, { borderColor: own.line }]}
        role="navigation"
        aria-label={texts.office}
      >
        <Text variant="headlineMedium" style={styles.title}>
          {texts.office}
        </Text>
        {parts.map((each) => (
          <Part key={each.name} {...each} />
        ))}
      </ScrollView>
      <View style={styles.root}>
        <Slot />
      </View>
    </View>
  );
}

function Part({ href, name, here }: { href: Href; name: string; here: boolean }) {
  const own = useColours();
  return (
    <Link href={href} asChild>
      <Pressable
        role="link"
        aria-current={here ? 'page' : undefined}
        style={StyleSheet.flatten([
          styles.part,
          {
            backgroundColor: here ? own.amberSunk : 'transparent',
            borderColor: here ? own.amber : 'transparent',
          },
        ])}
      >
        <Text variant="labelLarge">{name}</Text>
      </Pressable>
    </Link>
  );
}

const styles = StyleSheet.create({
  beside: { flex: 1, flexDirection: 'row', minHeight: 0 },
  list: { flexGrow: 0, width: 260, borderRightWidth: 1, padding: 12 },
  title: { padding: 8 },
  part: {
    minHeight: 44,
    justifyContent: 'center',
    paddingHorizontal: 12,
    borderLeftWidth: 4,
    borderRadius: 4,
  },
  root: { flex: 1, minWidth: 0 },
});
