import { missReasons, type Drill } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Button, Dialog, Portal, Text } from 'react-native-paper';
import { Press } from '../../ui/Press';

interface Props {
  drill: Drill;
  onWhy: (reason: string) => void;
  onClose: () => void;
}

/** Why a rep was missed, one tap. */
export function WhyMissed({ drill, onWhy, onClose }: Props) {
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={styles.dialog}>
        <Dialog.Title>Missed: why?</Dialog.Title>
        <Dialog.Content>
          <View style={styles.reasons}>
            {missReasons(drill).map(({ id, name }) => (
              <Press key={id} onPress={() => onWhy(id)}>
                <Text variant="labelLarge">{name}</Text>
              </Press>
            ))}
          </View>
        </Dialog.Content>
        <Dialog.Actions>
          <Button onPress={onClose}>Cancel</Button>
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({
  dialog: { width: '92%', maxWidth: 420, alignSelf: 'center' },
  reasons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
