import type { Offer } from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Icon, type IconName } from '../../ui/Icon/Icon';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';

const tools: readonly { path: string; name: string; what: string; icon: IconName; from: Offer['from'] }[] = [
  {
    path: 'screen',
    name: texts.physicalScreen,
    what: texts.whatTheBodyAllows,
    icon: 'human',
    from: 'screen',
  },
  {
    path: 'throws',
    name: texts.throws,
    what: texts.whereTheBallGoes,
    icon: 'target',
    from: 'throws',
  },
  { path: 'clip', name: texts.clipBench, what: texts.framesTimesAngles, icon: 'movie-open', from: 'clip' },
  {
    path: 'curves',
    name: texts.speedCurves,
    what: texts.hipsTrunkArm,
    icon: 'chart-bell-curve',
    from: 'curves',
  },
];

/** Whatever measures beside the eye, and what it has to offer to the next look. */
export function LookTools({ athleteId, offers }: { athleteId: string; offers: readonly Offer[] }) {
  return (
    <View style={styles.root}>
      <Heading>{texts.measure}</Heading>
      <View style={styles.grid}>
        {tools.map(({ path, name, what, icon, from }) => {
          const waiting = offers.filter((offer) => offer.from === from).length;
          return (
            <PressableCard
              key={path}
              role="link"
              style={styles.tool}
              onPress={() => router.navigate(`/athletes/${athleteId}/${path}`)}
            >
              <View style={styles.head}>
                <Icon name={icon} />
                <Text variant="titleMedium" style={styles.grow}>
                  {name}
                </Text>
              </View>
              <Text variant="bodySmall">{what}</Text>
              {waiting ? <Text variant="labelMedium">{texts.forTheNextLook(waiting)}</Text> : null}
            </PressableCard>
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  tool: { flexGrow: 1, flexBasis: 160, minWidth: 160, gap: 4 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
});
