import type { LinkEditRecord } from '@wrightonic/contract';
import { academyLinks, linkStates, nodeName, type Discipline, type LinkState } from '@wrightonic/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useMe, useToday } from '../../store/useAthlete';
import { FlatList } from '../../ui/FlatList/FlatList';
import { Choices } from '../../ui/form/Choices';
import { dayAt, dayWords } from '../../ui/words/days';
import { disciplineNames } from '../../ui/words/kindWords';
import { Empty, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { PressableCard } from '../../ui/PressableCard/PressableCard';
import { Heading, PageTitle, TitleRow } from '../../ui/Screen/Screen';
import { SearchField } from '../../ui/form/SearchField';
import { LinkEditor } from './LinkEditor';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { useMay } from '../../ui/hooks/useMay';

const keyOf = ({ cause, effect }: LinkState): string => `${cause} ${effect}`;

const stateWords = ({ weight, given }: LinkState): string =>
  weight === null
    ? texts.switchedOff
    : given === null
      ? texts.theAcademysOwn
      : weight === given
        ? ''
        : texts.changedFrom(given.toFixed(2));

const Gap = () => <View style={styles.gap} />;

/** One link with its weight, and how it differs from the catalogue's. */
function LinkLine({ link, onPress }: { link: LinkState; onPress: (() => void) | null }) {
  const state = stateWords(link);
  const weight = link.weight === null ? 'off' : link.weight.toFixed(2);
  return (
    <PressableCard
      disabled={!onPress}
      onPress={() => onPress?.()}
      aria-label={texts.causes2(
        nodeName(link.cause),
        nodeName(link.effect),
        weight,
        state ? `, ${state}` : '',
      )}
      style={styles.link}
    >
      <View style={styles.grow}>
        <Text variant="labelLarge">{nodeName(link.cause)}</Text>
        <Text>{texts.causes3(nodeName(link.effect))}</Text>
        {state ? <Text variant="labelMedium">{state}</Text> : null}
      </View>
      <Text variant="titleLarge">{weight}</Text>
    </PressableCard>
  );
}

/** Who changed which link, and why, the newest first. */
function Edits({ edits }: { edits: readonly LinkEditRecord[] }) {
  const { academy } = useMe();
  const today = useToday();
  if (edits.length === 0) return null;
  return (
    <View style={styles.foot}>
      <Heading>{texts.whatWasChanged}</Heading>
      {[...edits].reverse().map(({ id, cause, effect, weight, reason, by, at }) => (
        <Text key={id}>
          <Text variant="labelLarge">{texts.causes4(nodeName(cause), nodeName(effect))}</Text>
          {`: ${weight === null ? 'off' : weight.toFixed(2)}. ${reason} ${by}, ${dayWords(dayAt(new Date(at), academy.zone), today)}.`}
        </Text>
      ))}
    </View>
  );
}

/** What causes what, as this academy holds it. */
export function Links() {
  const { data, error, refetch } = lazyEndpoints.useLinksQuery();
  const [discipline, setDiscipline] = useState<Discipline>('overhand');
  const [search, setSearch] = useState('');
  const [only, setOnly] = useState<'all' | 'changed'>('all');
  const [open, setOpen] = useState<LinkState | 'new' | null>(null);
  const edits = useMemo(() => data ?? [], [data]);
  const own = useMay('rules');
  const shown = useMemo(() => {
    const wanted = search.trim().toLowerCase();
    return linkStates(edits, discipline).filter(
      (link) =>
        (only === 'all' || stateWords(link) !== '') &&
        `${nodeName(link.cause)} ${nodeName(link.effect)}`.toLowerCase().includes(wanted),
    );
  }, [edits, discipline, search, only]);
  if (!data)
    return error ? (
      <ErrorNotice error={error} again={() => void refetch()} />
    ) : (
      <Waiting what={texts.readingTheLinks} />
    );
  return (
    <View style={styles.root} role="main">
      <PageTitle>{texts.links}</PageTitle>
      <FlatList<LinkState>
        data={shown}
        keyExtractor={keyOf}
        contentContainerStyle={styles.content}
        ItemSeparatorComponent={Gap}
        initialNumToRender={12}
        ListHeaderComponent={
          <View style={styles.head}>
            <Button
              mode="text"
              icon="chevron-left"
              style={styles.start}
              onPress={() => router.navigate('/office')}
            >
              {texts.office}
            </Button>
            <TitleRow
              title={texts.causesAndEffects}
              action={
                own ? (
                  <Button mode="contained" icon="plus" onPress={() => setOpen('new')}>
                    {texts.addALink}
                  </Button>
                ) : null
              }
            />
            <Text>{texts.versionAWeightSays(academyLinks(edits).version, own)}</Text>
            <Choices<Discipline>
              label={texts.delivery}
              value={discipline}
              onChange={setDiscipline}
              options={(['overhand', 'windmill'] as const).map((value) => ({
                value,
                text: disciplineNames[value],
              }))}
            />
            <Choices
              label={texts.which}
              value={only}
              onChange={setOnly}
              options={[
                { value: 'all', text: texts.allLinks },
                { value: 'changed', text: texts.changedByUs },
              ]}
            />
            <SearchField label={texts.searchCausesAndEffects} value={search} onChange={setSearch} />
            <Text
              variant="bodySmall"
              role="status"
            >{`${shown.length} ${shown.length === 1 ? 'link' : 'links'}`}</Text>
          </View>
        }
        renderItem={({ item }) => <LinkLine link={item} onPress={own ? () => setOpen(item) : null} />}
        ListEmptyComponent={<Empty>{texts.noLinkMatchesShorten}</Empty>}
        ListFooterComponent={<Edits edits={edits} />}
      />
      {open ? (
        <LinkEditor
          discipline={discipline}
          link={open === 'new' ? null : open}
          onClose={() => setOpen(null)}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0 },
  content: { padding: 16, paddingBottom: 32, width: '100%', maxWidth: 860, alignSelf: 'center' },
  head: { gap: 10, paddingBottom: 10 },
  foot: { gap: 8, paddingTop: 20 },
  gap: { height: 8 },
  start: { alignSelf: 'flex-start' },
  link: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
});
