export { drillCues, type DrillCue } from './drillCues';
export { contradictions, cueTags, lexicon, ownWords, type CueTag } from './tags';
