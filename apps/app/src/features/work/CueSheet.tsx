import {
  cueCountWords,
  cueIn,
  longestCue,
  voices,
  type CueLine,
  type CueOwner,
  type Drill,
} from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Choices } from '../../ui/form/Choices';
import { cueOwnerNames } from '../../ui/words/kindWords';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { useBook } from '../../ui/hooks/useBook';
import { Sheet } from './Sheet';
import { TextField } from '../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

interface Props {
  drill: Drill;
  /** Cues that were used already, in the order in which they were. */
  lines: readonly CueLine[];
  onCue: (text: string, whose: CueOwner) => void;
  onClose: () => void;
}

/** Another cue with one tap, or in somebody's own words. */
export function CueSheet({ drill, lines, onCue, onClose }: Props) {
  const book = useBook();
  const [text, setText] = useState('');
  const [whose, setWhose] = useState<CueOwner>('instructor');
  const choose = (words: string, owner: CueOwner) => {
    onCue(words, owner);
    onClose();
  };
  const used = new Set(lines.map((line) => line.text));
  const fresh = voices
    .filter((voice) => voice !== 'detail')
    .map((voice) => cueIn(drill.id, voice, book))
    .filter((words, n, all) => !used.has(words) && all.indexOf(words) === n);
  const typed = text.trim();
  const tooLong = typed.length > longestCue;
  return (
    <Sheet
      title={texts.changeTheCue}
      onClose={onClose}
      action={
        <Button mode="contained" disabled={!typed || tooLong} onPress={() => choose(typed, whose)}>
          {texts.useTheseWords}
        </Button>
      }
    >
      <View role="group" aria-label={texts.cues} style={styles.cues}>
        {lines.map((line) => (
          <PressableCard
            key={line.text}
            aria-label={texts.useTheCueNow(line.text, line.live)}
            onPress={() => (line.live ? onClose() : choose(line.text, line.whose))}
          >
            <Text variant="titleMedium">{`“${line.text}”`}</Text>
            <Text variant="bodySmall">
              {`${line.live ? texts.now : ''}${cueOwnerNames[line.whose]}; ${cueCountWords(line)}`}
            </Text>
          </PressableCard>
        ))}
        {fresh.map((words) => (
          <PressableCard key={words} aria-label={texts.use(words)} onPress={() => choose(words, 'drill')}>
            <Text variant="titleMedium">{`“${words}”`}</Text>
            <Text variant="bodySmall">{texts.notUsedYet(cueOwnerNames.drill)}</Text>
          </PressableCard>
        ))}
      </View>
      <TextField
        label={texts.orInOtherWords}
        name={texts.theCueInOther}
        value={text}
        onChange={setText}
        wrong={tooLong ? texts.aCueHas(longestCue, typed.length) : undefined}
      />
      <Choices<CueOwner>
        label={texts.whoseWords}
        shown
        value={whose}
        onChange={setWhose}
        options={(['instructor', 'athlete'] as const).map((value) => ({ value, text: cueOwnerNames[value] }))}
      />
    </Sheet>
  );
}

const styles = StyleSheet.create({ cues: { gap: 8 } });
