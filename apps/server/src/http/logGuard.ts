import type { LogEvent, LogKind } from '@wrightonic/contract';
import { lockWords, throwStateOf, type DrillBook } from '@wrightonic/core';
import type { SignedIn } from '../auth/authSession';
import { bookOf, levelsEver } from '../store/drills';
import { membersOf } from '../store/camps';
import { sessionAthlete } from '../store/log';
import { look } from '../store/looks';
import { painHistories, type PainHistory } from '../store/pain';
import { texts } from './texts';

/** A device whose clock runs ahead by less is put right by this server's clock, ms. */
const slightlyAhead = 10 * 60_000;

/** What somebody logs who helps at a camp. */
const helping = new Set<LogKind>([
  'camp-checked-in',
  'session-begun',
  'session-ended',
  'rep',
  'throw',
  'noted',
  'pain',
  'undo',
  'look-begun',
  'finding',
  'look-finished',
]);

/** How far ahead a clock is, in words. */
function aheadWords(ms: number): string {
  const hours = Math.round(ms / 3_600_000);
  return hours < 48 ? `${Math.max(1, hours)} h` : `${Math.round(hours / 24)} days`;
}

/**
 * What a batch of events may not do: lie in the future, throw while pain locks it, unlock without being an instructor.
 * What it reads is kept for the batch, until an event of the batch changes it.
 */
export class LogGuard {
  private readonly histories = new Map<string, PainHistory>();
  private readonly athletes = new Map<string, string | null>();
  private book: DrillBook | null = null;
  /** Of somebody who helps at a camp: who comes to it, and looks of this batch. */
  private campers: Set<string> | null = null;
  private readonly looks = new Map<string, string>();

  constructor(
    private readonly signedIn: SignedIn,
    private readonly now: Date,
  ) {}

  /** The event as it may be stored, or why it is refused for good. */
  async judged(event: LogEvent): Promise<{ event: LogEvent; why?: never } | { event?: never; why: string }> {
    const ahead = Date.parse(event.at) - this.now.getTime();
    if (ahead > slightlyAhead)
      return {
        why: texts.clockIsAhead(aheadWords(ahead)),
      };
    const dated: LogEvent = ahead > 0 ? { ...event, at: this.now.toISOString() } : event;
    const why = await this.refusal(dated);
    return why ? { why } : { event: dated };
  }

  /** Call it for every event that goes in: what comes after it is judged by it, though it may not be written yet. */
  async stored(event: LogEvent): Promise<void> {
    if (event.kind === 'session-begun' && !(await this.sessionOf(event.id)))
      this.athletes.set(event.id, event.athleteId);
    if (event.kind !== 'pain' && event.kind !== 'throws-cleared') return;
    const athlete = await this.athleteOf(event);
    if (athlete) this.histories.delete(athlete);
  }

  /** Why somebody who helps at one camp may not log something; null for everybody else. */
  private async helperRefusal(event: LogEvent): Promise<string | null> {
    const { person, academy } = this.signedIn;
    if (!person.campId) return null;
    this.campers ??= new Set((await membersOf(academy, person.campId)).map(({ athleteId }) => athleteId));
    if (event.kind === 'look-begun') this.looks.set(event.id, event.athleteId);
    const athlete =
      'lookId' in event
        ? (this.looks.get(event.lookId) ?? (await look(academy, event.lookId))?.athleteId)
        : await this.athleteOf(event);
    return helping.has(event.kind) && athlete && this.campers.has(athlete) ? null : texts.helperLogsCampOnly;
  }

  private async refusal(event: LogEvent): Promise<string | null> {
    const notHere = await this.helperRefusal(event);
    if (notHere) return notHere;
    if (event.kind === 'throws-cleared')
      return this.signedIn.person.role === 'assistant' ? texts.onlyInstructorsUnlock : null;
    if (event.kind === 'look-told')
      return Date.parse(event.lookedAt) - this.now.getTime() > slightlyAhead ? texts.lookIsInTheFuture : null;
    if (event.kind === 'level-chosen') return this.levelRefusal(event.drill, event.level);
    if (event.kind === 'rep') {
      const wrong =
        event.level === undefined ? null : await this.levelRefusal(event.drill, event.level, true);
      if (wrong) return wrong;
      if (!(await this.drills()).drill(event.drill)?.throws) return null;
    } else if (event.kind !== 'throw' && event.kind !== 'pitch') return null;
    const athlete = await this.athleteOf(event);
    if (!athlete) return null;
    const { reports, clearances } = await this.historyOf(athlete);
    const until = <T extends { at: string }>(all: readonly T[]) => all.filter(({ at }) => at <= event.at);
    const { lock } = throwStateOf(until(reports), until(clearances));
    return lock && lockWords(lock);
  }

  /** The drills of the academy, read once for the batch. */
  readonly drills = async (): Promise<DrillBook> => (this.book ??= await bookOf(this.signedIn.academy));

  /**
   * Why a drill cannot be worked at a level: it has none of that name.
   *
   * @param late a level that was taken out counts: a device that was away may have worked at it
   */
  private async levelRefusal(id: string, level: string, late = false): Promise<string | null> {
    const names = ((await this.drills()).drill(id)?.levels ?? []).map(({ name }) => name);
    if (names.includes(level)) return null;
    if (late && (await levelsEver(this.signedIn.academy, id)).has(level)) return null;
    return names.length ? texts.noSuchLevel(level, names) : texts.noLevels(level);
  }

  private async athleteOf(event: LogEvent): Promise<string | null> {
    if ('athleteId' in event && event.athleteId) return event.athleteId;
    return 'sessionId' in event && event.sessionId ? this.sessionOf(event.sessionId) : null;
  }

  /** Whose session it is; null while it is nobody's. */
  private async sessionOf(sessionId: string): Promise<string | null> {
    if (!this.athletes.get(sessionId))
      this.athletes.set(sessionId, await sessionAthlete(this.signedIn.academy, sessionId));
    return this.athletes.get(sessionId)!;
  }

  private async historyOf(athlete: string): Promise<PainHistory> {
    const known = this.histories.get(athlete) ??
      (await painHistories(this.signedIn.academy, this.signedIn.academyRow.zone, athlete)).get(athlete) ?? {
        reports: [],
        clearances: [],
      };
    this.histories.set(athlete, known);
    return known;
  }
}
