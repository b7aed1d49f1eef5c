import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { texts } from '../texts';
import { Button } from '../Button/Button';

interface Props {
  /** What the button says: “Copy link”. */
  label: string;
  text: string;
  /** The text stands elsewhere already. */
  hidden?: boolean;
}

/** A text to be copied; where the browser keeps the clipboard it can be selected by hand. */
export function CopyText({ label, text, hidden = false }: Props) {
  const [copied, setCopied] = useState<'yes' | 'no' | null>(null);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
      setCopied('yes');
    } catch {
      // Browsers keep the clipboard from pages that are not served securely.
      setCopied('no');
    }
  };
  return (
    <View style={hidden ? null : styles.root}>
      {hidden && copied !== 'no' ? null : <Text selectable>{text}</Text>}
      {copied === 'no' ? <Text role="alert">{texts.thisBrowserDidNot}</Text> : null}
      <Button
        mode={hidden ? 'text' : 'contained'}
        icon={hidden ? 'link-variant' : 'content-copy'}
        onPress={() => void copy()}
        style={styles.start}
      >
        {copied === 'yes' ? texts.copied : label}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ root: { gap: 8 }, start: { alignSelf: 'flex-start' } });
