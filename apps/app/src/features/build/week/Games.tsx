import type { Upcoming, BuildPage, CalendarGames } from '@wrightonic/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { log } from '../../../offline/log';
import { useAppDispatch } from '../../../store/store';
import { useToday } from '../../../store/useAthlete';
import { CheckboxGroup } from '../../../ui/form/Choices';
import { dayWords } from '../../../ui/words/days';
import { FilePick } from '../../../ui/ImportPreview/FilePick';
import { ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const sixMegabytes = 6_000_000;

/** What of a calendar was left out, in words. */
function leftOut({ before, after, cancelled, unreadable, beyond }: CalendarGames['passedOver']): string {
  const parts = [
    before ? texts.inThePast(before) : '',
    after ? texts.moreThanAYear(after) : '',
    cancelled ? texts.calledOff(cancelled) : '',
    unreadable ? texts.thatCannotBeRead(unreadable) : '',
    beyond ? texts.beyondTheFirst(beyond) : '',
  ].filter(Boolean);
  return parts.length ? texts.leftOut(parts.join(', ')) : '';
}

interface Props {
  page: BuildPage;
  onKept: (dates: string[]) => void;
  onGone: (game: Upcoming) => void;
}

/** The games ahead, and more of them from the calendar of a league or a team, looked at before they are kept. */
export function Games({ page, onKept, onGone }: Props) {
  const dispatch = useAppDispatch();
  const athleteId = page.athlete.id;
  const today = useToday();
  const [read, reading] = lazyEndpoints.useReadGamesMutation();
  const [keep, keeping] = lazyEndpoints.useKeepGamesMutation();
  const [wanted, setWanted] = useState<string[]>([]);
  const found = reading.data;
  const key = ({ uid, date }: CalendarGames['games'][number]) => `${uid} ${date}`;
  const open = async (file: File) => {
    const answer = await read({ athleteId, body: { text: await file.text() } });
    setWanted(answer.data?.games.map(key) ?? []);
  };
  const games = (found?.games ?? []).filter((game) => wanted.includes(key(game)));
  return (
    <View style={styles.root}>
      {page.upcoming
        .filter(({ kind }) => kind === 'game')
        .map((game) => {
          const name = `${dayWords(game.date, today)} ${game.title}`;
          return (
            <View key={game.id} style={styles.row}>
              <Text style={styles.grow}>{texts.game(name)}</Text>
              <Button
                mode="text"
                compact
                accessibilityLabel={texts.removeTheGame(name)}
                onPress={() => {
                  void dispatch(log(athleteId, 'undo', { sessionId: null, of: game.id }));
                  onGone(game);
                }}
              >
                {texts.remove}
              </Button>
            </View>
          );
        })}
      <FilePick
        label={texts.gamesFromACalendar}
        accept=".ics,text/calendar"
        icon="calendar-plus"
        maxBytes={sixMegabytes}
        onFile={(file) => void open(file)}
      />
      {reading.isLoading ? <Waiting what={texts.readingTheCalendar} /> : null}
      {reading.error ? <ErrorNotice error={reading.error} /> : null}
      {keeping.error ? <ErrorNotice error={keeping.error} /> : null}
      {found && !keeping.isSuccess ? (
        <>
          <Text>
            {found.games.length
              ? texts.eventsInTheComing(found.games.length, leftOut(found.passedOver))
              : texts.thisCalendarHasNo(leftOut(found.passedOver))}
          </Text>
          <CheckboxGroup
            label={texts.gamesToSave}
            options={found.games.map((game) => ({
              value: key(game),
              text: `${dayWords(game.date, today)} ${game.title}`,
            }))}
            value={wanted}
            onChange={setWanted}
          />
          {found.games.length ? (
            <Button
              mode="contained-tonal"
              style={styles.start}
              loading={keeping.isLoading}
              disabled={games.length === 0}
              onPress={() =>
                void keep({ athleteId, body: { games: games.map((game) => ({ id: v7(), ...game })) } }).then(
                  (answer) => ('data' in answer ? onKept(games.map(({ date }) => date)) : undefined),
                )
              }
            >
              {texts.saveGame(games.length)}
            </Button>
          ) : null}
        </>
      ) : null}
      {keeping.isSuccess ? <Text role="status">{texts.savedDaysWith}</Text> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 8 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
  start: { alignSelf: 'flex-start' },
});
