import type { TracePage } from '@wrightonic/contract';
import { oneFocusBelow, type Trace } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useWide } from '../../ui/hooks/useWide';
import { threads } from '../../ui/words/threadWords';
import { FocusCard } from './FocusCard';
import type { FocusChoice } from './useFocusChoice';
import { TextField } from '../../ui/form/TextField';

interface Props {
  athlete: TracePage['athlete'];
  choice: FocusChoice;
  seen: Trace;
  /** What a trial comes to; null while nothing is tried. */
  trial: Trace | null;
}

/** The focus of each thread, side by side where there is room, and why another one than was proposed. */
export function FocusChoiceCards({ athlete, choice, seen, trial }: Props) {
  const wide = useWide();
  return (
    <>
      <View style={wide ? styles.beside : styles.below}>
        {threads.map((thread) => (
          <View key={thread} style={wide ? styles.half : null}>
            <FocusCard
              discipline={athlete.discipline}
              thread={thread}
              trace={trial ?? seen}
              chosen={(trial ? trial.focus : choice.focus)[thread]}
              trying={trial !== null}
              onChoose={(to) => choice.pin(thread, to)}
            />
          </View>
        ))}
      </View>
      {athlete.age < oneFocusBelow ? (
        <Text variant="bodySmall">{`Below age ${oneFocusBelow} there is one focus at a time.`}</Text>
      ) : null}
      {choice.differs && !trial ? (
        <TextField
          label="Why another focus than the proposed one?"
          value={choice.reason}
          onChange={choice.setReason}
          atMost={300}
        />
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', gap: 12 },
  half: { flex: 1 },
  below: { gap: 10 },
});
