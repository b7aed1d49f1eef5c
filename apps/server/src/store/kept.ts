import { AsyncLocalStorage } from 'node:async_hooks';
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';

const packed = promisify(gzip);
/** A fast level: whoever waits for an answer waits for this too. */
const level = 3;

/** As much as answers may take up, characters. */
const mostText = 8_000_000;
/** However nothing seems to have changed, an answer is read anew after this, as somebody may write beside the server, ms. */
const longestKept = 60_000;

const tablesOf = (sql: string): string[] =>
  [...sql.matchAll(/\b(?:from|join|into|update)\s+`?(\w+)`?/gi)].map(([, table]) => table!);
const writes = /^\s*(?:insert|update|delete|replace|truncate|alter|drop)\b/i;

interface Query {
  sql: string;
  bindings?: readonly unknown[];
  /** Of the connection. */
  __knexUid: string;
}

type Connection = Pick<Query, '__knexUid'>;

/** What the pool of connections says of them. */
interface Pool {
  on(event: 'release', done: (connection: Connection) => void): void;
  on(event: 'destroyRequest', done: (id: number, connection: Connection) => void): void;
}

/** An answer as text, and packed for whoever can unpack it. */
export class Answer {
  private zipped: Promise<Buffer> | null = null;

  constructor(
    readonly text: string,
    private readonly tables: ReadonlySet<string>,
    /** The clock when its reading began. */
    private readonly began: number,
  ) {}

  packed(): Promise<Buffer> {
    return (this.zipped ??= packed(this.text, { level }));
  }

  /** @param written when a table was written to last, on the same clock */
  holds(written: (table: string) => number): boolean {
    return [...this.tables].every((table) => written(table) <= this.began);
  }
}

/**
 * Answers that are kept until a table that they were read from is written to. Which tables those are, and which are
 * written to, is heard from the queries themselves, so that no caller can forget one.
 */
class KeptAnswers {
  private clock = 0;
  /** When a table was written to last, by table and academy. */
  private readonly written = new Map<string, number>();
  private readonly academies = new Set<string>();
  /** What connections have written to and not given back yet: until then others may still read what was there before. */
  private readonly open = new Map<string, Set<string>>();
  private readonly reading = new AsyncLocalStorage<Set<string>>();
  private readonly underWay = new Map<string, { began: number; answer: Promise<Answer> }>();
  private readonly answers = new LRUCache<string, Answer>({
    maxSize: mostText,
    sizeCalculation: ({ text }) => text.length + 1,
    ttl: longestKept,
  });

  constructor(db: Knex) {
    db.on('query', (query: Query) => this.heard(query));
    const { pool } = db.client as { pool: Pool };
    pool.on('release', ({ __knexUid }) => this.released(__knexUid));
    // One that broke off may have written before it did.
    pool.on('destroyRequest', (_, { __knexUid }) => this.released(__knexUid));
  }

  /**
   * What was answered last, or what is read now.
   *
   * @param key all that the answer hangs on beside the tables
   */
  async answer(academy: string, key: string, read: () => Promise<string>): Promise<Answer> {
    const known = this.answers.get(key);
    if (known?.holds((table) => this.writtenAt(table, academy))) return known;
    const began = this.clock;
    // Whoever asks while nothing has been written since another asked the same waits for the same answer.
    const other = this.underWay.get(key);
    if (other?.began === began) return other.answer;
    const answer = this.read(academy, began, read);
    this.underWay.set(key, { began, answer });
    try {
      this.answers.set(key, await answer);
    } finally {
      if (this.underWay.get(key)?.answer === answer) this.underWay.delete(key);
    }
    return answer;
  }

  private async read(academy: string, began: number, read: () => Promise<string>): Promise<Answer> {
    this.academies.add(academy);
    const tables = new Set<string>();
    return new Answer(await this.reading.run(tables, read), tables, began);
  }

  private writtenAt(table: string, academy: string): number {
    return Math.max(this.written.get(`${table} ${academy}`) ?? 0, this.written.get(table) ?? 0);
  }

  private heard({ sql, bindings = [], __knexUid: by }: Query): void {
    const tables = tablesOf(sql);
    if (!writes.test(sql)) {
      const mine = this.reading.getStore();
      tables.forEach((table) => mine?.add(table));
      return;
    }
    const whose = [...new Set(bindings)].filter((each) => this.academies.has(each as string));
    const open = this.open.get(by) ?? new Set();
    this.open.set(by, open);
    // A row that names no academy that anything is kept of may be anybody's.
    for (const table of tables)
      for (const name of whose.length ? whose.map((academy) => `${table} ${academy as string}`) : [table])
        open.add(name);
  }

  private released(by: string): void {
    const open = this.open.get(by);
    if (!open) return;
    this.open.delete(by);
    this.clock++;
    for (const name of open) this.written.set(name, this.clock);
  }
}

/** Answers that are kept, or read anew each time. */
type Answers = Pick<KeptAnswers, 'answer'>;

const readAnew: Answers = {
  answer: async (_academy, _key, read) => new Answer(await read(), new Set(), 0),
};

const byDatabase = new WeakMap<object, Answers>();

/** Where others write to the same database, which this process does not hear: no answer is kept of it. */
export function keepNothing(db: Knex): void {
  byDatabase.set(db, readAnew);
}

/** What is kept of a database; one for all who ask. */
export function keptOf(db: Knex): Answers {
  const known = byDatabase.get(db) ?? new KeptAnswers(db);
  byDatabase.set(db, known);
  return known;
}
