import { router, useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useColours } from '../../theme/theme';
import { SearchField } from '../../ui/form/SearchField';
import { useWide } from '../../ui/hooks/useWide';
import { SeamLegend } from '../../ui/Legend/SeamLegend';
import { Empty } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { topics } from './guide';
import { topicOf, topicsWith } from './topic';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** A paragraph of the guide: *names of the interface* stand out, `code` is set as such. */
function Paragraph({ text }: { text: string }) {
  const own = useColours();
  if (text.startsWith('```'))
    return (
      <Text style={[styles.code, { backgroundColor: own.sunk }]} selectable>
        {text.replaceAll('```', '').trim()}
      </Text>
    );
  return (
    <Text>
      {text.split(/(\*\*[^*]+\*\*|\*[^*]+\*|`[^`]+`)/).map((part, n) => {
        const strong = /^\*+([^*]+)\*+$/.exec(part);
        if (strong)
          return (
            <Text key={n} variant="labelLarge">
              {strong[1]}
            </Text>
          );
        return part.startsWith('`') ? (
          <Text key={n} style={styles.mono}>
            {part.slice(1, -1)}
          </Text>
        ) : (
          part
        );
      })}
    </Text>
  );
}

/** The guide: the topic of where one came from, and all others to be found by their words. */
export function Help() {
  const wide = useWide();
  const { topic, at } = useLocalSearchParams<{ topic?: string; at?: string }>();
  const [search, setSearch] = useState('');
  const [legend, setLegend] = useState(false);
  const found = topicsWith(search);
  const wanted = topic ?? topicOf(at ?? '/');
  const shown = topics.find(({ id }) => id === wanted) ?? topics[0]!;
  const list = (
    <View style={styles.list}>
      <SearchField label={texts.searchTheGuide} value={search} onChange={setSearch} />
      {found.map(({ id, title }) => (
        <PressableCard
          key={id}
          role="link"
          chosen={id === shown.id}
          style={styles.topic}
          onPress={() => {
            setSearch('');
            router.setParams({ topic: id });
          }}
        >
          <Text variant="labelLarge">{title}</Text>
        </PressableCard>
      ))}
      {found.length === 0 ? <Empty>{texts.nothingInTheGuide}</Empty> : null}
    </View>
  );
  const text = (
    <View style={styles.text}>
      <Heading>{shown.title}</Heading>
      {shown.blocks.map((block) => (
        <Paragraph key={block} text={block} />
      ))}
      <Button mode="outlined" style={styles.start} onPress={() => setLegend(true)}>
        {texts.readTheSeam}
      </Button>
    </View>
  );
  return (
    <Screen title={texts.help} back={{ label: texts.back, to: '/' }} maxWidth={wide ? 1100 : 760}>
      {wide ? (
        <View style={styles.beside}>
          <View style={styles.side}>{list}</View>
          {text}
        </View>
      ) : search ? (
        list
      ) : (
        <>
          {text}
          {list}
        </>
      )}
      {legend ? <SeamLegend onClose={() => setLegend(false)} /> : null}
    </Screen>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', gap: 24 },
  side: { width: 300 },
  list: { gap: 8 },
  topic: { paddingVertical: 8 },
  text: { flex: 1, gap: 12, minWidth: 0 },
  start: { alignSelf: 'flex-start' },
  code: { fontFamily: 'monospace', padding: 10, borderRadius: 6 },
  mono: { fontFamily: 'monospace', fontSize: 14 },
});
