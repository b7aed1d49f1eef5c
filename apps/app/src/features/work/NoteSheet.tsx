import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Sheet } from './Sheet';
import { TextField } from '../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  /** Name of the drill. */
  about: string;
  onNote: (text: string) => void;
  onClose: () => void;
}

/** What is noted most often, so that a thumb is enough. */
const usual = [
  texts.foundItWithoutHelp,
  texts.betterAtTheEnd,
  texts.rushesWhenTired,
  texts.needsTheConstraint,
  texts.tryItSmaller,
  texts.lostIt,
  texts.showTheClip,
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
      title={texts.noteOn(about)}
      onClose={onClose}
      action={
        <Button mode="contained" disabled={!text.trim()} onPress={() => note(text.trim())}>
          {texts.keep}
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
        label={texts.inYourOwnWords}
        name={texts.noteInYourOwn}
        value={text}
        onChange={setText}
        atMost={300}
        lines={3}
      />
    </Sheet>
  );
}

const styles = StyleSheet.create({ usual: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
