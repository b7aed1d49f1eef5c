import { join } from 'node:path';
import { TableError } from '@wrightonic/core';
import type { CalendarGames } from '@wrightonic/core/icalendar';
import { Piscina } from 'piscina';

/** A foreign file took more time or memory than it is given. */
export class BudgetSpent extends Error {
  constructor() {
    super('This file takes too long to read. Export fewer events, and without endless repeats.');
  }
}

export interface CalendarJob {
  text: string;
  from: string;
  until: string;
  zone: string;
}

/** What a thread answers: errors of the file as words, since classes do not cross threads. */
export type ParserAnswer = { games: CalendarGames; refused?: never } | { refused: string; games?: never };

const budgetMs = 6_000;
const budgetMb = 256;
/** Files that wait; more are sent away. */
const mostWaiting = 20;

/** Reads files of others in threads of their own, so that none can hold up the server or fill its memory. */
export class Parser {
  private readonly pool: Piscina;

  /** @param budget time for one file, waiting included, ms */
  constructor(private readonly budget = budgetMs) {
    this.pool = new Piscina({
      filename: join(__dirname, 'worker.ts'),
      execArgv: ['--require', require.resolve('tsx/cjs')],
      minThreads: 0,
      maxThreads: 2,
      maxQueue: mostWaiting,
      idleTimeout: 60_000,
      resourceLimits: { maxOldGenerationSizeMb: budgetMb },
    });
  }

  /**
   * The games of a calendar.
   *
   * @throws TableError for what is no calendar; BudgetSpent when it is too much
   */
  async games(job: CalendarJob): Promise<CalendarGames> {
    let answer: ParserAnswer;
    try {
      // The thread ends with its job when the time is up.
      answer = (await this.pool.run(job, { signal: AbortSignal.timeout(this.budget) })) as ParserAnswer;
    } catch {
      throw new BudgetSpent();
    }
    if (answer.games) return answer.games;
    throw new TableError(answer.refused);
  }

  close(): Promise<void> {
    return this.pool.destroy();
  }
}
