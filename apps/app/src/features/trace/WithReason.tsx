import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, TextInput } from 'react-native-paper';

interface Props {
  label: string;
  action: string;
  onDone: (reason: string) => void;
  onLeave: () => void;
}

/** Something that is only done with a reason, which goes into the history. */
export function WithReason({ label, action, onDone, onLeave }: Props) {
  const [reason, setReason] = useState('');
  return (
    <View style={styles.root}>
      <TextInput
        mode="outlined"
        label={label}
        aria-label={label}
        value={reason}
        onChangeText={setReason}
        maxLength={300}
        autoFocus
      />
      <View style={styles.row}>
        <Button mode="contained" disabled={!reason.trim()} onPress={() => onDone(reason.trim())}>
          {action}
        </Button>
        <Button mode="text" onPress={onLeave}>
          Leave it
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
