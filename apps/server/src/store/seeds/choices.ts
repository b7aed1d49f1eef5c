import type { CueOwner } from '@wrightonic/core';
import { addDays, drillOf, venueInstant } from '@wrightonic/core';
import { zone, type Seeding } from './seeding';

/** Words that were tried, in their order, each from so far into the story on. */
const tried: readonly { text: string; whose: CueOwner; from: number }[] = [
  { text: 'Slow is smooth', whose: 'instructor', from: 0.35 },
  { text: 'Like closing a heavy door', whose: 'athlete', from: 0.65 },
];

/**
 * Two cues for the first drill, and the second level where a drill has one.
 *
 * @param days of the sessions, counted back from today, oldest first
 * @returns level and cue of a rep of a drill in the session of a day
 */
export async function seedChoices(
  { academy, id, today }: Seeding,
  athleteId: string,
  drills: readonly string[],
  days: readonly number[],
  by: string,
): Promise<(drill: string, daysAgo: number) => { level: string | null; cue_id: string | null }> {
  const dayAt = (part: number) => days[Math.floor(part * days.length)] ?? 0;
  const event = (daysAgo: number) => {
    const at = venueInstant(addDays(today, -daysAgo), '16:29', zone);
    return { id: id(at), athlete_id: athleteId, at, by_person: by };
  };
  const cued = drills.find((drill) => drillOf(drill)?.stage !== 'prep');
  const cues: { id: string; daysAgo: number }[] = [];
  const levelFrom = dayAt(0.5);
  if (days.length >= 6) {
    for (const { text, whose, from } of cued ? tried : []) {
      const row = { ...event(dayAt(from)), drill: cued, text, whose };
      cues.push({ id: row.id, daysAgo: dayAt(from) });
      await academy.add('cue_choices', row);
    }
    for (const drill of drills) {
      const level = drillOf(drill)?.levels?.[1]?.name;
      if (level) await academy.add('level_choices', { ...event(levelFrom), drill, level });
    }
  }
  return (drill, daysAgo) => ({
    level: drillOf(drill)?.levels?.[days.length >= 6 && daysAgo <= levelFrom ? 1 : 0]?.name ?? null,
    cue_id: drill === cued ? (cues.findLast((cue) => daysAgo <= cue.daysAgo)?.id ?? null) : null,
  });
}
