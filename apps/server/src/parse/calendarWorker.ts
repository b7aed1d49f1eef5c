import { readGames, type CalendarGames } from '@wrightonic/core/icalendar';
import { answered } from './answered';
import type { CalendarJob, ParserAnswer } from './parser';

export default function read({ text, ...window }: CalendarJob): Promise<ParserAnswer<CalendarGames>> {
  return answered(() => readGames(text, window));
}
