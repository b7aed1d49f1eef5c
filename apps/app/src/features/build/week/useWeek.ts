import type { BuildPage, PlanRecord, Upcoming } from '@wrightonic/contract';
import {
  addDays,
  assumedLessonsOf,
  checkWeek,
  doneOf,
  limitsInputOf,
  planAgainstLimits,
  thrownIn,
  usualWeek,
  weekInputFor,
  type ExpectedWeek,
  type PlannedDay,
  type WeekInput,
  type WeekItem,
} from '@wrightonic/core';
import { useEffect, useMemo, useState } from 'react';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useToday } from '../../../store/useAthlete';
import { useBook } from '../../../ui/hooks/useBook';
import { plainItem, useItems } from './useItems';

/** What a week would break: rules of the core, and limits of throws. */
function useChecks(page: BuildPage, days: readonly PlannedDay[], items: readonly WeekItem[]) {
  const today = useToday();
  const book = useBook();
  const input = useMemo(
    (): WeekInput | null =>
      weekInputFor(page, days, { done: doneOf(page, today), also: items.map(({ drill }) => drill), book }),
    [page, days, items, today, book],
  );
  const rules = useMemo(() => (input ? checkWeek(input, items) : []), [input, items]);
  const limits = useMemo(() => {
    const doses = new Map(input?.candidates.map(({ drill }) => [drill.id, drill.dose]));
    const thrown = thrownIn(items, (drill) => doses.get(drill), book);
    const known = limitsInputOf(page.athlete, page.academy, page.pain, page.thrownLately);
    return planAgainstLimits(known, thrown, page.academy.rampPercent / 100);
  }, [input, items, page, book]);
  return { input, rules, limits };
}

/** Days of a week that is laid out: as they usually are, until somebody says otherwise. */
function useDays(page: BuildPage, first: () => PlannedDay[], changed: () => void) {
  const today = useToday();
  const [days, setDays] = useState<PlannedDay[]>(first);
  const asUsual = (upcoming: ExpectedWeek['upcoming'], which: (day: PlannedDay) => boolean) => {
    const usual = usualWeek({ ...page, upcoming }, today);
    setDays((old) =>
      old.map((day) => (which(day) ? (usual.find(({ date }) => date === day.date) ?? day) : day)),
    );
    changed();
  };
  return {
    days,
    /** Days on which the calendar has a game are game days from now on. */
    takeGames: (dates: readonly string[]) => {
      const games = dates.map((date) => ({ date, kind: 'game' as const, minutes: null }));
      asUsual([...page.upcoming, ...games], (day) => day.kind !== 'game' && dates.includes(day.date));
    },
    /** A game that was taken back leaves its day to what it usually is, unless there is another. */
    dropGame: (gone: Upcoming) =>
      asUsual(
        page.upcoming.filter(({ id }) => id !== gone.id),
        (day) => day.kind === 'game' && day.date === gone.date,
      ),
    putDay: (day: PlannedDay) => {
      setDays((old) => old.map((each) => (each.date === day.date ? day : each)));
      changed();
    },
  };
}

/** The week that is being laid out: days, drills of each day, what is kept, and what it would break. */
export function useWeek(page: BuildPage, plan: PlanRecord) {
  const today = useToday();
  /** What is left of a week that was assigned before. */
  const running = plan.assignment && addDays(plan.assignment.from, 6) >= today ? plan.assignment : null;
  const from = running?.from ?? today;
  /** Days or pins were changed since the week was planned. */
  const [stale, setStale] = useState(false);
  const [limitedBy, setLimitedBy] = useState<{ words: string[]; missed: string[]; gap: number } | null>(null);
  const [propose, { isLoading: planning, error, reset }] = lazyEndpoints.useProposeWeekMutation();
  const { days, putDay, takeGames, dropGame } = useDays(
    page,
    () => (running ? running.days.filter(({ date }) => date >= today) : usualWeek(page, today)),
    () => setStale(true),
  );
  const { items, pins, setItems, isKept, toggleKept, byHand } = useItems(
    () => running?.items.filter(({ date }) => date >= today).map(plainItem) ?? [],
    reset,
  );
  const { input, rules, limits } = useChecks(page, days, items);

  const ask = (before: WeekItem[] | null) => {
    const kept = pins.filter(({ date }) => days.some((day) => day.date === date));
    return propose({ planId: plan.id, body: { from, days, pins: kept, before } });
  };
  const take = (answer: Awaited<ReturnType<typeof ask>>) => {
    if (!answer.data) return;
    setItems(answer.data.items);
    const { limitedBy: words, missed, objective, bound } = answer.data;
    setLimitedBy({
      words: words.filter((each) => !missed.includes(each)),
      missed,
      gap: 1 - objective / (bound || 1),
    });
    setStale(false);
  };
  useEffect(() => {
    if (items.length === 0 && !running) void ask(null).then(take);
    // Once, when a week without drills is opened.
    // oxlint-disable-next-line react/exhaustive-deps
  }, []);

  const { move, setSets, add, clear } = byHand(input);
  const isLesson = (date: string) => days.some((day) => day.date === date && day.kind === 'lesson');
  return {
    from,
    running,
    days,
    items,
    pins,
    input,
    limitedBy,
    /** Days that count as lessons though the diary does not say so. */
    assumed: running ? [] : assumedLessonsOf(page, today).filter(isLesson),
    stale,
    planning,
    error,
    rules,
    limits,
    /** The best week anew; a week that runs is left as it is as far as that goes. */
    planAnew: () => ask(items.length ? items : null).then(take),
    takeGames,
    dropGame,
    changeDay: (day: PlannedDay) => {
      putDay(day);
      if (day.kind === 'off') clear(day.date);
    },
    move,
    setSets,
    add,
    isKept,
    toggleKept,
  };
}

export type WeekState = ReturnType<typeof useWeek>;
