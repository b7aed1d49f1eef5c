import { check, newLexiconEdit } from '@wrightonic/contract';
import { asksFor, cueTags, lexiconWith, type CueTag } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Card } from '../../ui/Card/Card';
import { Choices } from '../../ui/form/Choices';
import { Notice, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Heading, Screen } from '../../ui/Screen/Screen';
import { TextField } from '../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { useMay } from '../../ui/hooks/useMay';

const back = { label: texts.back, to: '/office' } as const;

/** The words by which free notes are understood, tag by tag. */
export function Lexicon() {
  const { data, error, refetch } = lazyEndpoints.useLexiconQuery();
  const [edit, editing] = lazyEndpoints.useEditLexiconMutation();
  const [tag, setTag] = useState<CueTag>('push');
  const [phrase, setPhrase] = useState('');
  const [sample, setSample] = useState('');
  const own = useMay('rules');
  if (!data)
    return (
      <Screen title={texts.words} back={back}>
        {error ? (
          <ErrorNotice error={error} again={() => void refetch()} />
        ) : (
          <Waiting what={texts.readingTheWords} />
        )}
      </Screen>
    );
  const lexicon = lexiconWith(data);
  const wish = { id: v7(), tag, phrase: phrase.trim().toLowerCase(), removed: false };
  const { problems = [] } = check(newLexiconEdit, wish);
  const asked = asksFor(sample, lexicon);
  const change = (next: string, removed: boolean) =>
    edit({ id: v7(), tag, phrase: next, removed }).then((answer) =>
      'data' in answer && !removed ? setPhrase('') : undefined,
    );
  return (
    <Screen title={texts.words} back={back}>
      <Text>{texts.whatInstructorsAndCoaches}</Text>
      <Card>
        <Heading>{texts.tryASentence}</Heading>
        <TextField label={texts.whatSomebodySays} value={sample} onChange={setSample} atMost={300} />
        <Text role="status">
          {sample.trim() === ''
            ? texts.itSaysHereWhat
            : asked.length
              ? texts.asksFor(asked.map((each) => `${each.not ? 'not ' : ''}${each.tag}`).join(', '))
              : texts.asksForNothing}
        </Text>
      </Card>
      <Choices<CueTag>
        label={texts.whatItAsksFor}
        shown
        value={tag}
        onChange={setTag}
        options={cueTags.map((value) => ({ value, text: value }))}
      />
      <Card>
        <Heading>{texts.wordsFor(tag)}</Heading>
        {lexicon[tag].map((each) => (
          <View key={each} style={styles.row}>
            <Text style={styles.grow}>{each}</Text>
            {own ? (
              <Button
                mode="text"
                compact
                accessibilityLabel={texts.remove3(each)}
                onPress={() => void change(each, true)}
              >
                {texts.remove2}
              </Button>
            ) : null}
          </View>
        ))}
        {own ? (
          <>
            <TextField
              label={texts.oneMoreWordOr}
              value={phrase}
              onChange={setPhrase}
              wrong={phrase.trim() !== '' && problems.length > 0}
              atMost={60}
            />
            {phrase.trim() !== '' && problems.length ? (
              <Text role="alert">{texts.lettersSpacesHyphens}</Text>
            ) : null}
            <Button
              mode="contained-tonal"
              style={styles.start}
              loading={editing.isLoading}
              disabled={problems.length > 0 || lexicon[tag].includes(wish.phrase)}
              onPress={() => void change(wish.phrase, false)}
            >
              {texts.addIt}
            </Button>
          </>
        ) : (
          <Notice>{texts.onlyTheOwner}</Notice>
        )}
        {editing.error ? <ErrorNotice error={editing.error} /> : null}
      </Card>
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 44 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
});
