import { type Upcoming, type BuildPage, type PlanRecord } from '@wrightonic/contract';
import {
  addDays,
  checkWeek,
  inOrder,
  planAgainstLimits,
  type WeekInput,
  type WeekItem,
  assumedLessonsOf,
  doneOf,
  limitsInputOf,
  thrownIn,
  usualWeek,
  weekInputFor,
  type PlannedDay,
} from '@wrightonic/core';
import { useEffect, useMemo, useState } from 'react';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useToday } from '../../../store/useAthlete';
import { useBook } from '../../../ui/hooks/useBook';

const plainItem = ({ date, drill, sets }: WeekItem): WeekItem => ({ date, drill, sets });

/** The week that is being laid out: days, drills of each day, what is kept, and what it would break. */
export function useWeek(page: BuildPage, plan: PlanRecord) {
  const today = useToday();
  const book = useBook();
  /** What is left of a week that was assigned before. */
  const running = plan.assignment && addDays(plan.assignment.from, 6) >= today ? plan.assignment : null;
  const from = running?.from ?? today;
  const [days, setDays] = useState<PlannedDay[]>(() =>
    running ? running.days.filter(({ date }) => date >= today) : usualWeek(page, today),
  );
  const [items, setItems] = useState<WeekItem[]>(
    () => running?.items.filter(({ date }) => date >= today).map(plainItem) ?? [],
  );
  const [pins, setPins] = useState<WeekItem[]>([]);
  const [limitedBy, setLimitedBy] = useState<{ words: string[]; missed: string[]; gap: number } | null>(null);
  /** Days or pins were changed since the week was planned. */
  const [stale, setStale] = useState(false);
  const [propose, { isLoading: planning, error, reset }] = lazyEndpoints.useProposeWeekMutation();

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
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  const change = (next: readonly WeekItem[]) => {
    reset();
    setItems(input ? inOrder(input, next) : [...next]);
  };
  const asUsual = (
    upcoming: Parameters<typeof usualWeek>[0]['upcoming'],
    which: (day: PlannedDay) => boolean,
  ) => {
    const usual = usualWeek({ ...page, upcoming }, today);
    setDays((old) =>
      old.map((day) => (which(day) ? (usual.find(({ date }) => date === day.date) ?? day) : day)),
    );
    setStale(true);
  };
  const same = (a: WeekItem, b: WeekItem) => a.drill === b.drill && a.date === b.date;
  const keep = (item: WeekItem) =>
    setPins((old) => [...old.filter((pin) => !same(pin, item)), plainItem(item)]);
  return {
    from,
    running,
    days,
    items,
    pins,
    input,
    limitedBy,
    /** Days that count as lessons though the diary does not say so. */
    assumed: running
      ? []
      : assumedLessonsOf(page, today).filter((date) =>
          days.some((day) => day.date === date && day.kind === 'lesson'),
        ),
    stale,
    planning,
    error,
    rules,
    limits,
    /** The best week anew; a week that runs is left as it is as far as that goes. */
    planAnew: () => ask(items.length ? items : null).then(take),
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
    changeDay: (day: PlannedDay) => {
      setDays((old) => old.map((each) => (each.date === day.date ? day : each)));
      if (day.kind === 'off') change(items.filter(({ date }) => date !== day.date));
      setStale(true);
    },
    move: (item: WeekItem, date: string) => {
      const there = items.find((each) => each.drill === item.drill && each.date === date);
      const moved = { ...item, date, sets: item.sets + (there?.sets ?? 0) };
      change([...items.filter((each) => !same(each, item) && each !== there), moved]);
      setPins((old) => old.filter((pin) => !same(pin, item)));
      keep(moved);
    },
    setSets: (item: WeekItem, sets: number) => {
      change(
        sets < 1
          ? items.filter((each) => !same(each, item))
          : items.map((each) => (same(each, item) ? { ...each, sets } : each)),
      );
      keep({ ...item, sets });
    },
    add: (date: string, drill: string, sets: number) => {
      const item = { date, drill, sets };
      if (items.some((each) => same(each, item))) return;
      change([...items, item]);
      keep(item);
    },
    isKept: (item: WeekItem) => pins.some((pin) => same(pin, item)),
    toggleKept: (item: WeekItem) =>
      pins.some((pin) => same(pin, item))
        ? setPins((old) => old.filter((pin) => !same(pin, item)))
        : keep(item),
  };
}

export type WeekState = ReturnType<typeof useWeek>;
