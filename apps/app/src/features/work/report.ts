import type { AthletePage, LogEvent } from '@wrightonic/contract';
import { likeThrows, velocityFigures, type DrillBook, type VelocityUnit } from '@wrightonic/core';
import { said } from '../../ui/velocityWords';
import { countOf, painOf } from './session';

/** Drills of which a rep was counted, in the order in which they were worked. */
export const workedIn = (events: readonly LogEvent[]): string[] => [
  ...new Set(events.flatMap((event) => (event.kind === 'rep' ? [event.drill] : []))),
];

const listed = (parts: readonly string[]): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;

/** What was measured in a session, in a sentence; nothing where nothing was. */
function velocityWords(events: readonly LogEvent[], unit: VelocityUnit): string {
  const throws = events
    .filter((event) => event.kind === 'throw')
    .map((event) => ({ ...event, date: '', ball: event.ballG }));
  const measured = throws.flatMap(({ velocity }) => velocity ?? []);
  if (measured.length === 0) return '';
  const [most] = likeThrows(throws).sort((a, b) => b.velocities.length - a.velocities.length);
  const figures = velocityFigures(most!.velocities);
  return figures
    ? `Usual ${said(figures.usual, unit)}${most!.effort === null ? '' : ` at ${most!.effort} %`}, top ${said(figures.top, unit)}.`
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

/** Drills that are assigned for the days to come, until the next lesson where there is one. */
export function goesHome({ plan, ahead }: Pick<AthletePage, 'plan' | 'ahead'>, today: string): string[] {
  const until = ahead.find(({ kind, date }) => kind === 'lesson' && date > today)?.date ?? '9999';
  const items = plan?.assignment?.items.filter(({ date }) => date > today && date < until) ?? [];
  return [...new Set(items.map(({ drill }) => drill))];
}
