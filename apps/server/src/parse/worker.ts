import { TableError } from '@wrightonic/core';
import { readGames } from '@wrightonic/core/icalendar';
import type { CalendarJob, ParserAnswer } from './parser';

export default function read({ text, ...window }: CalendarJob): ParserAnswer {
  try {
    return { games: readGames(text, window) };
  } catch (error) {
    if (error instanceof TableError) return { refused: error.message };
    throw error;
  }
}
