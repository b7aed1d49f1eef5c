import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** One line for the parent, to be copied or handed to another app. */
export function ReportLine({ text }: { text: string }) {
  const [copied, setCopied] = useState<'yes' | 'no' | null>(null);
  const share = typeof navigator.share === 'function';
  const hand = async () => {
    try {
      if (share) await navigator.share({ text });
      else await navigator.clipboard.writeText(text);
      setCopied('yes');
    } catch (error) {
      // Whoever closes the list of apps has not failed.
      if ((error as Error).name !== 'AbortError') setCopied('no');
    }
  };
  return (
    <Card>
      <Heading>{texts.forTheParent}</Heading>
      <Text selectable>{text}</Text>
      {copied === 'no' ? <Text role="alert">{texts.thisBrowserDidNot}</Text> : null}
      <View style={styles.row}>
        <Button mode="outlined" icon="share-variant" onPress={() => void hand()}>
          {copied === 'yes'
            ? share
              ? texts.shared
              : texts.copied
            : share
              ? texts.shareWithTheParent
              : texts.copyTheText}
        </Button>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
