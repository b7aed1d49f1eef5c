import type { WorkPage, LogEvent } from '@wrightonic/contract';
import {
  isWarmUp,
  likeThrows,
  listed,
  lockedBecause,
  velocityFigures,
  type DrillBook,
  type VelocityUnit,
} from '@wrightonic/core';
import { said } from '../../ui/words/velocityWords';
import { countOf, painOf } from './session';
import { texts } from './texts';

/** Drills of which a rep was counted, in the order in which they were worked. */
export const workedIn = (events: readonly LogEvent[]): string[] => [
  ...new Set(events.flatMap((event) => (event.kind === 'rep' ? [event.drill] : []))),
];

/** What was measured in a session, in a sentence; nothing where nothing was. A pretend figure is never told. */
function velocityWords(events: readonly LogEvent[], unit: VelocityUnit): string {
  const throws = events
    .filter((event) => event.kind === 'throw')
    .filter(({ source }) => source !== 'simulated')
    .map((event) => ({ ...event, date: '', ball: event.ballG }));
  const measured = throws.flatMap(({ velocity }) => velocity ?? []);
  if (measured.length === 0) return '';
  const [atMost] = likeThrows(throws).sort((a, b) => b.velocities.length - a.velocities.length);
  const figures = velocityFigures(atMost!.velocities);
  return figures
    ? texts.usualVelocityWas(
        said(figures.usual, unit),
        atMost!.effort === null ? '' : texts.atEffort(atMost!.effort),
        said(figures.top, unit),
      )
    : texts.theFastestOfMeasured(measured.length, said(Math.max(...measured), unit));
}

interface Told {
  name: string;
  unit: VelocityUnit;
  book: DrillBook;
}

/** A session in whole sentences, without a flaw's name: what was practiced, throws, velocity, pain. */
export function sessionWords(events: readonly LogEvent[], { name, unit, book }: Told): string {
  const worked = workedIn(events);
  const isWarm = (id: string) => {
    const drill = book.drill(id);
    return drill !== undefined && isWarmUp(drill);
  };
  const drills = worked
    .filter((id) => !isWarm(id))
    .map((id) => {
      const { clean, missed } = countOf(events, id);
      return texts.ofClean(book.drill(id)?.name ?? id, clean, clean + missed);
    });
  const warmedUp = worked.some(isWarm);
  const throws = events.filter(({ kind }) => kind === 'throw').length;
  const hurt = painIn(events);
  return [
    warmedUp ? texts.didTheWarmUp(name) : '',
    drills.length ? texts.practiced(name, listed(drills)) : warmedUp ? '' : texts.noRepsWereCounted(name),
    throws ? texts.madeThrow(name, throws) : '',
    velocityWords(events, unit),
    hurt ? texts.feltPain(name, hurt.site ?? 'body') : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** The first pain that was marked in a session, before it or after. */
export const painIn = (events: readonly LogEvent[]) =>
  (['before', 'after'] as const)
    .map((moment) => painOf(events, moment))
    .find((pain) => pain?.level === 'pain') ?? null;

/** Reps below which a share says little about how a drill went. */
const fewestTold = 5;

/** The drill that went best, by its share of clean reps; null where nothing was worked enough. */
export function wentWell(
  events: readonly LogEvent[],
  book: DrillBook,
): { drill: string; clean: number; reps: number } | null {
  const [best] = workedIn(events)
    .filter((id) => !book.drill(id) || !isWarmUp(book.drill(id)!))
    .map((drill) => {
      const { clean, missed } = countOf(events, drill);
      return { drill, clean, reps: clean + missed };
    })
    .filter(({ clean, reps }) => reps >= fewestTold && clean > 0)
    .sort((a, b) => b.clean / b.reps - a.clean / a.reps);
  return best ?? null;
}

/** Throws of a session whose velocity is pretend, in words for those who instruct; nothing where there is none. */
export function simulatedWords(events: readonly LogEvent[]): string {
  const n = events.filter((event) => event.kind === 'throw' && event.source === 'simulated').length;
  return n ? texts.velocityIsFrom(n) : '';
}

/**
 * Drills that are assigned for the days to come, until the next lesson where there is one; none that throws while
 * throws are locked.
 */
export function goesHome(
  { plan, upcoming, pain }: Pick<WorkPage, 'plan' | 'upcoming' | 'pain'>,
  today: string,
  book: DrillBook,
): string[] {
  const until = upcoming.find(({ kind, date }) => kind === 'lesson' && date > today)?.date ?? '9999';
  const items = plan?.assignment?.items.filter(({ date }) => date > today && date < until) ?? [];
  return [...new Set(items.map(({ drill }) => drill))].filter(
    (id) => lockedBecause({ throws: book.drill(id)?.throws ?? 0 }, pain.lock) === null,
  );
}
