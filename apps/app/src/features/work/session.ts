import type { WorkPage, EventOf, LogEvent, OpenSession, PlanDrill, PlanThread } from '@wrightonic/contract';
import {
  barredBecause,
  countedAs,
  countThrows,
  cueHistory,
  cueIn,
  drillStanding,
  shortVoice,
  throwsToday,
  type CueLine,
  type DrillBook,
  type Openings,
  type Pain,
  type RepSide,
  type ThrowsToday,
} from '@wrightonic/core';
import type { Entry } from '../../offline/outbox';

/** The session that is under way: the newest begun on this device, else the server's, unless it was ended here. */
export function openSessionId(stored: OpenSession | undefined, entries: readonly Entry[]): string | null {
  const events = entries.filter(({ why }) => !why).map(({ event }) => event);
  const ended = new Set(events.flatMap((event) => (event.kind === 'session-ended' ? [event.sessionId] : [])));
  const begun = events.filter(({ kind, id }) => kind === 'session-begun' && !ended.has(id)).at(-1);
  if (begun) return begun.id;
  const id = stored?.session?.id;
  return id && !ended.has(id) ? id : null;
}

export const painOf = (events: readonly LogEvent[], moment: 'before' | 'after'): Pain | null =>
  events.filter((event) => event.kind === 'pain').findLast((event) => event.moment === moment) ?? null;

/** A drill that stands in no plan. */
const unplanned = (drill: string, dose: string): PlanDrill => ({
  id: drill,
  drill,
  dose,
  ...drillStanding({}, undefined, []),
  locked: false,
  recent: [],
});

/** What is worked today: what was assigned, or prep and the present stage of each thread where nothing was. */
export function drillsToday({ plan }: WorkPage, date: string): PlanDrill[] {
  if (!plan) return [];
  const all = plan.threads.flatMap(({ stages, stage: now }) =>
    stages.flatMap(({ stage, drills }) =>
      drills.map((drill) => ({ drill, usual: stage === 'prep' || stage === now })),
    ),
  );
  const assigned = plan.assignment?.items.filter((item) => item.date === date) ?? [];
  if (assigned.length)
    return assigned.map(({ drill, planned, dose }): PlanDrill => {
      const known =
        all.find((each) => each.drill.id === planned) ?? all.find((each) => each.drill.drill === drill);
      return known ? { ...known.drill, dose } : unplanned(drill, dose);
    });
  const usual = all.filter((each) => each.usual);
  // A drill that serves both threads is worked once.
  return [...new Map(usual.map(({ drill }) => [drill.drill, drill])).values()];
}

/** What besides pain opens or closes the drills of an athlete. */
export const openingsOf = (
  { athlete, history, pain }: Pick<WorkPage, 'athlete' | 'history' | 'pain'>,
  book: DrillBook,
): Openings => ({
  lock: pain.lock,
  book,
  barred: (drill) => barredBecause(drill, { age: athlete.age, history }),
});

/** The drills of today, and whatever else was worked or added by hand, in the order in which it came. */
export function withWorked(
  today: readonly PlanDrill[],
  events: readonly LogEvent[],
  added: readonly string[],
  book: DrillBook,
): PlanDrill[] {
  const worked = events.flatMap((event) =>
    (event.kind === 'rep' || event.kind === 'throw') && event.drill ? [event.drill] : [],
  );
  const known = new Set(today.map(({ drill }) => drill));
  const more = [...new Set([...worked, ...added])].filter((id) => !known.has(id) && book.drill(id));
  return [...today, ...more.map((drill) => unplanned(drill, book.drill(drill)!.dose))];
}

export interface Count {
  clean: number;
  missed: number;
}

export function countOf(events: readonly LogEvent[], drill: string): Count {
  const reps = events.filter((event) => event.kind === 'rep').filter((rep) => rep.drill === drill);
  const clean = reps.filter(({ outcome }) => outcome === 'clean').length;
  return { clean, missed: reps.length - clean };
}

/** What was said of the missed reps of a drill. */
export const reasonsOf = (events: readonly LogEvent[], drill: string): (string | undefined)[] =>
  events.flatMap((event) => (event.kind === 'rep' && event.drill === drill ? [event.reason] : []));

/** Reps of a drill by the level and the cue under which they were done. */
export function countsBy<K extends string | null>(
  events: readonly LogEvent[],
  drill: string,
  keyOf: (rep: EventOf<'rep'>) => K,
): ({ key: K } & Count)[] {
  const counts = new Map<K, Count>();
  for (const event of events) {
    if (event.kind !== 'rep' || event.drill !== drill) continue;
    const so = counts.get(keyOf(event)) ?? { clean: 0, missed: 0 };
    counts.set(keyOf(event), { ...so, [event.outcome]: so[event.outcome] + 1 });
  }
  return [...counts].map(([key, count]) => ({ key, ...count }));
}

/** Reps of each side since the last set whose end was marked. */
export function sidesDone(events: readonly LogEvent[], drill: string): Record<RepSide, number> {
  const last = events.findLastIndex((event) => event.kind === 'set-done' && event.drill === drill);
  const on = (side: RepSide) =>
    events
      .slice(last + 1)
      .filter((event) => event.kind === 'rep' && event.drill === drill && event.side === side).length;
  return { lead: on('lead'), trail: on('trail') };
}

/** Every cue of a drill with its reps, this session counted as it stands on this device. */
export function cuesOfDrill(
  { athlete, cues, cueCounts }: Pick<WorkPage, 'athlete' | 'cues' | 'cueCounts'>,
  drill: string,
  book: DrillBook,
  here: { sessionId: string | null; events: readonly LogEvent[] } = { sessionId: null, events: [] },
): CueLine[] {
  const counts = [
    ...cueCounts.filter(({ session }) => session === null || session !== here.sessionId),
    ...countsBy(here.events, drill, (rep) => rep.cueId ?? null).map(({ key: cue, clean, missed }) => ({
      drill,
      cue,
      clean,
      missed,
    })),
  ];
  return cueHistory(drill, cues, counts, cueIn(drill, shortVoice(athlete.voice), book));
}

const thrownIn = (events: readonly LogEvent[]) =>
  events
    .filter((event) => event.kind === 'throw')
    .map(({ effort }) => ({ effort, kind: 'practice' as const }));

/** Everything thrown today, in this session and elsewhere. */
export function thrown(
  { limits, academy }: Pick<WorkPage, 'limits' | 'academy'>,
  events: readonly LogEvent[],
  elsewhere: OpenSession['elsewhere'],
): ThrowsToday {
  const here = countThrows(countedAs(thrownIn(events), academy.allHard));
  return throwsToday(limits, {
    hard: here.hard + elsewhere.hard,
    easy: here.easy + elsewhere.easy,
  });
}

/** A thread with its gates as they stand when this session is counted in. */
export function threadWith(
  thread: PlanThread,
  sessionId: string,
  events: readonly LogEvent[],
  { levels, book }: { levels: WorkPage['levels']; book: DrillBook },
): PlanThread {
  const pain = events.some((event) => event.kind === 'pain' && event.level === 'pain');
  const worked = thread.stages
    .filter(({ stage }) => stage === thread.stage)
    .some(({ drills }) =>
      drills.some(({ drill }) => countOf(events, drill).clean + countOf(events, drill).missed > 0),
    );
  return {
    ...thread,
    stayed: thread.stayed && !worked,
    stages: thread.stages.map((rung) => ({
      ...rung,
      drills: rung.drills.map((drill) => {
        const counts = countsBy(events, drill.drill, (rep) => rep.level ?? null);
        const recent = [
          ...drill.recent.filter(({ session }) => session !== sessionId),
          ...counts.map(({ key: level, ...count }) => ({ session: sessionId, level, ...count, pain })),
        ];
        return {
          ...drill,
          recent,
          ...drillStanding(book.drill(drill.drill) ?? {}, levels[drill.drill], recent),
        };
      }),
    })),
  };
}
