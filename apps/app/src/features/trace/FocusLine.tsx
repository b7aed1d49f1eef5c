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
import { Portal, Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { threadNames } from '../../ui/words/threadWords';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { IconButton } from '../../ui/Button/IconButton';
import { Dialog } from '../../ui/Dialog/Dialog';

interface Props {
  discipline: Discipline;
  thread: Thread;
  trace: Trace;
  chosen: string | null;
  /** In a trial the proposal is shown and nothing is pinned. */
  trying: boolean;
  onChoose: (id: string | null) => void;
}

/** Why this focus, or why there is none. */
function reasonFor({ thread, trace, chosen }: Pick<Props, 'thread' | 'trace' | 'chosen'>): string | null {
  const proposed = trace.focus[thread];
  if (chosen !== proposed) return texts.yourChoiceProposed(proposed ? nodeName(proposed) : texts.noFocusHere);
  if (!chosen) return noFocusWords(thread, trace);
  if (trace.left.some(({ id }) => id === chosen)) return texts.thisWorks;
  const reason = trace.reasons.find((each) => each.thread === thread);
  return reason ? focusWords(reason, trace) : null;
}

/** The focus of one thread in the verdict, with its reason, and another one behind the pin. */
export function FocusLine(props: Props) {
  const { discipline, thread, trace, chosen, trying, onChoose } = props;
  const own = useColours();
  const [open, setOpen] = useState(false);
  const proposed = trace.focus[thread];
  const leftAlone = (id: string) => trace.left.some((each) => each.id === id);
  const choices = trace.roots.filter(({ id }) => canBeFocus(id, thread, discipline) && !leftAlone(id));
  const reason = reasonFor(props);
  const choose = (id: string | null) => {
    onChoose(id);
    setOpen(false);
  };
  return (
    <View style={[styles.line, { borderColor: thread === 'lower' ? own.grass : own.clay }]}>
      <View style={styles.grow}>
        <Text variant="labelMedium">{threadNames[thread]}</Text>
        <Text variant="titleLarge" role="heading" aria-level={2}>
          {chosen ? nodeName(chosen) : texts.noFocus}
        </Text>
        {reason ? <Text variant="bodySmall">{reason}</Text> : null}
      </View>
      {!trying && (choices.length || chosen) ? (
        <IconButton
          icon="pin-outline"
          accessibilityLabel={texts.chooseAnotherFocusFor(threadNames[thread].toLowerCase())}
          style={styles.pin}
          onPress={() => setOpen(true)}
        />
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
                    {texts.ofWhatYouMarked(Math.round(share * 100), id, proposed)}
                  </Text>
                </PressableCard>
              ))}
              <PressableCard chosen={chosen === null} onPress={() => choose(null)}>
                <Text variant="labelLarge">{texts.noFocusOnThisThread}</Text>
              </PressableCard>
            </ScrollView>
          </Dialog.ScrollArea>
          <Dialog.Actions>
            <Button onPress={() => setOpen(false)}>{texts.close}</Button>
          </Dialog.Actions>
        </Dialog>
      </Portal>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexGrow: 1, flexBasis: 'auto', flexDirection: 'row', borderLeftWidth: 5, paddingLeft: 10 },
  grow: { flex: 1, minWidth: 0 },
  pin: { width: 44, height: 44, margin: 0 },
  dialog: { maxWidth: 480, width: '92%', alignSelf: 'center', maxHeight: '80%' },
  choices: { gap: 8, paddingVertical: 8 },
});
