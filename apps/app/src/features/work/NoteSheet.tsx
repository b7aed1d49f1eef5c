import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Sheet } from './Sheet';
import { TextField } from '../../ui/form/TextField';

interface Props {
  /** Name of the drill. */
  about: string;
  onNote: (text: string) => void;
  onClose: () => void;
}

/** What is noted most often, so that a thumb is enough. */
const usual = [
  'Found it without help',
  'Better at the end',
  'Rushes when tired',
  'Needs the constraint',
  'Try it smaller',
  'Lost it on the mound',
  'Show the clip',
];

/** A note with one tap, or in one’s own words. */
export function NoteSheet({ about, onNote, onClose }: Props) {
  const [text, setText] = useState('');
  const note = (words: string) => {
    onNote(words);
    onClose();
  };
  return (
    <Sheet
      title={`Note on ${about}`}
      onClose={onClose}
      action={
        <Button mode="contained" disabled={!text.trim()} onPress={() => note(text.trim())}>
          Keep
        </Button>
      }
    >
      <View style={styles.usual}>
        {usual.map((words) => (
          <PressableCard key={words} onPress={() => note(words)}>
            <Text variant="labelLarge">{words}</Text>
          </PressableCard>
        ))}
      </View>
      <TextField
        label="In your own words"
        name="Note in your own words"
        value={text}
        onChange={setText}
        atMost={300}
        lines={3}
      />
    </Sheet>
  );
}

const styles = StyleSheet.create({ usual: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
