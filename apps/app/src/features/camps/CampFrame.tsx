import { Slot, usePathname } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { goBack } from '../../ui/Screen/goBack';
import { PageTitle } from '../../ui/Screen/Screen';
import { Tabs } from '../../ui/Tabs/Tabs';
import { dayWords } from '../../ui/words/days';
import { dueOf } from './due';
import { useCamp } from './useCamp';
import { texts } from './texts';
import { IconButton } from '../../ui/Button/IconButton';

const parts = ['setup', 'athletes', 'plan', 'day', 'after'] as const;

/** Which camp it is, and its parts in the order in which they are needed. */
export function CampFrame() {
  const { id, camp, error, again } = useCamp();
  const path = usePathname();
  const today = useToday();
  const own = useColours();
  if (!camp)
    return error ? <ErrorNotice error={error} again={again} /> : <Waiting what={texts.readingTheCamp} />;
  if (path.endsWith('/board')) return <Slot />;
  const { name, venue, firstDay, lastDay } = camp.setup;
  const due = dueOf(camp, today);
  const days =
    firstDay === lastDay
      ? dayWords(firstDay, today)
      : texts.to(dayWords(firstDay, today), dayWords(lastDay, today));
  return (
    <View style={styles.root} role="main">
      <PageTitle>{name}</PageTitle>
      <View style={[styles.head, { backgroundColor: own.surface, borderColor: own.line }]}>
        <View style={styles.who}>
          <IconButton icon="chevron-left" accessibilityLabel={texts.back} onPress={() => goBack('/camps')} />
          <View style={styles.grow}>
            <Text variant="headlineSmall" role="heading" aria-level={1} numberOfLines={1}>
              {name}
            </Text>
            <Text variant="bodySmall">{[days, venue].filter(Boolean).join(' · ')}</Text>
          </View>
        </View>
        <Tabs
          label={texts.partsOfTheCamp}
          tabs={parts.map((part) => ({
            name: part,
            href: `/camps/${id}/${part}` as const,
            here: path.startsWith(`/camps/${id}/${part}`),
            due: part === due,
          }))}
        />
      </View>
      <Slot />
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minWidth: 0, minHeight: 0 },
  head: { borderBottomWidth: 1 },
  who: { flexDirection: 'row', alignItems: 'center', paddingRight: 12, paddingTop: 4, minHeight: 56 },
  grow: { flex: 1, minWidth: 0 },
});
