import type { EventOf, InstructionRecord } from '@wrightonic/contract';
import { dayAt } from '@wrightonic/core';
import { notUndone, type Academy } from './scope';
import { loggedBy } from './loggedBy';

export const storeInstruction = (
  academy: Academy,
  event: EventOf<'instruction'>,
  by: string,
): Promise<void> =>
  academy.add('instructions', {
    ...loggedBy(event, by),
    athlete_id: event.athleteId,
    told_by: event.from,
    text: event.text,
  });

/**
 * What an athlete was told by others and not taken back, and the notes of sessions, oldest first.
 *
 * @param since ISO day from which on notes of sessions count; what others tell counts until it is taken back
 */
export async function instructionsFor(
  academy: Academy,
  athleteId: string,
  since: string,
  zone: string,
): Promise<InstructionRecord[]> {
  const notes = academy.from('session_ends', 'e').whereNot({ 'e.note': '' });
  academy.join(notes, 'sessions', 's', 'id', 'e.session_id');
  const words = notUndone(academy.from('session_notes', 'n'), 'n');
  academy.join(words, 'sessions', 's', 'id', 'n.session_id');
  const ofSessions = (query: ReturnType<Academy['from']>, by: string, text: string) =>
    academy
      .join(query, 'people', 'p', 'id', by)
      .where({ 's.athlete_id': athleteId })
      .where('s.date', '>=', since)
      .select('p.name as by', `${text} as text`, 's.date');
  const [instructions, ends, noted] = await Promise.all([
    notUndone(academy.from('instructions', 'i').where({ 'i.athlete_id': athleteId }), 'i').select(
      'i.id',
      'i.told_by as by',
      'i.text',
      'i.at',
    ),
    ofSessions(notes, 'e.by_person', 'e.note'),
    ofSessions(words, 'n.by_person', 'n.text'),
  ]);
  const records: InstructionRecord[] = [
    ...[...ends, ...noted].map(({ by, text, date }: Omit<InstructionRecord, 'id'>) => ({
      id: null,
      by,
      text,
      date,
    })),
    ...instructions.map(({ id, by, text, at }: { id: string; by: string; text: string; at: Date }) => ({
      id,
      by,
      text,
      date: dayAt(at, zone),
    })),
  ];
  return records.sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
}
