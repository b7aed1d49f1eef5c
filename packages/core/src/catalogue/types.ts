/** The two kinds of pitching that are served. */
export type Discipline = 'overhand' | 'windmill';
/** The hand that throws; lead, trail, throwing and glove side follow from it. */
export type Hand = 'L' | 'R';
export type Thread = 'lower' | 'arm';
export type OverhandPhase = 'setup' | 'lift' | 'glide' | 'plant' | 'turn' | 'release' | 'finish';
export type WindmillPhase = 'setup' | 'load' | 'drive' | 'circle' | 'plant' | 'through' | 'finish';
export type Phase = OverhandPhase | WindmillPhase;

/** 0 clean, 1 slight, 2 obvious, 3 severe. Not looked at is the absence of a severity, never 0. */
export type Severity = 0 | 1 | 2 | 3;
export const severities = [0, 1, 2, 3] as const satisfies readonly Severity[];

export interface Flaw {
  id: string;
  name: string;
  discipline: Discipline;
  phase: Phase;
  thread: Thread;
  /** Tactical flaws are shown and never traced; style is a taste unless it has effects. */
  kind: 'pattern' | 'style' | 'tactical';
  stresses: 'arm' | 'knee' | null;
  see: string;
}

/** Thresholds in `unit`; null where the grade comes from `norms` instead. */
export interface Limit {
  id: string;
  name: string;
  test: string;
  unit: string;
  side: 'lead' | 'trail' | 'both' | 'none' | 'throwing';
  expected: number | null;
  slight: number | null;
  clear: number | null;
  severe: number | null;
  worseWhen: 'below' | 'above';
  howMeasured: string;
}

export interface Symptom {
  id: string;
  name: string;
  from: string;
  see: string;
}

/** How strongly a severe cause produces its effect, in (0, 1). */
export interface Link {
  cause: string;
  effect: string;
  weight: number;
}

/** cause → effect → weight */
export type LinkTable = Readonly<Record<string, Readonly<Record<string, number>>>>;

export const stages = [
  'prep',
  'feel',
  'move',
  'constrain',
  'connect',
  'blend',
  'deliver',
  'compete',
] as const;
export type Stage = (typeof stages)[number];
export const places = ['home', 'field', 'cage', 'mound', 'gym'] as const;
export type Place = (typeof places)[number];
export const painSites = ['shoulder', 'elbow', 'back', 'hip', 'knee', 'ankle', 'other'] as const;
export type PainSite = (typeof painSites)[number];

/** A step of a drill, from the easiest on. */
export interface DrillLevel {
  /** Short, for a tap. */
  name: string;
  /** What changes against the level before. */
  change: string;
}

export interface Drill {
  id: string;
  name: string;
  discipline: Discipline | 'both';
  thread: Thread;
  stage: Stage;
  /** Ids of flaws, limits and symptoms; `*` serves whatever the plan's focus is. */
  targets: readonly string[];
  /** All of these are needed; of each inner list any one will do. */
  equipment: readonly (readonly string[])[];
  /** Any of these places will do. */
  places: readonly Place[];
  /** Default dose in the notation that `parseDose` reads. */
  dose: string;
  /** Throws that one whole dose costs. */
  throws: number;
  /** Effort asked, percent; null when dry. */
  effort: { from: number; to: number } | null;
  /** Prep that makes stronger: two or three days a week, never on the day before a game. */
  strength: boolean;
  minAge: number;
  avoidWithPainIn: readonly PainSite[];
  easier: string | null;
  /** Id of the next harder drill. */
  harder: string | null;
  what: string;
  /** The one plain cue. */
  cue: string;
  caution: string | null;
  /** In order; left out where a drill has none. */
  levels?: readonly DrillLevel[];
}

export interface Norm {
  measure: string;
  unit: string;
  discipline: Discipline | 'both';
  level: string;
  sex: 'any' | 'female' | 'male';
  low: number;
  high: number;
  basis: string;
}

export interface PitchLimitRow {
  discipline: Discipline;
  ageFrom: number;
  ageTo: number;
  maxPerGame: number | null;
  maxPerDay: number;
  /** Most hard throws after which 0, 1, 2, … days of rest are enough; empty where the rule is about days in a row. */
  restUpTo: readonly number[];
  /** Most on a third day in a row; 0 is a rest day, null where the rule is about days of rest. */
  thirdDay: number | null;
  note: string;
}
