import type { ReactNode } from 'react';
import { ScrollView, StyleSheet } from 'react-native';
import { Portal } from 'react-native-paper';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { Dialog } from '../../ui/Dialog/Dialog';

interface Props {
  title: string;
  onClose: () => void;
  /** On the way out without anything. */
  close?: string;
  /** Beside the way out. */
  action?: ReactNode;
  children: ReactNode;
}

/** Something to choose above the two areas; what does not fit is scrolled. */
export function Sheet({ title, onClose, close = texts.cancel, action, children }: Props) {
  return (
    <Portal>
      <Dialog visible onDismiss={onClose} style={styles.sheet}>
        <Dialog.Title>{title}</Dialog.Title>
        <Dialog.ScrollArea style={styles.area}>
          <ScrollView contentContainerStyle={styles.content}>{children}</ScrollView>
        </Dialog.ScrollArea>
        <Dialog.Actions>
          <Button onPress={onClose}>{close}</Button>
          {action}
        </Dialog.Actions>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({
  sheet: { width: '92%', maxWidth: 480, maxHeight: '86%', alignSelf: 'center' },
  area: { paddingHorizontal: 0 },
  content: { gap: 12, paddingVertical: 12, paddingHorizontal: 20 },
});
