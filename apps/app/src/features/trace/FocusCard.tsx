import {
  canBeFocus,
  focusWords,
  nodeName,
  noFocusWords,
  type Discipline,
  type Thread,
  type Trace,
} from '@wrightonic/core';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Dialog, Portal, Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { Card } from '../../ui/Card/Card';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { threadNames } from '../../ui/words/threadWords';

interface Props {
  discipline: Discipline;
  thread: Thread;
  trace: Trace;
  chosen: string | null;
  /** In a trial the proposal is shown and nothing is pinned. */
  trying: boolean;
  onChoose: (id: string | null) => void;
}

export function FocusCard({ discipline, thread, trace, chosen, trying, onChoose }: Props) {
  const own = useColours();
  const [open, setOpen] = useState(false);
  const proposed = trace.focus[thread];
  const reason = trace.reasons.find((each) => each.thread === thread);
  const leftAlone = (id: string) => trace.left.some((each) => each.id === id);
  const choices = trace.roots.filter(({ id }) => canBeFocus(id, thread, discipline) && !leftAlone(id));
  const choose = (id: string | null) => {
    onChoose(id);
    setOpen(false);
  };
  return (
    <Card edge={thread === 'lower' ? own.grass : own.clay}>
      <Text variant="labelMedium">{threadNames[thread]}</Text>
      <Text variant="titleLarge" role="heading" aria-level={2}>
        {chosen ? nodeName(chosen) : 'No focus'}
      </Text>
      {!chosen && !proposed ? <Text>{noFocusWords(thread, trace)}</Text> : null}
      {chosen && chosen === proposed && reason ? <Text>{focusWords(reason, trace)}</Text> : null}
      {chosen && leftAlone(chosen) ? (
        <Text>It works for this athlete and stands under “Leave alone”: think of no focus here.</Text>
      ) : null}
      {chosen !== proposed ? (
        <Text>{`Pinned by you. Proposed: ${proposed ? nodeName(proposed) : 'no focus here'}.`}</Text>
      ) : null}
      {!trying && (choices.length || chosen) ? (
        <View style={styles.row}>
          <Button
            mode="outlined"
            icon="pin"
            accessibilityLabel={`Pin another focus for ${threadNames[thread].toLowerCase()}`}
            onPress={() => setOpen(true)}
          >
            Pin another
          </Button>
        </View>
      ) : null}
      <Portal>
        <Dialog visible={open} onDismiss={() => setOpen(false)} style={styles.dialog}>
          <Dialog.Title>{threadNames[thread]}</Dialog.Title>
          <Dialog.ScrollArea>
            <ScrollView contentContainerStyle={styles.choices}>
              {choices.map(({ id, share }) => (
                <PressableCard key={id} chosen={id === chosen} onPress={() => choose(id)}>
                  <Text variant="labelLarge">{nodeName(id)}</Text>
                  <Text variant="bodySmall">
                    {`${Math.round(share * 100)} % of the picture${id === proposed ? ', proposed' : ''}`}
                  </Text>
                </PressableCard>
              ))}
              <PressableCard chosen={chosen === null} onPress={() => choose(null)}>
                <Text variant="labelLarge">No focus on this thread</Text>
              </PressableCard>
            </ScrollView>
          </Dialog.ScrollArea>
          <Dialog.Actions>
            <Button onPress={() => setOpen(false)}>Close</Button>
          </Dialog.Actions>
        </Dialog>
      </Portal>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row' },
  dialog: { maxWidth: 480, width: '92%', alignSelf: 'center', maxHeight: '80%' },
  choices: { gap: 8, paddingVertical: 8 },
});
