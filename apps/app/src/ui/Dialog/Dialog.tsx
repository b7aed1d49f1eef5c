import { useEffect, useRef } from 'react';
import { Dialog as PaperDialog, type DialogProps } from 'react-native-paper';

/** The dialogues that are open, the newest last: Escape closes that one alone. */
const open: object[] = [];

/** A dialogue that Escape closes where it can be put away. */
export function Dialog({ visible, dismissable = true, onDismiss, ...props }: DialogProps) {
  const close = useRef(onDismiss);
  useEffect(() => {
    close.current = onDismiss;
  }, [onDismiss]);
  useEffect(() => {
    if (!visible || !dismissable) return undefined;
    const self = {};
    open.push(self);
    const pressed = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && open.at(-1) === self) close.current?.();
    };
    window.addEventListener('keydown', pressed);
    return () => {
      window.removeEventListener('keydown', pressed);
      open.splice(open.indexOf(self), 1);
    };
  }, [visible, dismissable]);
  return (
    <PaperDialog
      {...props}
      visible={visible}
      dismissable={dismissable}
      {...(onDismiss ? { onDismiss } : {})}
    />
  );
}

Dialog.Title = PaperDialog.Title;
Dialog.Content = PaperDialog.Content;
Dialog.Actions = PaperDialog.Actions;
Dialog.ScrollArea = PaperDialog.ScrollArea;
