import { allowedWith, capital, doseWords, parseDose, throwsToday, thrownWords } from '@wrightonic/core';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { api } from '../../store/api';
import { useAthlete, useToday } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { dayWords, withDays } from '../../ui/words/days';
import { ActionBar } from '../../ui/ActionBar/ActionBar';
import { Empty, Notice, NotRead } from '../../ui/Notice/Notice';
import { Pane } from '../../ui/Screen/Pane';
import { Heading } from '../../ui/Screen/Screen';
import { restWords } from '../../ui/words/restWords';
import { Section } from '../../ui/Section/Section';
import { Seam } from '../../ui/seam/Seam';
import { AtHome } from './AtHome';
import { CueDialogue } from './CueDialogue';
import { drillsToday, openingsOf } from './session';
import { useBook } from '../../ui/hooks/useBook';
import { texts } from './texts';
import { Button } from '../../ui/Button/Button';

const shownSessions = 6;

/** What today's session holds, before it begins. */
export function Work() {
  const { id, page, error: unread, again } = useAthlete('work');
  const today = useToday();
  const own = useColours();
  const book = useBook();
  const { data: open } = api.useOpenSessionQuery(id, { refetchOnMountOrArgChange: true });
  if (!page) return <NotRead error={unread} again={again} />;
  const { athlete, plan, limits } = page;
  if (!plan)
    return (
      <Pane>
        <Empty
          action={
            <Button mode="contained" onPress={() => router.replace(`/athletes/${id}/build`)}>
              {texts.goToBuild}
            </Button>
          }
        >
          {texts.thereIsNothing}
        </Empty>
      </Pane>
    );
  const rest = restWords(limits, today);
  const throws = throwsToday(limits, { hard: limits.hardToday, easy: limits.easyToday });
  const drills = drillsToday(page, today);
  const { closed } = allowedWith(null, drills, openingsOf(page, book));
  const closedBecause = new Map(closed.map((each) => [each.drill.id, each.why]));
  const [newest] = page.sessions;
  const assigned = plan.assignment?.items.some(({ date }) => date === today);
  const findings = page.looks.filter(({ finished }) => finished).at(-1)?.findings ?? {};
  // Under rest hard throws are closed and easy ones are not: “0 left” would say that both are.
  const count = [thrownWords(throws), rest ? '' : texts.throwsLeftToday(throws.left)]
    .filter(Boolean)
    .join(' · ');
  return (
    <Pane
      foot={
        <ActionBar>
          <Button
            mode="contained"
            icon="play"
            contentStyle={{ minHeight: 52 }}
            onPress={() => router.navigate(`/athletes/${id}/session`)}
          >
            {open?.session ? texts.backToSession : texts.startTheSession}
          </Button>
        </ActionBar>
      }
    >
      <Seam
        discipline={athlete.discipline}
        findings={findings}
        size="row"
        label={texts.sDeliveryTheFocus(athlete.givenName)}
        marked={plan.threads.map(({ focus }) => focus)}
      />
      {count ? <Text variant="titleMedium">{count}</Text> : null}
      {page.simulatedToday ? (
        <Text variant="bodySmall">{texts.simulatedTheVelocity(page.simulatedToday)}</Text>
      ) : null}
      {rest ? <Notice>{rest}</Notice> : null}
      {limits.weekRatio === null ? null : (
        <Text variant="bodySmall">{texts.throwsInTheLast(limits.week, Math.round(limits.usualWeek))}</Text>
      )}
      <Heading>{assigned ? texts.assignedForToday : texts.atTheCurrentStage}</Heading>
      {drills.map((planned) => {
        const drill = book.drill(planned.drill);
        const why = closedBecause.get(planned.drill);
        return drill ? (
          <View
            key={planned.id}
            style={[styles.drill, { borderColor: own.line, backgroundColor: own.surface }]}
          >
            <View style={styles.grow}>
              <Text variant="labelLarge">{drill.name}</Text>
              <Text variant="bodySmall">
                {[
                  drill.stage,
                  doseWords(parseDose(planned.dose)),
                  ...(planned.level ? [planned.level] : []),
                ].join(' · ')}
              </Text>
              {why ? (
                <Text variant="bodySmall" style={{ color: own.clay }}>
                  {withDays(texts.closed(capital(why)), today)}
                </Text>
              ) : null}
            </View>
            {planned.gate.n && !why ? (
              <Text variant="bodySmall">{texts.ofClean4(planned.gate.k, planned.gate.n)}</Text>
            ) : null}
          </View>
        ) : null;
      })}
      <AtHome page={page} today={today} />
      <CueDialogue page={page} />
      {newest ? (
        <Section
          title={texts.sessionsSoFar}
          told={texts.sessionsTold(page.sessions.length, dayWords(newest.date, today))}
        >
          {page.sessions.slice(0, shownSessions).map((session) => (
            <Text key={session.id}>
              {dayWords(session.date, today)}
              {session.ended ? '' : texts.notEnded}
              {session.note ? `: ${session.note}` : ''}
            </Text>
          ))}
          {page.sessions.length > shownSessions ? (
            <Text variant="bodySmall">{texts.andEarlier(page.sessions.length - shownSessions)}</Text>
          ) : null}
        </Section>
      ) : null}
    </Pane>
  );
}

const styles = StyleSheet.create({
  drill: { flexDirection: 'row', alignItems: 'center', gap: 8, borderWidth: 1, borderRadius: 8, padding: 12 },
  grow: { flex: 1 },
});
