import {
  calledSpots,
  constraintOf,
  cueOwners,
  fastestThrow,
  isMissReason,
  longestCue,
  missSides,
  painSites,
  repSides,
  type CalledSpot,
  type CueOwner,
  type Flight,
  type MissSide,
  type PainSite,
  type RepSide,
} from '@wrightonic/core';
import Joi from 'joi';
import { longestLevelName } from './drillBook';
import { flight } from './flight';
import { drillId, known, nodeId } from './ids';
import { day, id, line, note, zone } from './shared';

interface Logged {
  id: string;
  at: string;
}

/** What is logged while somebody works. */
export type WorkingEvent =
  | (Logged & {
      kind: 'session-begun';
      athleteId: string;
      planId: string | null;
      zone: string;
      /** The day at the venue. */
      date: string;
    })
  | (Logged & {
      kind: 'pain';
      sessionId: string;
      moment: 'before' | 'after';
      level: 'none' | 'soreness' | 'pain';
      /** 0 to 10, for soreness. */
      score: number | null;
      site: PainSite | null;
    })
  /**
   * Throws that pain had locked are open again, with who cleared them and why: a state of the athlete. What an earlier
   * version logged names the session alone.
   */
  | (Logged & {
      kind: 'throws-cleared';
      athleteId?: string;
      sessionId: string | null;
      clearedBy: string;
      reason: string;
    })
  | (Logged & {
      kind: 'rep';
      sessionId: string;
      drill: string;
      outcome: 'clean' | 'missed';
      /** Of a missed one, where somebody said. */
      reason?: string;
      /** Name of the level, in a drill that has levels. */
      level?: string;
      /** In a drill that is done on each side. */
      side?: RepSide;
      /** Id of the live cue, where one was chosen. */
      cueId?: string;
    })
  /** Why a missed rep was missed, said after the tap; the newest word counts. */
  | (Logged & { kind: 'rep-explained'; sessionId: string; of: string; reason: string })
  /** The level at which a drill is worked from now on. */
  | (Logged & { kind: 'level-chosen'; athleteId: string; drill: string; level: string })
  /** The cue that is used for a drill from now on. */
  | (Logged & { kind: 'cue-chosen'; athleteId: string; drill: string; text: string; whose: CueOwner })
  /** Where the throw of a rep went that was aimed at a called spot; no sides for a hit. */
  | (Logged & {
      kind: 'spot-charted';
      sessionId: string;
      drill: string;
      repId: string;
      spot: CalledSpot;
      sides: MissSide[];
    })
  /** A word while working, about a drill or the session. */
  | (Logged & { kind: 'noted'; sessionId: string; drill: string | null; text: string })
  /** A set is over: what was on, how it went, and the way round that the body found. */
  | (Logged & {
      kind: 'set-done';
      sessionId: string;
      drill: string;
      constraints: string[];
      clean: number;
      missed: number;
      workaround: string | null;
    })
  /** The constraints of a drill for this athlete, in order. */
  | (Logged & { kind: 'constraints-ordered'; athleteId: string; drill: string; constraints: string[] })
  | (Logged & {
      kind: 'throw';
      sessionId: string;
      drill: string | null;
      /** m/s; null when not measured. */
      velocity: number | null;
      /** Percent; null when nobody said. */
      effort: number | null;
      pitch: string;
      ballG: number;
      /** What measured it, where it was no thumb. Its id is then that of the reading, so that it counts once. */
      source?: 'radar' | 'simulated';
      /** The rep that it was; a throw without a rep has none. */
      repId?: string;
      flight?: Flight;
    })
  /** Takes a rep or a throw back; both stay in the history. */
  | (Logged & { kind: 'undo'; sessionId: string | null; of: string })
  | (Logged & { kind: 'session-ended'; sessionId: string; note: string });

const level = line(longestLevelName);
const missReason = known('reason', (value) => isMissReason(value) || undefined);
const constraintList = Joi.array().items(known('constraint', constraintOf)).max(10).unique().required();

export const workingBodies: { [K in WorkingEvent['kind']]: Record<string, Joi.Schema> } = {
  'session-begun': {
    athleteId: id.required(),
    planId: id.allow(null).required(),
    zone: zone.required(),
    date: day.required(),
  },
  pain: {
    sessionId: id.required(),
    moment: Joi.valid('before', 'after').required(),
    level: Joi.valid('none', 'soreness', 'pain').required(),
    score: Joi.number().integer().min(0).max(10).allow(null).required(),
    site: Joi.valid(...painSites, null).required(),
  },
  'throws-cleared': {
    athleteId: Joi.when('sessionId', { is: null, then: id.required(), otherwise: id }),
    sessionId: id.allow(null).required(),
    clearedBy: line(120).required(),
    reason: line(300).required(),
  },
  rep: {
    sessionId: id.required(),
    drill: drillId.required(),
    outcome: Joi.valid('clean', 'missed').required(),
    reason: Joi.when('outcome', { is: 'missed', then: missReason, otherwise: Joi.forbidden() }),
    level,
    side: Joi.valid(...repSides),
    cueId: id,
  },
  'rep-explained': { sessionId: id.required(), of: id.required(), reason: missReason.required() },
  'level-chosen': { athleteId: id.required(), drill: drillId.required(), level: level.required() },
  'cue-chosen': {
    athleteId: id.required(),
    drill: drillId.required(),
    text: line(longestCue).required(),
    whose: Joi.valid(...cueOwners).required(),
  },
  'spot-charted': {
    sessionId: id.required(),
    drill: drillId.required(),
    repId: id.required(),
    spot: Joi.valid(...calledSpots).required(),
    sides: Joi.array()
      .items(Joi.valid(...missSides))
      .max(2)
      .unique()
      .required(),
  },
  noted: { sessionId: id.required(), drill: drillId.allow(null).required(), text: line(300).required() },
  'set-done': {
    sessionId: id.required(),
    drill: drillId.required(),
    constraints: constraintList,
    clean: Joi.number().integer().min(0).max(200).required(),
    missed: Joi.number().integer().min(0).max(200).required(),
    workaround: nodeId.allow(null).required(),
  },
  'constraints-ordered': { athleteId: id.required(), drill: drillId.required(), constraints: constraintList },
  throw: {
    sessionId: id.required(),
    drill: drillId.allow(null).required(),
    velocity: Joi.number().min(2).max(fastestThrow).allow(null).required(),
    effort: Joi.number().integer().min(10).max(100).allow(null).required(),
    pitch: line(30).required(),
    ballG: Joi.number().min(50).max(2000).required(),
    source: Joi.valid('radar', 'simulated'),
    repId: id,
    flight,
  },
  undo: { sessionId: id.allow(null).required(), of: id.required() },
  'session-ended': { sessionId: id.required(), note: note().required() },
};
