import { TableError } from '@wrightonic/core';
import type { ArchiveHead, ArchiveProblem, ArchiveRow, ArchiveTable } from '@wrightonic/core/archive';
import type { CalendarGames } from '@wrightonic/core/icalendar';
import { Piscina } from 'piscina';
import { threadArgs, threadFile } from '../thread';
import { texts } from './texts';

/** A foreign file took more time or memory than it is given. */
export class BudgetSpent extends Error {}

const tooMuch = {
  calendarWorker: texts.fileTakesTooLong,
  archiveWorker: texts.archiveTakesTooLong,
};

export interface CalendarJob {
  text: string;
  from: string;
  until: string;
  zone: string;
}

export interface ArchiveJob {
  zip: Uint8Array;
  /** What an archive of each kind holds, as this server knows it. */
  tables: Readonly<Record<ArchiveHead['kind'], readonly ArchiveTable[]>>;
  /** The migration up to which this server stands. */
  schema: string;
}

/** An archive as it was read, with what is wrong with it. */
export interface OpenedArchive {
  head: ArchiveHead;
  rows: ReadonlyMap<string, readonly ArchiveRow[]>;
  pictures: ReadonlyMap<string, Uint8Array>;
  problems: ArchiveProblem[];
}

/** What a thread answers: errors of the file as words, since classes do not cross threads. */
export type ParserAnswer<T> = { read: T; refused?: never } | { refused: string; read?: never };

/** A thread that has to be started first takes some of it on a machine that is busy. */
const budgetMs = 12_000;
const archiveMs = 45_000;
const budgetMb = 1_024;
/** Files that wait; more are sent away. */
const mostWaiting = 20;

/** Reads files of others in threads of their own, so that none can hold up the server or fill its memory. */
export class Parser {
  private readonly pool: Piscina;

  /** @param budget time for one file, waiting included, ms */
  constructor(private readonly budget = budgetMs) {
    this.pool = new Piscina({
      filename: threadFile(__dirname, 'calendarWorker'),
      execArgv: threadArgs,
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
  games(job: CalendarJob): Promise<CalendarGames> {
    return this.run('calendarWorker', job, this.budget);
  }

  /**
   * What an archive holds, with what is wrong with it.
   *
   * @throws TableError for what is no archive, or one that is not safe to open; BudgetSpent when it is too much
   */
  archive(job: ArchiveJob): Promise<OpenedArchive> {
    return this.run('archiveWorker', job, archiveMs);
  }

  private async run<T>(by: keyof typeof tooMuch, job: CalendarJob | ArchiveJob, budget: number): Promise<T> {
    let answer: ParserAnswer<T>;
    try {
      // The thread ends with its job when the time is up.
      answer = (await this.pool.run(job, {
        filename: threadFile(__dirname, by),
        signal: AbortSignal.timeout(budget),
      })) as ParserAnswer<T>;
    } catch {
      throw new BudgetSpent(tooMuch[by]);
    }
    if (answer.refused === undefined) return answer.read;
    throw new TableError(answer.refused);
  }

  close(): Promise<void> {
    return this.pool.destroy();
  }
}
