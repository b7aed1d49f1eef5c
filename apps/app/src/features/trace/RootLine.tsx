import { chainWords, nodeName, type Root } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { PressableCard } from '../../ui/PressableCard/PressableCard';

interface Props {
  root: Root;
  total: number;
  open: boolean;
  onPress: () => void;
}

/** A root with its share; pressed, it tells the chain and lights its arcs. */
export function RootLine({ root, total, open, onPress }: Props) {
  const own = useColours();
  return (
    <PressableCard onPress={onPress} chosen={open} aria-expanded={open} style={styles.root}>
      <View style={styles.row}>
        <Text variant="titleMedium" style={styles.name}>
          {nodeName(root.id)}
        </Text>
        <Text variant="titleLarge">{`${Math.round(root.share * 100)} %`}</Text>
      </View>
      <View style={[styles.track, { backgroundColor: own.sunk }]}>
        <View style={[styles.bar, { backgroundColor: own.dusk, width: `${root.share * 100}%` }]} />
      </View>
      <Text variant="bodyMedium">{chainWords(root, total)}</Text>
    </PressableCard>
  );
}

const styles = StyleSheet.create({
  root: { gap: 6 },
  row: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  name: { flex: 1 },
  track: { height: 6, borderRadius: 3, overflow: 'hidden' },
  bar: { height: 6 },
});
