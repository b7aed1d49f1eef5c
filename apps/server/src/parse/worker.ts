import { TableError } from '@wrightonic/core';
import { readGames, type CalendarGames } from '@wrightonic/core/icalendar';
import { openArchive } from './archive';
import type { ArchiveJob, CalendarJob, OpenedArchive, ParserAnswer } from './parser';

export default async function read(
  job: CalendarJob | ArchiveJob,
): Promise<ParserAnswer<CalendarGames | OpenedArchive>> {
  try {
    if (job.kind === 'archive') return { read: await openArchive(job) };
    const { text, kind: _, ...window } = job;
    return { read: readGames(text, window) };
  } catch (error) {
    if (error instanceof TableError) return { refused: error.message };
    throw error;
  }
}
