import type { EventOf, LogEvent, LogKind } from '@wrightonic/contract';
import { dayAt } from '@wrightonic/core';
import { storeCheckIn } from './camps';
import { spotRow, storeChoices } from './choices';
import { storeClip } from './clips';
import { setRow, storeConstraints } from './constraints';
import { storeCurves } from './curves';
import { storeInstruction } from './instructions';
import { storeLesson, storeLessonChange } from './lessons';
import { storeStrike } from './links';
import { sessionAthlete } from './log';
import { storeGrade, storeLookTold } from './looks';
import { isMissingParent, missingParent, OtherContent, type Academy, type TableName } from './scope';
import { storeScreen } from './screens';
import { flightColumns, storePitch } from './throws';
import { loggedBy } from './loggedBy';

/** A session as far as its events must know it. */
interface Practice {
  athlete_id: string;
  date: string;
}

interface Row {
  table: TableName;
  row: Record<string, unknown>;
}

/** Events that become a row by themselves: many of them are stored in one go. */
const rowOf = {
  'session-begun': (event: EventOf<'session-begun'>, by: string): Row => ({
    table: 'sessions',
    row: {
      ...loggedBy(event, by),
      athlete_id: event.athleteId,
      plan_id: event.planId,
      // The venue's own day: what a device calls today may be another.
      date: dayAt(new Date(event.at), event.zone),
      zone: event.zone,
    },
  }),
  rep: (event: EventOf<'rep'>, by: string): Row => ({
    table: 'rep_events',
    row: {
      ...loggedBy(event, by),
      session_id: event.sessionId,
      drill: event.drill,
      outcome: event.outcome,
      reason: event.reason ?? null,
      level: event.level ?? null,
      side: event.side ?? null,
      cue_id: event.cueId ?? null,
    },
  }),
  'rep-explained': (event: EventOf<'rep-explained'>, by: string): Row => ({
    table: 'rep_explanations',
    row: { ...loggedBy(event, by), session_id: event.sessionId, rep_id: event.of, reason: event.reason },
  }),
  noted: (event: EventOf<'noted'>, by: string): Row => ({
    table: 'session_notes',
    row: { ...loggedBy(event, by), session_id: event.sessionId, drill: event.drill, text: event.text },
  }),
  throw: (event: EventOf<'throw'>, by: string, session: Practice): Row => ({
    table: 'throws',
    row: {
      ...loggedBy(event, by),
      athlete_id: session.athlete_id,
      session_id: event.sessionId,
      date: session.date,
      drill: event.drill,
      velocity: event.velocity,
      effort: event.effort,
      pitch: event.pitch,
      ball_g: event.ballG,
      source: event.source ?? 'work',
      rep_id: event.repId ?? null,
      ...flightColumns(event.flight),
    },
  }),
  'spot-charted': (event: EventOf<'spot-charted'>, by: string): Row => ({
    table: 'spot_events',
    row: spotRow(event, by),
  }),
  'set-done': (event: EventOf<'set-done'>, by: string): Row => ({
    table: 'set_events',
    row: setRow(event, by),
  }),
  undo: (event: EventOf<'undo'>, by: string): Row => ({
    table: 'undone',
    row: { ...loggedBy(event, by), session_id: event.sessionId, of: event.of },
  }),
  'session-ended': (event: EventOf<'session-ended'>, by: string): Row => ({
    table: 'session_ends',
    row: { ...loggedBy(event, by), session_id: event.sessionId, note: event.note },
  }),
};
type RowKind = keyof typeof rowOf;
/** What others belong to comes first. */
const rowKinds = Object.keys(rowOf) as RowKind[];
type RowEvent = EventOf<RowKind>;
const isRowEvent = (event: LogEvent): event is RowEvent => event.kind in rowOf;

type Store<K extends LogKind> = (academy: Academy, event: EventOf<K>, by: string) => Promise<void>;

/** One way of storing each other kind of event; each may come twice. */
const stores: { [K in Exclude<LogKind, RowKind>]: Store<K> } = {
  'look-begun': (academy, event, by) =>
    academy.add('looks', {
      ...loggedBy(event, by),
      athlete_id: event.athleteId,
      kind: event.look,
      zone: event.zone,
      date: dayAt(new Date(event.at), event.zone),
      looked_at: new Date(event.at),
      place: event.place,
    }),
  'look-told': storeLookTold,
  finding: (academy, event, by) => storeGrade(academy, event, null, by),
  'look-corrected': (academy, event, by) => storeGrade(academy, event, event.reason, by),
  'look-finished': (academy, event, by) =>
    academy.add('look_ends', { ...loggedBy(event, by), look_id: event.lookId }),
  'link-struck': storeStrike,
  instruction: storeInstruction,
  pain: (academy, event, by) =>
    academy.add('pain_reports', {
      ...loggedBy(event, by),
      session_id: event.sessionId,
      moment: event.moment,
      level: event.level,
      score: event.score,
      site: event.site,
    }),
  'throws-cleared': async (academy, event, by) => {
    const athlete = event.athleteId ?? (event.sessionId && (await sessionAthlete(academy, event.sessionId)));
    if (!athlete) throw missingParent('no athlete');
    await academy.add('pain_clearances', {
      ...loggedBy(event, by),
      athlete_id: athlete,
      session_id: event.sessionId,
      cleared_by: event.clearedBy,
      reason: event.reason,
    });
  },
  'camp-checked-in': storeCheckIn,
  'lesson-planned': storeLesson,
  'lesson-changed': storeLessonChange,
  ...storeChoices,
  ...storeConstraints,
  ...storeScreen,
  ...storeClip,
  pitch: storePitch,
  'curves-read': storeCurves,
};

/** What became of an event: stored, or refused for good as it belongs to nothing here or its id means something else. */
export type Stored = 'stored' | 'homeless' | 'other';

function refusalOf(error: unknown): Stored {
  if (isMissingParent(error)) return 'homeless';
  if (error instanceof OtherContent) return 'other';
  throw error;
}

/** Rows of one table, all in one statement; one by one where some of them belong to nothing. */
async function addRows(academy: Academy, table: TableName, rows: readonly Row['row'][]): Promise<Stored[]> {
  try {
    return (await academy.addEach(table, rows)).map((same) => (same ? 'stored' : 'other'));
  } catch (error) {
    const refusal = refusalOf(error);
    if (rows.length === 1) return [refusal];
    const each: Stored[] = [];
    for (const row of rows) each.push(...(await addRows(academy, table, [row])));
    return each;
  }
}

/** An event with its place among those that are answered. */
interface Waiting {
  at: number;
  event: RowEvent;
}

/** Stores events that become rows, kind by kind; says of each what became of it. */
async function storeRows(
  academy: Academy,
  waiting: readonly Waiting[],
  by: string,
): Promise<{ at: number; stored: Stored }[]> {
  const become: { at: number; stored: Stored }[] = [];
  for (const kind of rowKinds) {
    const some = waiting.filter(({ event }) => event.kind === kind);
    if (some.length === 0) continue;
    const throws = some.flatMap(({ event }) => (event.kind === 'throw' ? [event] : []));
    const sessions = await practices(academy, throws);
    const rows = some.flatMap(({ at, event }) => {
      const session = event.kind === 'throw' ? sessions.get(event.sessionId) : undefined;
      if (event.kind === 'throw' && !session) {
        become.push({ at, stored: 'homeless' });
        return [];
      }
      const make = rowOf[kind] as (event: RowEvent, by: string, session?: Practice) => Row;
      return [{ at, made: make(event, by, session) }];
    });
    if (rows.length === 0) continue;
    const added = await addRows(
      academy,
      rows[0]!.made.table,
      rows.map(({ made }) => made.row),
    );
    rows.forEach(({ at }, n) => become.push({ at, stored: added[n]! }));
  }
  return become;
}

async function practices(
  academy: Academy,
  throws: readonly EventOf<'throw'>[],
): Promise<Map<string, Practice>> {
  if (throws.length === 0) return new Map();
  const ids = [...new Set(throws.map(({ sessionId }) => sessionId))];
  const rows: (Practice & { id: string })[] = await academy
    .from('sessions')
    .whereIn('id', ids)
    .select('id', 'athlete_id', 'date');
  return new Map(rows.map(({ id, ...row }) => [id, row]));
}

/**
 * Stores events in order, those that become rows by themselves in as few statements as their order allows.
 */
export class EventWriter {
  private readonly outcomes: Stored[] = [];
  private readonly waiting: Waiting[] = [];
  private added = 0;

  constructor(
    private readonly academy: Academy,
    private readonly by: string,
  ) {}

  async add(event: LogEvent): Promise<void> {
    const at = this.added++;
    // The same id twice in one batch: the first is stored before the second is compared with it.
    if (this.waiting.some((each) => each.event.id === event.id)) await this.flush();
    if (isRowEvent(event)) return void this.waiting.push({ at, event });
    await this.flush();
    const store = stores[event.kind] as Store<LogKind>;
    this.outcomes[at] = await store(this.academy, event as never, this.by).then(
      (): Stored => 'stored',
      (error: unknown) => refusalOf(error),
    );
  }

  /** @returns what became of each event that was added, in order */
  async flush(): Promise<readonly Stored[]> {
    const waiting = this.waiting.splice(0);
    if (waiting.length)
      for (const { at, stored } of await storeRows(this.academy, waiting, this.by))
        this.outcomes[at] = stored;
    return this.outcomes;
  }
}
