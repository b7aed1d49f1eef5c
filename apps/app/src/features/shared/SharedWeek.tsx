import { type SharedPage } from '@wrightonic/contract';
import {
  lockedAtHome,
  withReport,
  lockedAtHomeWords,
  notMedical,
  stopForPain,
  thrownWords,
  throwsAtHome,
  throwsToday,
} from '@wrightonic/core';
import { useLocalSearchParams } from 'expo-router';
import { useEffect, useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { now } from '../../offline/clock';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { Choices } from '../../ui/form/Choices';
import { dayAt, longDay, weekday, withDays } from '../../ui/words/days';
import { Empty, Notice, ErrorNotice, Waiting } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { PageTitle, TitleRow } from '../../ui/Screen/Screen';
import { GamePitches } from './GamePitches';
import { HomePain } from './HomePain';
import { HomeState } from './HomeState';
import { SharedItem } from './SharedItem';
import { useHome } from './useHome';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

/** On a home screen the page opens by its own link, not by the app's first screen. */
function useOwnManifest(token: string): void {
  useEffect(() => {
    const link = document.querySelector<HTMLLinkElement>('link[rel=manifest]');
    const was = link?.getAttribute('href');
    if (!link || !was) return;
    link.href = `/api/shared/${encodeURIComponent(token)}/app.webmanifest`;
    return () => {
      link.href = was;
    };
  }, [token]);
}

/** The page behind a link: one athlete’s week, one day a screen, for whoever is at home. */
export function SharedWeek() {
  const { token = '' } = useLocalSearchParams<{ token: string }>();
  useOwnManifest(token);
  const { data, error, refetch } = lazyEndpoints.useSharedWeekQuery(token, {
    refetchOnFocus: true,
    refetchOnMountOrArgChange: true,
  });
  // What was ticked stays in sight when the link is taken back in the middle. What an earlier version of the app kept
  // has no place for ticks; it is read again.
  if (data?.home) return <Week key={token} page={data} token={token} readAgain={refetch} />;
  if (error)
    return (
      <View style={styles.root} role="main">
        <PageTitle>{texts.week}</PageTitle>
        <ErrorNotice error={error} again={() => void refetch()} />
      </View>
    );
  return <Waiting what={texts.readingTheWeek} />;
}

interface WeekProps {
  page: SharedPage;
  token: string;
  readAgain: () => unknown;
}

function Week({ page, token, readAgain }: WeekProps) {
  const home = useHome(token, page, readAgain);
  const days = page.days.filter(({ items }) => items.length);
  const today = dayAt(now(), page.zone);
  const [date, setDate] = useState(
    () => (days.find((day) => day.date === today) ?? days.find((day) => day.date > today) ?? days[0])?.date,
  );
  const day = days.find((each) => each.date === date);
  const here = throwsAtHome(page, home.home, today);
  // What was marked on this device locks at once, without a connection too.
  const pain = home.home.pain.reduce(
    (state, report) => withReport(state, { ...report, by: 'you' }),
    page.pain,
  );
  const throws = throwsToday(
    { ...page.limits, lock: pain.lock },
    { hard: page.limits.hardToday + here.hard, easy: page.limits.easyToday + here.easy },
  );
  return (
    <View style={styles.root} role="main">
      <PageTitle>{texts.sWeek(page.givenName)}</PageTitle>
      <Pane>
        <TitleRow title={texts.sWeek(page.givenName)} />
        <Text>{page.academy}</Text>
        {page.focus.map((line) => (
          <Text key={line} variant="titleMedium">
            {line}
          </Text>
        ))}
        <HomeState home={home} />
        <Notice>{stopForPain}</Notice>
        <HomePain home={home} today={today} />
        <Text variant="titleMedium" role="status">
          {pain.lock
            ? lockedAtHomeWords(pain.lock)
            : page.limits.restUntil
              ? withDays(texts.noHardThrowsUntil(page.limits.restUntil, page.limits.because), today)
              : [thrownWords(throws), texts.throwsLeftToday(throws.left)].filter(Boolean).join(', ')}
        </Text>
        {day ? (
          <>
            <Choices
              close
              label={texts.day}
              value={day.date}
              onChange={setDate}
              options={days.map((each) => ({ value: each.date, text: weekday(each.date) }))}
            />
            <Text variant="titleLarge" role="heading" aria-level={2}>
              {longDay(day.date)}
            </Text>
            {pain.lock ? null : (
              <Text>{day.throws ? texts.throwsInAll(Math.round(day.throws)) : texts.noThrows}</Text>
            )}
            {(pain.lock ? day.items.filter(({ throws }) => throws === 0) : day.items).map((item) => (
              <SharedItem
                key={item.drill}
                item={item}
                date={day.date}
                hand={page.throws}
                discipline={page.discipline}
                home={home}
                locked={lockedAtHome(item, pain, home.home.pain, today)}
              />
            ))}
          </>
        ) : (
          <Empty>{texts.nothingIsAssignedYet}</Empty>
        )}
        <GamePitches home={home} today={today} />
        <View style={styles.row}>
          <Button
            mode="outlined"
            icon="printer"
            onPress={() => void Linking.openURL(`/api/shared/${token}/week.pdf`)}
          >
            {texts.printTheSheet}
          </Button>
          <Button
            mode="outlined"
            icon="calendar-export"
            onPress={() => void Linking.openURL(`/api/shared/${token}/week.ics`)}
          >
            {texts.calendar}
          </Button>
        </View>
        <Text variant="bodySmall">{notMedical}</Text>
      </Pane>
    </View>
  );
}

const styles = StyleSheet.create({
  root: { flex: 1, minHeight: 0 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
