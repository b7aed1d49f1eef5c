import { missReasons, type Drill } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Sheet } from './Sheet';
import { texts } from './texts';

interface Props {
  drill: Drill;
  onWhy: (reason: string) => void;
  onClose: () => void;
}

/** Why a rep was missed, one tap. */
export function WhyMissed({ drill, onWhy, onClose }: Props) {
  return (
    <Sheet title={texts.missedWhy} onClose={onClose}>
      <View style={styles.reasons}>
        {missReasons(drill).map(({ id, name }) => (
          <PressableCard key={id} onPress={() => onWhy(id)}>
            <Text variant="labelLarge">{name}</Text>
          </PressableCard>
        ))}
      </View>
    </Sheet>
  );
}

const styles = StyleSheet.create({ reasons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
