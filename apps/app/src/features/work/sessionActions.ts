import type { EventOf, LogEvent, LogKind, RadarReading } from '@wrightonic/contract';
import {
  lastTap,
  measuredMs,
  throwThatStays,
  unmeasured,
  type CalledSpot,
  type DrillBook,
  type MissSide,
} from '@wrightonic/core';

/** A reading of a radar line that becomes a throw. */
export interface Claimed extends Pick<RadarReading, 'id' | 'velocity' | 'flight'> {
  source: 'radar' | 'simulated';
}

type Fields<K extends LogKind> = Omit<EventOf<K>, 'id' | 'at' | 'kind'>;
/** Writes an event into the log, under an id of its own or a given one; gives the id. */
export type Write = <K extends LogKind>(kind: K, fields: Fields<K>, id?: string) => string;

/** What is tapped hangs on: the session so far, and how each drill is worked now. */
export interface Working {
  write: Write;
  sessionId: string;
  /** Oldest first, without what was taken back. */
  events: readonly LogEvent[];
  book: DrillBook;
  /** Milliseconds since 1970. */
  now: () => number;
  /** A throw of a drill at the effort that is asked. */
  throwOf: (
    drill: string,
    velocity: number | null,
    of?: Partial<EventOf<'throw'>>,
  ) => Omit<Fields<'throw'>, 'sessionId'>;
  /** What belongs to a rep of a drill as it is worked now: level, side and cue. */
  worked: (drill: string) => Pick<EventOf<'rep'>, 'level' | 'side' | 'cueId'>;
}

const measured = ({ flight, source }: Claimed): Pick<Claimed, 'flight' | 'source'> => ({
  source,
  ...(flight ? { flight } : {}),
});

/** Reps, what is typed for them, and taking them back. */
function repActions({ write, sessionId, events, book, throwOf, worked }: Working) {
  const takeBack = (of: string) => write('undo', { sessionId, of });
  return {
    /** A rep of a throwing drill is a throw as well; it takes the reading that waits for it, where there is one. */
    rep: (drill: string, outcome: 'clean' | 'missed', reason?: string, claimed?: Claimed | null) => {
      const repId = write('rep', {
        sessionId,
        drill,
        outcome,
        ...(reason ? { reason } : {}),
        ...worked(drill),
      });
      if (!book.drill(drill)?.throws) return;
      const thrown = { sessionId, ...throwOf(drill, claimed?.velocity ?? null, { repId }) };
      if (claimed) write('throw', { ...thrown, ...measured(claimed) }, claimed.id);
      else write('throw', thrown);
    },
    /** A velocity, m/s, of the throw just logged, or of one more throw. */
    velocity: (drill: string, velocity: number) => {
      const open = unmeasured(events, drill);
      if (open) takeBack(open.id);
      write('throw', { sessionId, ...throwOf(drill, velocity, open ? { repId: open.repId } : {}) });
    },
    /** Says why a rep was missed, after the tap. */
    explain: (of: string, reason: string) => write('rep-explained', { sessionId, of, reason }),
    takeBack,
    undo: () => {
      const tap = lastTap(events);
      for (const { id } of tap) takeBack(id);
      const stays = throwThatStays(tap);
      if (stays) write('throw', { sessionId, ...throwOf(stays.drill!, null, stays) });
    },
  };
}

/** What becomes of the readings of a radar line. */
function readingActions({ write, sessionId, events, now, throwOf }: Working) {
  const takeBack = (of: string) => write('undo', { sessionId, of });
  return {
    /** Gives a reading to the rep that was just tapped; false where none waits for it. */
    attach: (drill: string, claimed: Claimed): boolean => {
      if (events.some((event) => event.id === claimed.id)) return true;
      const open = unmeasured(events, drill);
      if (!open || now() - Date.parse(open.at) > measuredMs) return false;
      takeBack(open.id);
      const thrown = { sessionId, ...throwOf(drill, claimed.velocity, open) };
      write('throw', { ...thrown, ...measured(claimed) }, claimed.id);
      return true;
    },
    /** Counts a reading as a throw that has no rep. */
    claim: (drill: string, claimed: Claimed) => {
      const thrown = { sessionId, ...throwOf(drill, claimed.velocity) };
      write('throw', { ...thrown, ...measured(claimed) }, claimed.id);
    },
    /** A measured throw was none; where its rep was counted, a throw without a velocity stays. */
    discard: (thrown: EventOf<'throw'>) => {
      takeBack(thrown.id);
      if (thrown.repId) write('throw', { sessionId, ...throwOf(thrown.drill!, null, thrown) });
    },
  };
}

/** Everything that can be logged in a session under way. */
export const sessionActions = (working: Working) => {
  const { write, sessionId } = working;
  return {
    ...repActions(working),
    ...readingActions(working),
    pain: (answer: Omit<Fields<'pain'>, 'sessionId'>) => write('pain', { sessionId, ...answer }),
    /** A set is over; the next one begins at nought. */
    setDone: (
      drill: string,
      constraints: string[],
      { clean, missed }: { clean: number; missed: number },
      workaround: string | null,
    ) => write('set-done', { sessionId, drill, constraints, clean, missed, workaround }),
    /** Where the throw of a rep went that was aimed at a spot. */
    chart: (drill: string, repId: string, spot: CalledSpot, missed: readonly MissSide[]) =>
      write('spot-charted', { sessionId, drill, repId, spot, sides: [...missed] }),
    note: (drill: string, text: string) => write('noted', { sessionId, drill, text }),
    end: (note: string) => write('session-ended', { sessionId, note }),
  };
};
