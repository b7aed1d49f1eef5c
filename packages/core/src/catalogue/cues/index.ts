export type { DrillCue } from './cue';
export { drillCues } from './drillCues';
export { contradictions, cueTags, lexicon, ownWords, type CueTag } from './tags';
