import { answered } from './answered';
import { openArchive } from './archive';
import type { ArchiveJob, OpenedArchive, ParserAnswer } from './parser';

/** By itself, so that whoever reads a calendar does not wait for what opens archives. */
export default function open(job: ArchiveJob): Promise<ParserAnswer<OpenedArchive>> {
  return answered(() => openArchive(job));
}
