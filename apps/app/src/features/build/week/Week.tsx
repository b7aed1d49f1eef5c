import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import type { BuildPage, PlanRecord } from '@wrightonic/contract';
import { listed, type WeekItem } from '@wrightonic/core';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useToday } from '../../../store/useAthlete';
import { Card } from '../../../ui/Card/Card';
import { dayWords, weekday, withDays } from '../../../ui/words/days';
import { Notice, ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { Heading } from '../../../ui/Screen/Screen';
import { useDragSensors } from '../../../ui/drag/dragSensors';
import { keyboardSteps } from '../../../ui/drag/keyboardSteps';
import { DayBox } from './DayBox';
import { Games } from './Games';
import { useWeek, type WeekState } from './useWeek';
import { dateOfCell as dateOf, WeekStrip } from '../../../ui/WeekStrip/WeekStrip';
import { stripDay } from './dayKindNames';
import { ActionBar } from '../../../ui/ActionBar/ActionBar';
import { Pane } from '../../../ui/Screen/Pane';
import { useWide } from '../../../ui/hooks/useWide';
import { useBook } from '../../../ui/hooks/useBook';
import { TextField } from '../../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const shownReasons = 3;
const dayOf = (id: unknown): string => weekday(dateOf(String(id)));

const byDays = keyboardSteps(dateOf);

interface Props {
  page: BuildPage;
  plan: PlanRecord;
  onDone: () => void;
  /** Stands below the week. */
  children: ReactNode;
}

/** What limited the week, the first few until somebody asks for all. */
function LimitedBy({ words, today }: { words: readonly string[]; today: string }) {
  const [all, setAll] = useState(false);
  if (words.length === 0) return null;
  return (
    <View style={styles.reasons}>
      <Text variant="labelMedium">{texts.whatLimitedIt}</Text>
      {words.slice(0, all ? undefined : shownReasons).map((each) => (
        <Text key={each} variant="bodySmall">
          {withDays(each, today)}
        </Text>
      ))}
      {words.length > shownReasons && !all ? (
        <Button mode="text" compact style={styles.start} onPress={() => setAll(true)}>
          {texts.more(words.length - shownReasons)}
        </Button>
      ) : null}
    </View>
  );
}

/** What happens with a drill that is dragged, said aloud. */
function useAnnouncements() {
  const book = useBook();
  const nameOf = (id: unknown): string => book.drill(String(id).split(' ')[1] ?? '')?.name ?? texts.theDrill;
  return {
    onDragStart: ({ active }: Pick<DragEndEvent, 'active'>) => texts.isLiftedArrowKeys(nameOf(active.id)),
    onDragOver: ({ active, over: at }: Pick<DragEndEvent, 'active' | 'over'>) =>
      at ? texts.isOver(nameOf(active.id), dayOf(at.id)) : undefined,
    onDragEnd: ({ active, over: at }: Pick<DragEndEvent, 'active' | 'over'>) =>
      at ? texts.isOn(nameOf(active.id), dayOf(at.id)) : undefined,
    onDragCancel: ({ active }: Pick<DragEndEvent, 'active'>) => texts.staysWhereItWas(nameOf(active.id)),
  };
}

/** Days of the week with their drills: one open below a strip on a phone, all of them where there is room. */
function Days({ page, week }: Pick<Props, 'page'> & { week: WeekState }) {
  const today = useToday();
  const wide = useWide();
  const sensors = useDragSensors(byDays);
  const announcements = useAnnouncements();
  const [chosen, setChosen] = useState(week.days[0]?.date ?? today);
  const dropped = ({ active, over }: DragEndEvent) => {
    const item = active.data.current?.['item'] as WeekItem | undefined;
    const day = week.days.find(({ date }) => over && date === dateOf(String(over.id)));
    if (item && day && day.kind !== 'off' && day.date !== item.date) week.move(item, day.date);
  };
  const shown = wide ? week.days : week.days.filter(({ date }) => date === chosen);
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={dropped}
      accessibility={{ announcements }}
    >
      {wide ? null : (
        <WeekStrip
          label={texts.daysOfTheWeek}
          days={week.days.map(({ date, kind }) =>
            stripDay(date, kind, week.items.filter((item) => item.date === date).length),
          )}
          chosen={chosen}
          today={today}
          onChoose={setChosen}
        />
      )}
      <View style={styles.days}>
        {shown.map((day) => (
          <DayBox key={day.date} day={day} page={page} week={week} today={today} />
        ))}
      </View>
    </DndContext>
  );
}

/** What speaks against the week as a whole, and why it is to be assigned all the same. */
function AgainstIt({ page, week, over, reason, setReason }: AgainstProps) {
  const today = useToday();
  return (
    <>
      {week.rules
        .filter(({ date }) => date === null)
        .map(({ words }) => (
          <Notice key={words}>{withDays(words, today)}</Notice>
        ))}
      {week.limits.map(({ date, kind, message }) => (
        <Notice key={`${date} ${kind}`}>
          {withDays(
            kind === 'limit' ? `${weekday(date)} ${dayWords(date, today)}: ${message}.` : message,
            today,
          )}
        </Notice>
      ))}
      {over ? (
        <TextField label={texts.whyMoreThrowsThan} value={reason} onChange={setReason} atMost={300} />
      ) : null}
      <Text variant="bodySmall">{texts.atMostThrows(page.limits.maxToday, page.athlete.age)}</Text>
    </>
  );
}

interface AgainstProps {
  page: BuildPage;
  week: WeekState;
  /** The week breaks a limit. */
  over: boolean;
  reason: string;
  setReason: (reason: string) => void;
}

/** The coming week, planned by the solver and changed by hand; the limits answer at once. */
export function Week({ page, plan, onDone, children }: Props) {
  const today = useToday();
  const wide = useWide();
  const week = useWeek(page, plan);
  const [reason, setReason] = useState('');
  const [id] = useState(() => v7());
  const [assign, { isLoading, error }] = lazyEndpoints.useAssignMutation();
  const over =
    week.limits.some(({ kind }) => kind === 'limit') || week.rules.some(({ kind }) => kind === 'limit');
  const give = async () => {
    const { from, days, items } = week;
    const body = { id, from, days, items, reason };
    if ('data' in (await assign({ athleteId: page.athlete.id, planId: plan.id, body }))) onDone();
  };
  return (
    <Pane
      maxWidth={wide ? 1100 : 760}
      foot={
        <ActionBar>
          {error ? <ErrorNotice error={error} /> : null}
          <View style={styles.row}>
            <Button
              mode="contained"
              loading={isLoading}
              contentStyle={styles.tall}
              style={styles.grow}
              disabled={week.planning || week.items.length === 0 || (over && !reason.trim())}
              onPress={() => void give()}
            >
              {texts.assignTheWeek}
            </Button>
            <Button
              mode={week.stale ? 'contained-tonal' : 'text'}
              contentStyle={styles.tall}
              disabled={week.planning}
              onPress={() => void week.planAnew()}
            >
              {texts.rePlan}
            </Button>
          </View>
        </ActionBar>
      }
    >
      <Card>
        <Heading>{week.running ? texts.theRest : texts.theComingWeek}</Heading>
        {week.planning ? <Waiting what={texts.planningTheBestWeek} /> : null}
        {week.error ? <ErrorNotice error={week.error} again={() => void week.planAnew()} /> : null}
        <Days page={page} week={week} />
        {week.limitedBy?.missed.map((words) => (
          <Notice key={words}>{words}</Notice>
        ))}
        <AgainstIt page={page} week={week} over={over} reason={reason} setReason={setReason} />
        {week.assumed.length ? (
          <Text variant="bodySmall">
            {texts.thereIsNoLesson(listed(week.assumed.map(weekday)), week.assumed.length)}
          </Text>
        ) : null}
        <LimitedBy words={week.limitedBy?.words ?? []} today={today} />
        {week.limitedBy && week.limitedBy.gap > 0.01 ? (
          <Text variant="bodySmall">{texts.withinOfTheBest((week.limitedBy.gap * 100).toFixed(1))}</Text>
        ) : null}
        <Games page={page} onKept={week.takeGames} onGone={week.dropGame} />
      </Card>
      {children}
    </Pane>
  );
}

const styles = StyleSheet.create({
  days: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  reasons: { gap: 2 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  start: { alignSelf: 'flex-start' },
  tall: { minHeight: 48 },
  grow: { flexGrow: 1 },
});
