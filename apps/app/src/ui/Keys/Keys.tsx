import { verbs } from '@wrightonic/core/due';
import { router, usePathname } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { StyleSheet } from 'react-native';
import { Portal, Text } from 'react-native-paper';
import { places } from '../Shell/places';
import { texts } from '../texts';
import { Dialog } from '../Dialog/Dialog';

const help: readonly [string, string][] = [
  ['/', texts.searchTheRoster],
  ...places.map(({ key, name }): [string, string] => [`g ${key}`, name]),
  ...verbs.map((verb, n): [string, string] => [`${n + 1}`, texts.onAnAthlete(verb)]),
  ['← →', texts.oneFrame],
  ['e', texts.thenALetterMarks],
  ['?', texts.thisList],
];

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(input|textarea|select)$/i.test(target.tagName));

/** Keys for the evening at a table. */
export function Keys() {
  const [open, setOpen] = useState(false);
  const path = usePathname();
  const afterG = useRef(false);
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const going = afterG.current;
      afterG.current = event.key === 'g';
      const [, athlete] = /^\/athletes\/([^/]+)/.exec(path) ?? [];
      const verb = verbs[Number(event.key) - 1];
      const place = going ? places.find(({ key }) => key === event.key) : undefined;
      if (place) router.navigate(place.href);
      else if (event.key === '/') router.navigate('/roster?search=1');
      else if (event.key === '?') setOpen(true);
      else if (athlete && verb && !path.endsWith('/session')) router.navigate(`/athletes/${athlete}/${verb}`);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [path]);
  return (
    <Portal>
      <Dialog visible={open} onDismiss={() => setOpen(false)} style={styles.dialog}>
        <Dialog.Title>{texts.keys}</Dialog.Title>
        <Dialog.Content>
          {help.map(([key, what]) => (
            <Text key={key}>
              <Text variant="labelLarge">{key}</Text> {what}
            </Text>
          ))}
        </Dialog.Content>
      </Dialog>
    </Portal>
  );
}

const styles = StyleSheet.create({ dialog: { maxWidth: 420, width: '90%', alignSelf: 'center' } });
