import { verbs } from '@wrightonic/core';
import { router, Slot, usePathname } from 'expo-router';
import { useState } from 'react';
import { Image, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useStoredAthlete } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { kindWords } from '../../ui/words/kindWords';
import { LockNotice } from '../../ui/Notice/LockNotice';
import { NotRead } from '../../ui/Notice/Notice';
import { PageTitle } from '../../ui/Screen/Screen';
import { Tabs } from '../../ui/Tabs/Tabs';
import { goBack } from '../../ui/Screen/goBack';
import { HelpButton } from '../../ui/Screen/HelpButton';
import { WholeWidth } from '../../ui/Screen/wholeWidth';
import { useWide } from '../../ui/hooks/useWide';
import { ArchivedNotice } from './ArchivedNotice';
import { RosterList } from './RosterList';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';
import { IconButton } from '../../ui/Button/IconButton';

/** What belongs to Look and has a page of its own. */
const lookTools = /\/(screen|throws|clip|curves)$/;

/** Who it is, and the five verbs; on a wide screen beside the roster. */
export function AthleteFrame() {
  const { id, page, error, again } = useStoredAthlete('head');
  const path = usePathname();
  const wide = useWide();
  const { width } = useWindowDimensions();
  const own = useColours();
  const [whole, setWhole] = useState(false);
  if (!page) return <NotRead error={error} again={again} />;
  if (/\/(session|sheet)$/.test(path)) return <Slot />;
  const { athlete } = page;
  // The picture of a trace has its own list beside it and wants the room.
  const beside = wide && (width >= roomy || (!path.endsWith('/trace') && !whole));
  const name = `${athlete.givenName} ${athlete.familyName}`;
  return (
    <View style={[styles.root, beside ? styles.beside : null]}>
      {beside ? (
        <View style={[styles.list, { borderColor: own.line }]} role="complementary" aria-label={texts.roster}>
          <RosterList here={id} />
        </View>
      ) : null}
      <View style={styles.root} role="main">
        <PageTitle>{name}</PageTitle>
        <View style={[styles.head, { backgroundColor: own.surface, borderColor: own.line }]}>
          <View style={styles.who}>
            {beside ? null : (
              <IconButton
                icon="chevron-left"
                accessibilityLabel={texts.back}
                onPress={() => goBack('/roster')}
              />
            )}
            {page.photo ? (
              <Image
                source={{ uri: `/api/athletes/${id}/photo?of=${page.photo}` }}
                accessibilityLabel={texts.photoOf(name)}
                style={styles.photo}
              />
            ) : null}
            <View style={styles.grow}>
              <Text variant="headlineSmall" role="heading" aria-level={1} numberOfLines={1}>
                {name}
              </Text>
              <Text variant="bodySmall">{kindWords(athlete)}</Text>
            </View>
            <Button
              mode="text"
              icon="account"
              accessibilityLabel={texts.profileOf(name)}
              onPress={() => router.navigate(`/athletes/${id}/profile`)}
            >
              {texts.profile}
            </Button>
            <HelpButton />
          </View>
          <Tabs
            label={texts.theFiveVerbs}
            tabs={verbs.map((verb) => ({
              name: verb,
              href: `/athletes/${id}/${verb}` as const,
              here: path.endsWith(`/${verb}`) || (verb === 'look' && lookTools.test(path)),
              due: page.due.verb === verb,
            }))}
          />
        </View>
        {page.archivedAt ? <ArchivedNotice id={id} since={page.archivedAt} /> : null}
        {page.pain.lock ? (
          <View style={styles.lock}>
            <LockNotice athlete={athlete} pain={page.pain} />
          </View>
        ) : null}
        <WholeWidth value={setWhole}>
          <Slot />
        </WholeWidth>
      </View>
    </View>
  );
}

/** From this width on there is room for the roster beside everything. */
const roomy = 1600;

const styles = StyleSheet.create({
  root: { flex: 1, minWidth: 0, minHeight: 0 },
  beside: { flexDirection: 'row' },
  list: { width: 380, borderRightWidth: 1 },
  head: { borderBottomWidth: 1 },
  who: {
    flexDirection: 'row',
    alignItems: 'center',
    paddingLeft: 12,
    paddingRight: 4,
    paddingTop: 4,
    minHeight: 56,
  },
  photo: { width: 40, height: 40, borderRadius: 20, marginRight: 8 },
  lock: { padding: 8 },
  grow: { flex: 1, minWidth: 0 },
});
