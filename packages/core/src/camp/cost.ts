import { follows, nowhere, secondVisit, sideBySide, type CampTable } from './table';

/** What costs more than worth that is missed. */
export interface Weights {
  /** A broken rule. */
  rule: number;
  /** A slot at no station. */
  nowhere: number;
  /** A share below the floor, for each point of worth that is missing. */
  missing: number;
}
/**
 * While a search goes far and wide; where rules come before the floor, and the floor before all else; and where what was
 * planned before comes before the floor, but not before a rule.
 */
export const weights = {
  wide: { rule: 12, nowhere: 6, missing: 8 },
  inOrder: { rule: 100, nowhere: 50, missing: 40 },
  asBefore: { rule: 100, nowhere: 50, missing: 8 },
} as const satisfies Record<string, Weights>;
/** Of a move against what was planned before, and of one more than may be moved. */
export const ofMove = 0.05;
export const ofMoveBeyond = 12;
/** Of the cells that are left, so many may be moved. */
export const mayMove = 0.1;

/** Of two visits to a station or more, over one. */
const bothVisits = 1 + secondVisit;

/** Who is to be together, or two who are to be apart. */
interface Relation {
  ids: readonly number[];
  apart: boolean;
}

/** Whether a relation was already counted with one before the nth. */
function isOfEarlier({ ids }: Relation, some: readonly number[], n: number): boolean {
  for (let m = 0; m < n; m++) if (ids.includes(some[m]!)) return true;
  return false;
}

/**
 * A timetable that is changed cell by cell, and what it costs: broken rules, worth that is missed, moves. Costs are kept
 * by athlete and by station and slot, so that a change is weighed by what it touches alone.
 */
export class Timetable {
  /** Station by athlete and slot. */
  readonly at: Int16Array;
  /** Athletes by station and slot. */
  readonly count: Int16Array;
  /** Visits by athlete and station. */
  private readonly visits: Int16Array;
  // What is asked for with every change, as lists without lists in them.
  private readonly need: Float64Array;
  private readonly present: Uint8Array;
  private readonly heavy: Uint8Array;
  /** Whether a slot follows the one before it on the same day. */
  private readonly following: Uint8Array;
  /** What each athlete costs, where nothing of theirs has changed since it was reckoned; else NaN. */
  private readonly reckoned: Float64Array;
  private moved = 0;
  private readonly budget: number;
  private readonly ageCount: Int16Array;
  private readonly ageOf: Int16Array;
  private readonly ages: number[];
  private readonly relations: readonly Relation[];
  private readonly relationsOf: readonly (readonly Relation[])[];
  readonly T: number;
  readonly S: number;
  readonly A: number;

  constructor(
    readonly table: CampTable,
    /** Worth that each athlete must have. */
    readonly least: readonly number[],
    readonly costs: Weights = weights.wide,
  ) {
    this.A = table.athletes.length;
    this.T = table.slots.length;
    this.S = table.stations.length;
    this.at = new Int16Array(this.A * this.T).fill(nowhere);
    this.count = new Int16Array(this.S * this.T);
    this.visits = new Int16Array(this.A * this.S);
    this.need = Float64Array.from(table.need.flat());
    this.present = Uint8Array.from(table.present.flat(), Number);
    this.heavy = Uint8Array.from(table.heavy, Number);
    this.following = Uint8Array.from(table.slots, (_, t) => Number(follows(table, t)));
    this.reckoned = new Float64Array(this.A).fill(NaN);
    this.ages = [...new Set(table.ages)].sort((a, b) => a - b);
    this.ageOf = Int16Array.from(table.ages.map((age) => this.ages.indexOf(age)));
    this.ageCount = new Int16Array(this.S * this.T * this.ages.length);
    const ahead = table.athletes.map((_, a) =>
      table.before[a] ? table.slots.filter((__, t) => this.mayBeMoved(a, t)).length : 0,
    );
    this.budget = Math.floor(mayMove * ahead.reduce((sum, n) => sum + n, 0));
    this.moved = ahead.reduce((sum, n) => sum + n, 0) - this.nowhereBefore();
    this.relations = [
      ...sideBySide(table).map((ids) => ({ ids, apart: false })),
      ...table.apart.flatMap((ids) =>
        ids.flatMap((one, n) => ids.slice(n + 1).map((other) => ({ ids: [one, other], apart: true }))),
      ),
    ];
    this.relationsOf = table.athletes.map((_, a) => this.relations.filter(({ ids }) => ids.includes(a)));
  }

  station(a: number, t: number): number {
    return this.at[a * this.T + t]!;
  }

  set(a: number, t: number, station: number): void {
    const cell = a * this.T + t;
    const was = this.at[cell]!;
    if (was === station) return;
    if (this.mayBeMoved(a, t)) {
      const planned = this.table.before[a]![t]!;
      this.moved += Number(station !== planned) - Number(was !== planned);
    }
    if (was >= 0) this.counted(was, t, a, -1);
    if (station >= 0) this.counted(station, t, a, 1);
    this.at[cell] = station;
    this.reckoned[a] = NaN;
  }

  /** Lays out a whole timetable, station by athlete and slot. */
  lay(at: ArrayLike<number>): void {
    for (let a = 0; a < this.A; a++) for (let t = 0; t < this.T; t++) this.set(a, t, at[a * this.T + t]!);
  }

  /** Whether somebody was planned to be somewhere in a slot that is not settled. */
  mayBeMoved(a: number, t: number): boolean {
    const { before, present, settled } = this.table;
    return before[a] !== null && present[a]![t] === true && settled[a]![t] === null;
  }

  /** Cells that may be moved and were at no station, as all are when the timetable is empty. */
  private nowhereBefore(): number {
    const { before } = this.table;
    return this.table.athletes.reduce(
      (sum, _, a) =>
        sum + this.table.slots.filter((__, t) => this.mayBeMoved(a, t) && before[a]![t] === nowhere).length,
      0,
    );
  }

  /** Moves that may still be made; less than 0 where there are too many. */
  movesLeft(): number {
    return this.budget - this.moved;
  }

  /** Of moves beyond those that may be made. */
  ofMoves(): number {
    return ofMoveBeyond * Math.max(0, this.moved - this.budget);
  }

  private counted(s: number, t: number, a: number, by: number): void {
    this.count[s * this.T + t]! += by;
    this.visits[a * this.S + s]! += by;
    this.ageCount[(s * this.T + t) * this.ages.length + this.ageOf[a]!]! += by;
  }

  /** Of a station in a slot: more than it holds, too few to open, ages too far apart. */
  ofCell(s: number, t: number): number {
    if (s < 0) return 0;
    const { capacity, minimum, ageSpan } = this.table;
    const n = this.count[s * this.T + t]!;
    if (n === 0) return 0;
    let broken = Math.max(0, n - capacity[s]!) + Math.max(0, minimum[s]! - n);
    if (ageSpan !== null) broken += this.spanBeyond(s, t, ageSpan);
    return this.costs.rule * broken;
  }

  /** Somebody is there. */
  private spanBeyond(s: number, t: number, span: number): number {
    const from = (s * this.T + t) * this.ages.length;
    let [youngest, oldest] = [0, this.ages.length - 1];
    while (this.ageCount[from + youngest] === 0) youngest++;
    while (this.ageCount[from + oldest] === 0) oldest--;
    return Math.max(0, this.ages[oldest]! - this.ages[youngest]! - span);
  }

  worth(a: number): number {
    let sum = 0;
    const from = a * this.S;
    for (let n = from; n < from + this.S; n++) {
      const visits = this.visits[n]!;
      if (visits > 0) sum += this.need[n]! * (visits > 1 ? bothVisits : 1);
    }
    return sum;
  }

  /** Whether somebody has less than they must have. */
  isShort(a: number): boolean {
    return this.worth(a) < this.least[a]! - 1e-9;
  }

  /** Of one athlete: worth, slots at no station, throws in a row and in a day, moves. */
  ofAthlete(a: number): number {
    const known = this.reckoned[a]!;
    if (!Number.isNaN(known)) return known;
    const worth = this.worth(a);
    const missing = Math.max(0, this.least[a]! - worth);
    const cost = this.costs.missing * missing - worth + this.ofRoute(a) + this.ofMovesOf(a);
    this.reckoned[a] = cost;
    return cost;
  }

  /** Says what an athlete costs whose changes were all taken back, so that it need not be reckoned again. */
  costsAsBefore(a: number, cost: number): void {
    this.reckoned[a] = cost;
  }

  /** Of slots at no station, and throws in a row and in a day. */
  private ofRoute(a: number): number {
    const heavyLimit = this.table.heavyLimit[a]!;
    let [cost, thrown, afterThrows] = [0, 0, false];
    for (let t = 0; t < this.T; t++) {
      if (this.following[t] === 0) [thrown, afterThrows] = [0, false];
      const s = this.at[a * this.T + t]!;
      if (s < 0) cost += this.costs.nowhere * this.present[a * this.T + t]!;
      const throws = s >= 0 && this.heavy[s] === 1;
      if (throws) {
        thrown++;
        cost += this.costs.rule * (Number(thrown > heavyLimit) + Number(afterThrows));
      }
      afterThrows = throws;
    }
    return cost;
  }

  /** Of moves of one athlete. */
  ofMovesOf(a: number): number {
    const planned = this.table.before[a];
    if (!planned) return 0;
    let moves = 0;
    for (let t = 0; t < this.T; t++)
      if (planned[t] !== this.station(a, t) && this.table.present[a]![t]) moves++;
    return ofMove * moves;
  }

  /** Whether somebody is at no station in a slot, throws too often, or is at a station that breaks a rule. */
  breaksRules(a: number): boolean {
    return this.ofRoute(a) > 0 || this.table.slots.some((_, t) => this.ofCell(this.station(a, t), t) > 0);
  }

  /** Of who is with whom, as far as one of some athletes is part of it. */
  ofCompany(some: readonly number[]): number {
    let cost = 0;
    for (let n = 0; n < some.length; n++)
      for (const relation of this.relationsOf[some[n]!]!)
        if (!isOfEarlier(relation, some, n)) cost += this.ofRelation(relation);
    return cost;
  }

  private ofRelation({ ids, apart }: Relation): number {
    return this.costs.rule * (apart ? this.inOnePlace(ids[0]!, ids[1]!) : this.apartTooOften(ids));
  }

  /** Slots in which two are at the same station. */
  private inOnePlace(a: number, b: number): number {
    let slots = 0;
    for (let t = 0; t < this.T; t++)
      if (this.station(a, t) >= 0 && this.station(a, t) === this.station(b, t)) slots++;
    return slots;
  }

  /** What the whole timetable costs. */
  total(): number {
    let sum = 0;
    for (let a = 0; a < this.A; a++) sum += this.ofAthlete(a);
    for (let s = 0; s < this.S; s++) for (let t = 0; t < this.T; t++) sum += this.ofCell(s, t);
    sum += this.ofMoves();
    return this.relations.reduce((all, relation) => all + this.ofRelation(relation), sum);
  }

  /** Slots by which friends miss half of the slots that they share. */
  apartTooOften(ids: readonly number[]): number {
    let [shared, side] = [0, 0];
    for (let t = 0; t < this.T; t++) {
      if (!ids.every((id) => this.table.present[id]![t])) continue;
      shared++;
      const first = this.station(ids[0]!, t);
      if (first >= 0 && ids.every((id) => this.station(id, t) === first)) side++;
    }
    return Math.max(0, Math.ceil(shared / 2) - side);
  }
}
