import { addDays, venueInstant } from '@wrightonic/core';
import { addLesson } from '../lessons';
import { zone, type Seeding } from './seeding';

const weeksAhead = 12;

/** Lessons of the coming weeks: some alone, three of a day together. */
export async function seedLessons(
  { academy, today, id }: Seeding,
  athletes: { id: string }[],
  by: (n: number) => string,
): Promise<void> {
  for (let day = 0; day < weeksAhead * 7; day++) {
    const date = addDays(today, day);
    const alone = athletes.filter((_, n) => (n + day) % 4 === 0);
    // Three of them share the last hour.
    const together = athletes.filter((_, n) => (n + day) % 8 === 3);
    const lessons = [
      ...alone.map((athlete, slot) => ({
        athlete,
        time: `${15 + Math.floor(slot / 2)}:${slot % 2 ? '30' : '00'}`,
        minutes: 30,
        place: ['Cage 1', 'Cage 2', 'Mound'][slot % 3]!,
        by: by(slot),
      })),
      ...together.map((athlete) => ({ athlete, time: '18:30', minutes: 60, place: 'Cage 1', by: by(day) })),
    ];
    for (const { athlete, time, minutes, place, by: instructor } of lessons)
      await addLesson(
        academy,
        { id: id(venueInstant(date, time, zone)), athleteId: athlete.id, date, time, minutes, place },
        zone,
        instructor,
      );
  }
}
