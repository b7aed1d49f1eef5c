import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { Card } from '../../ui/Card';

/** Throws that pain has locked open again only with who cleared them and why; both are kept. */
export function Unlock({ onCleared }: { onCleared: (clearedBy: string, reason: string) => void }) {
  const [open, setOpen] = useState(false);
  const [by, setBy] = useState('');
  const [reason, setReason] = useState('');
  if (!open)
    return (
      <Button mode="text" onPress={() => setOpen(true)} style={styles.start}>
        Somebody licensed has cleared the throws
      </Button>
    );
  return (
    <Card>
      <Text>Only with a clearance. Who gave it and why stays in the history.</Text>
      <TextInput
        mode="outlined"
        label="Who cleared them"
        aria-label="Who cleared the throws"
        value={by}
        onChangeText={setBy}
        maxLength={120}
      />
      <TextInput
        mode="outlined"
        label="Why"
        aria-label="Why the throws are open again"
        value={reason}
        onChangeText={setReason}
        maxLength={300}
      />
      <View style={styles.row}>
        <Button
          mode="contained"
          disabled={!by.trim() || !reason.trim()}
          onPress={() => onCleared(by.trim(), reason.trim())}
        >
          Open the throws
        </Button>
        <Button mode="text" onPress={() => setOpen(false)}>
          Leave them locked
        </Button>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  start: { alignSelf: 'flex-start' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
