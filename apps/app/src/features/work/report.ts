import type { WorkPage, LogEvent } from '@wrightonic/contract';
import {
  likeThrows,
  lockedBecause,
  velocityFigures,
  type DrillBook,
  type VelocityUnit,
} from '@wrightonic/core';
import { said } from '../../ui/words/velocityWords';
import { countOf, painOf } from './session';

/** Drills of which a rep was counted, in the order in which they were worked. */
export const workedIn = (events: readonly LogEvent[]): string[] => [
  ...new Set(events.flatMap((event) => (event.kind === 'rep' ? [event.drill] : []))),
];

const listed = (parts: readonly string[]): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;

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
    ? `Usual ${said(figures.usual, unit)}${atMost!.effort === null ? '' : ` at ${atMost!.effort} %`}, top ${said(figures.top, unit)}.`
    : `Top ${said(Math.max(...measured), unit)} of ${measured.length} measured.`;
}

/** A session in words: drills with their counts, throws, velocity, pain. */
export function sessionWords(
  events: readonly LogEvent[],
  { name, unit, book }: { name: string; unit: VelocityUnit; book: DrillBook },
): string {
  const drills = workedIn(events).map((id) => {
    const { clean, missed } = countOf(events, id);
    return `${book.drill(id)?.name ?? id} ${clean} of ${clean + missed} clean`;
  });
  const throws = events.filter(({ kind }) => kind === 'throw').length;
  const hurt = (['before', 'after'] as const)
    .map((moment) => painOf(events, moment))
    .find((pain) => pain?.level === 'pain');
  return [
    drills.length ? `${name} worked on ${listed(drills)}.` : `${name} counted no reps.`,
    throws ? `${throws} ${throws === 1 ? 'throw' : 'throws'}.` : '',
    velocityWords(events, unit),
    hurt
      ? `Pain in the ${hurt.site ?? 'body'} was marked: please ask a licensed clinician before the next throws.`
      : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Throws of a session whose velocity is pretend, in words for those who instruct; nothing where there is none. */
export function simulatedWords(events: readonly LogEvent[]): string {
  const n = events.filter((event) => event.kind === 'throw' && event.source === 'simulated').length;
  return n
    ? `${n} ${n === 1 ? 'velocity is' : 'velocities are'} from the simulated line and left out of the text.`
    : '';
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
