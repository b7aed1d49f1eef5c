import type { TracePage } from '@wrightonic/contract';
import { plainWords, voices, type Focus, type Trace, type Voice } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { voiceNames } from '../../ui/words/kindWords';
import { Heading } from '../../ui/Screen/Screen';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** Two sentences to say to the athlete and to the parent, in the athlete's cue voice. */
export function PlainCard({
  athlete,
  result,
  focus,
}: {
  athlete: TracePage['athlete'];
  result: Trace;
  focus: Focus;
}) {
  const [voice, setVoice] = useState<Voice>(athlete.voice);
  const [copied, setCopied] = useState<string | null>(null);
  const words = plainWords(result, focus, voice);
  if (!words) return null;
  const said: [to: string, text: string][] =
    words.athlete === words.parent
      ? [[texts.toAndTheParent(athlete.givenName), words.athlete]]
      : [
          [texts.to(athlete.givenName), words.athlete],
          [texts.toTheParent, words.parent],
        ];
  const copy = (text: string) =>
    void navigator.clipboard?.writeText(text).then(
      () => setCopied(text),
      () => setCopied(null),
    );
  return (
    <Card>
      <Heading level={3}>{texts.inPlainWords}</Heading>
      {said.map(([to, text]) => (
        <View key={to} style={styles.one}>
          <Text variant="labelMedium">{to}</Text>
          <Text variant="bodyLarge">{text}</Text>
          <Button
            mode="text"
            compact
            style={styles.start}
            accessibilityLabel={texts.copyTheWords(to.toLowerCase())}
            onPress={() => copy(text)}
          >
            {copied === text ? texts.copied : texts.copy}
          </Button>
        </View>
      ))}
      <Choices<Voice>
        label={texts.cueVoice}
        value={voice}
        onChange={setVoice}
        options={voices.map((value) => ({ value, text: voiceNames[value] }))}
      />
    </Card>
  );
}

const styles = StyleSheet.create({ one: { gap: 2 }, start: { alignSelf: 'flex-start' } });
