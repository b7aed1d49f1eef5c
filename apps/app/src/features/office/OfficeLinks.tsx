import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Icon } from '../../ui/Icon/Icon';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { useMe } from '../../store/useAthlete';
import { screensFor } from './parts';

/** The parts of the office that have a screen of their own. */
export function OfficeLinks() {
  const own = useColours();
  const { role } = useMe().person;
  return screensFor(role).map(({ href, name, what }) => (
    <PressableCard key={name} role="link" onPress={() => router.navigate(href)}>
      <View style={styles.row}>
        <View style={styles.grow}>
          <Text variant="titleMedium">{name}</Text>
          <Text variant="bodySmall">{what}</Text>
        </View>
        <Icon name="chevron-right" colour={own.inkSoft} />
      </View>
    </PressableCard>
  ));
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
});
