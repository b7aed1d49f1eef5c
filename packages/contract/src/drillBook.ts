import {
  cueTags,
  deliveryParts,
  nodesFor,
  ownDrillId,
  painSites,
  places,
  stages,
  type OwnDrill,
} from '@wrightonic/core';
import Joi from 'joi';
import { id, line } from './shared';

/** What a file of drills says of itself, so that nobody takes another file for one. */
export const drillFileFormat = 'wrightonic-drills';
export const drillFileVersion = 1;
export const mostDrillsInFile = 200;

/** Drills as academies hand them to each other. */
export interface DrillFile {
  format: typeof drillFileFormat;
  version: typeof drillFileVersion;
  drills: OwnDrill[];
}

/** Longest name of a level, letters: it has to fit on a button. */
export const longestLevelName = 40;
export const mostLevels = 6;

const node = Joi.string()
  .valid(...new Set([...nodesFor('overhand'), ...nodesFor('windmill')].map((each) => each.id)))
  .messages({ 'any.only': '{{#label}} is the id of no flaw, limit or symptom' });
const neighbour = Joi.string().max(60).allow(null).required();

/** The form of one drill; what it means beyond that is judged by the core. */
export const ownDrill = Joi.object<OwnDrill>({
  id: Joi.string()
    .pattern(ownDrillId)
    .messages({
      'string.pattern.base':
        '{{#label}} begins with own- and goes on with small letters, digits and single hyphens',
    })
    .min(5)
    .max(60)
    .required()
    .description('Stays the same when the drill changes.'),
  name: line(60).required(),
  discipline: Joi.string().valid('overhand', 'windmill', 'both').required(),
  thread: Joi.string().valid('lower', 'arm').required(),
  stage: Joi.string()
    .valid(...stages)
    .required(),
  targets: Joi.array()
    .items(node.valid('*'))
    .min(1)
    .max(12)
    .unique()
    .required()
    .description('Flaws, limits and symptoms that it works on; * is whatever the focus of the plan is.'),
  equipment: Joi.array()
    .items(Joi.array().items(line(40)).min(1).max(6))
    .max(8)
    .required()
    .description('All of these are needed; of each inner list any one will do.'),
  places: Joi.array()
    .items(Joi.string().valid(...places))
    .min(1)
    .unique()
    .required(),
  dose: line(40).required().description('For example 3x8, 3x5 hold 3 s, 2x30 s each, 10+10 or 15 pitches.'),
  throws: Joi.number().integer().min(0).max(200).required().description('Of one whole dose; 0 when dry.'),
  effort: Joi.object({
    from: Joi.number().integer().min(10).max(100).required(),
    to: Joi.number().integer().min(10).max(100).required(),
  })
    .allow(null)
    .required()
    .description('Percent of the most; null when dry.'),
  strength: Joi.boolean()
    .required()
    .description('Makes stronger: two or three days a week, not before a game.'),
  minAge: Joi.number().integer().min(5).max(21).required(),
  avoidWithPainIn: Joi.array()
    .items(Joi.string().valid(...painSites))
    .unique()
    .required(),
  easier: neighbour.description('Id of the next easier drill.'),
  harder: neighbour.description('Id of the next harder drill.'),
  what: line(400).required(),
  cue: line(120).required().description('The one plain cue.'),
  caution: line(300).allow(null).required(),
  levels: Joi.array()
    .items(Joi.object({ name: line(longestLevelName).required(), change: line(120).required() }).required())
    .min(2)
    .max(mostLevels)
    .unique('name')
    .description(
      'Steps of the drill from the easiest on, each with what changes; left out where it has none.',
    ),
  page: Joi.object({
    setUp: line(500).required(),
    steps: Joi.array().items(line(300)).min(1).max(8).required(),
    good: line(300).required(),
    mistakes: Joi.array().items(line(200)).max(6).required(),
    workaround: Joi.object({ flaw: node.required(), seen: line(200).required() })
      .allow(null)
      .required()
      .description('The way round it that the body finds.'),
    holds: Joi.array()
      .items(Joi.string().valid(...deliveryParts))
      .unique()
      .required()
      .description('Parts of the delivery that are in it.'),
    leavesOut: Joi.string()
      .valid(...deliveryParts)
      .allow(null)
      .required()
      .description('The part that must come in the next stage.'),
  }).required(),
  cues: Joi.object({
    feel: line(120).required(),
    target: line(120).required(),
    tags: Joi.array()
      .items(Joi.string().valid(...cueTags))
      .unique()
      .required(),
  }).required(),
  figure: neighbour.description('Id of the drill of the catalogue whose figure shows the set-up.'),
});

export const drillFile = Joi.object<DrillFile>({
  format: Joi.string().valid(drillFileFormat).required(),
  version: Joi.number().valid(drillFileVersion).required(),
  drills: Joi.array().items(ownDrill).min(1).max(mostDrillsInFile).unique('id').required(),
}).required();

/** An academy's own drill as it stands. */
export interface OwnDrillRecord {
  drill: OwnDrill;
  /** Not given any more; plans that hold it keep it. */
  retired: boolean;
  at: string;
  by: string;
}

/** Keeps drills as they now are; all or none. */
export interface DrillsKept {
  drills: { id: string; drill: OwnDrill; retired: boolean }[];
}

export const drillsKept = Joi.object<DrillsKept>({
  drills: Joi.array()
    .items(Joi.object({ id: id.required(), drill: ownDrill.required(), retired: Joi.boolean().required() }))
    .min(1)
    .max(mostDrillsInFile)
    .required(),
}).required();

/** A file of drills, to be looked at before anything is kept. */
export interface DrillFileText {
  text: string;
}

export const drillFileText = Joi.object<DrillFileText>({
  text: Joi.string().max(3_000_000).required(),
}).required();

/** What a file of drills would bring. */
export interface DrillFileRead {
  fresh: OwnDrill[];
  changed: OwnDrill[];
  /** Ids of those that are there just so. */
  same: string[];
}
