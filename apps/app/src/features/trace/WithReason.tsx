import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { TextField } from '../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

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
      <TextField label={label} value={reason} onChange={setReason} atMost={300} autoFocus />
      <View style={styles.row}>
        <Button mode="contained" disabled={!reason.trim()} onPress={() => onDone(reason.trim())}>
          {action}
        </Button>
        <Button mode="text" onPress={onLeave}>
          {texts.cancel}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
