import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { Text } from 'react-native-paper';
import { log } from '../../../offline/log';
import { screensWith } from '../../../offline/measured';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useAppDispatch } from '../../../store/store';
import { useAthlete, useMe, useToday } from '../../../store/useAthlete';
import { useWithPendingEvents } from '../../../store/useMeasured';
import { Choices } from '../../../ui/form/Choices';
import { dayWords } from '../../../ui/words/days';
import { Empty, ErrorNotice, Waiting, NotRead } from '../../../ui/Notice/Notice';
import { ActionBar } from '../../../ui/ActionBar/ActionBar';
import { ApplyResults } from '../../../ui/Measured/ApplyResults';
import { Pane } from '../../../ui/Screen/Pane';
import { Heading } from '../../../ui/Screen/Screen';
import { BackToLook } from '../BackToLook';
import { ScreenResults } from './ScreenResults';
import { ScreenUnderWay } from './ScreenUnderWay';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** The physical screen: under way, or what the newest one found. */
export function PhysicalScreen() {
  const { id, page, error: unread, again } = useAthlete('look');
  const { academy, person } = useMe();
  const today = useToday();
  const dispatch = useAppDispatch();
  const { data, error, refetch } = lazyEndpoints.useScreensQuery(id);
  const screens = useWithPendingEvents(data, (stored, entries) =>
    screensWith(stored, entries, id, person.name),
  );
  const [chosen, setChosen] = useState<string | null>(null);
  /** A test that somebody was led to: it begins at once. */
  const { test, side } = useLocalSearchParams<{ test?: string; side?: string }>();
  const begin = () => dispatch(log(id, 'screen-begun', { athleteId: id, zone: academy.zone }));
  const led = useRef(false);
  useEffect(() => {
    if (!test || !screens || led.current) return;
    led.current = true;
    if (screens.every(({ finished }) => finished))
      dispatch(log(id, 'screen-begun', { athleteId: id, zone: academy.zone }));
  }, [test, screens, dispatch, id, academy.zone]);
  if (!page) return <NotRead error={unread} again={again} />;
  if (!screens)
    return error ? (
      <ErrorNotice error={error} again={() => void refetch()} />
    ) : (
      <Waiting what={texts.readingTheScreens} />
    );
  const open = screens.find(({ finished }) => !finished);
  if (open)
    return (
      <ScreenUnderWay key={open.id} athlete={page.athlete} record={open} led={test ? { test, side } : null} />
    );
  const finished = screens.filter((screen) => screen.finished);
  const newest = page.looks.filter((look) => look.finished).at(-1);
  const shown = finished.find((screen) => screen.id === chosen) ?? finished[0];
  return (
    <Pane
      foot={
        <ActionBar>
          <Button mode="contained" onPress={begin} contentStyle={{ minHeight: 48 }}>
            {shown ? texts.startANewScreen : texts.startThePhysicalScreen}
          </Button>
        </ActionBar>
      }
    >
      <BackToLook athleteId={id} />
      {shown ? (
        <>
          <Heading>{texts.physicalScreenOf(dayWords(shown.date, today))}</Heading>
          <Text variant="bodySmall">{texts.byApplyTheResults(shown.by)}</Text>
          {finished.length > 1 ? (
            <Choices
              label={texts.screenOf}
              value={shown.id}
              onChange={setChosen}
              options={finished
                .slice(0, 6)
                .map((each) => ({ value: each.id, text: dayWords(each.date, today) }))}
            />
          ) : null}
          {newest ? <ApplyResults athlete={page.athlete} look={newest} /> : null}
          <ScreenResults athlete={page.athlete} record={shown} />
          {newest ? null : (
            <Button mode="outlined" onPress={() => router.navigate(`/athletes/${id}/look`)}>
              {texts.takeAFirstLook}
            </Button>
          )}
        </>
      ) : (
        <Empty>{texts.onePersonATape}</Empty>
      )}
    </Pane>
  );
}
