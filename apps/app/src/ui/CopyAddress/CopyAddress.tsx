import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';

/** An address that is shown once, to be copied. */
export function CopyAddress({ address }: { address: string }) {
  const [copied, setCopied] = useState<'yes' | 'no' | null>(null);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(address);
      setCopied('yes');
    } catch {
      // Browsers keep the clipboard from pages that are not served securely.
      setCopied('no');
    }
  };
  return (
    <View style={styles.root}>
      <Text variant="labelLarge" selectable>
        {address}
      </Text>
      {copied === 'no' ? (
        <Text role="alert">
          This browser does not let it be copied. Select the address and copy it by hand.
        </Text>
      ) : null}
      <Button mode="contained" icon="share-variant" onPress={() => void copy()} style={styles.start}>
        {copied === 'yes' ? 'Copied' : 'Copy the address'}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ root: { gap: 8 }, start: { alignSelf: 'flex-start' } });
