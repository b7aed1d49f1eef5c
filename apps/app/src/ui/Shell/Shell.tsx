import { Link, usePathname, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { screen } from '../../screens/screen';
import { selectMe } from '../../store/selectors';
import { useAppSelector } from '../../store/store';
import { useColours } from '../../theme/theme';
import { ErrorBoundary } from '../ErrorBoundary/ErrorBoundary';
import { Icon, type IconName } from '../Icon/Icon';
import { places } from './places';
import { UnsentLine } from '../Notice/UnsentLine';
import { useIdle } from '../hooks/useIdle';
import { useWide } from '../hooks/useWide';
import { texts } from '../texts';

// Comes with the later screens once the first one stands idle, so that these are there when they are wanted.
const Keys = screen('Keys', null);
const FreshVersion = screen('FreshVersion', null);
const ChangeFeed = screen('ChangeFeed', null);
const Tour = screen('Tour', null);

const full = /^\/(athletes\/[^/]+\/(session|sheet)|drills\/cards|(s|join|reset)\/.+|found|forgot)$/;

/** The places of the app: a bar at the bottom on a phone, a rail on a wide screen, nothing while working. */
export function Shell({ children }: { children: ReactNode }) {
  const wide = useWide();
  const path = usePathname();
  const { ground, surface, line } = useColours();
  const working = full.test(path);
  const helps = Boolean(useAppSelector(selectMe)?.person.campId);
  const idle = useIdle();
  const bar = (
    <View
      role="navigation"
      aria-label={texts.places}
      style={[wide ? styles.rail : styles.bar, { backgroundColor: surface, borderColor: line }]}
    >
      {places
        .filter(({ name }) => !helps || name === 'Camps')
        .map(({ name, href, icon, also }) => (
          <Place
            key={name}
            name={name}
            href={href}
            icon={icon}
            wide={wide}
            here={path === href || also.some((start) => path.startsWith(start))}
          />
        ))}
    </View>
  );
  return (
    <View style={[styles.root, { backgroundColor: ground }, wide ? styles.beside : null]}>
      {idle ? <Keys /> : null}
      {wide && !working ? bar : null}
      <View style={styles.content}>
        {idle ? <FreshVersion /> : null}
        {idle ? <ChangeFeed /> : null}
        <UnsentLine />
        <ErrorBoundary path={path}>{children}</ErrorBoundary>
        {idle ? <Tour /> : null}
      </View>
      {!wide && !working ? bar : null}
    </View>
  );
}

interface PlaceProps {
  name: string;
  href: Href;
  icon: IconName;
  wide: boolean;
  here: boolean;
}

function Place({ name, href, icon, wide, here }: PlaceProps) {
  const own = useColours();
  return (
    <Link href={href} asChild>
      <Pressable
        role="link"
        aria-current={here ? 'page' : undefined}
        style={StyleSheet.flatten([styles.place, wide ? styles.inRail : styles.inBar])}
      >
        <View
          style={[
            styles.mark,
            here ? { backgroundColor: own.amberSunk, borderColor: own.amber } : styles.clear,
          ]}
        >
          <Icon name={icon} colour={here ? own.ink : own.inkSoft} />
        </View>
        <Text variant="labelSmall" style={{ color: here ? own.ink : own.inkSoft }}>
          {name}
        </Text>
      </Pressable>
    </Link>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1 },
  beside: { flexDirection: 'row' },
  content: { flex: 1, minWidth: 0, minHeight: 0 },
  bar: { flexDirection: 'row', borderTopWidth: 1 },
  rail: { width: 88, borderRightWidth: 1, paddingTop: 16, gap: 8 },
  place: { alignItems: 'center', justifyContent: 'center', minHeight: 56, paddingVertical: 6, gap: 2 },
  inBar: { flex: 1 },
  inRail: { width: 88 },
  mark: { paddingHorizontal: 14, paddingVertical: 2, borderRadius: 6, borderBottomWidth: 3 },
  clear: { borderColor: 'transparent' },
});
