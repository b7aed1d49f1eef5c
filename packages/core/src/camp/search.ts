import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { RandomGenerator } from 'pure-rand/types/RandomGenerator';
import type { Timetable } from './cost';
import { Leeway, type Freedom } from './freedom';
import { nowhere } from './table';
import { unwatched, type CampWatch } from './types';

/** What is tried within a second of planning; the same everywhere, so that a seed gives one plan. */
const triesASecond = 550_000;
/** Warmth at the end, points of worth. */
const lastWarmth = 0.02;

interface AnnealHow {
  seed: number;
  seconds: number;
  warmth: number;
  /** Of the tries, those that change somebody who has less than they must have, as long as these are few. */
  focus?: number;
  enough: number;
  watch?: CampWatch;
}

/** Tries after which it is looked whether somebody stopped the search. */
const lookEvery = 8192;

/**
 * Searches for a timetable that costs less, by changes of one cell, of two slots of one athlete, of two or three
 * athletes in one slot (simulated annealing, Kirkpatrick 1983), and of two slots of several athletes (Kempe chains).
 *
 * @param seconds as many tries as a machine of today makes in this time
 * @param warmth at the beginning: what a change may cost that is taken now and then, points of worth
 * @param focus of the tries, those that change somebody who has less than they must have, 0..1
 * @param enough stops at this cost
 * @param watch follows it, and may stop it
 * @returns what the best timetable costs, which is the one that is left
 * @example anneal(timetable(), nobody, { seed: 1, seconds: 1, warmth: 1, enough: 0 }) // 720
 */
export function anneal(
  table: Timetable,
  freedom: Freedom,
  { seed, seconds, warmth, enough, focus = 0, watch = unwatched }: AnnealHow,
): number {
  if (freedom.athlete.length === 0) return table.total();
  const search = new Search(table, freedom, seed, focus);
  const tries = Math.round(seconds * triesASecond);
  for (let n = 0; n < tries && search.least > enough + 1e-9; n++) {
    if (n % lookEvery === 0) {
      watch.progress('search', n / tries);
      if (watch.stopped()) break;
    }
    search.attempt(warmth * (lastWarmth / warmth) ** (n / tries));
  }
  return search.layBest();
}

/**
 * Of tries, those in which several exchange the same two slots: where no place is free, nothing else brings others together
 * without somebody getting less than before.
 */
const chained = 0.1;
/** So many exchange two slots at most. */
const longestChain = 6;
/**
 * Of the other tries, those in which one athlete exchanges two slots, and those in which two or three of a slot change
 * places, which leaves no more at a station than before; the rest change one cell.
 */
const ofKind = { slots: 0.2, two: 0.4, three: 0.2 } as const;

/** Of all athletes, those who may have less than they must have for a search to be about them. */
const few = 0.3;

/** The timetable that is searched, the change that is tried, and the best so far. */
class Search {
  /** What the best timetable so far costs. */
  least: number;
  private cost: number;
  private readonly best: Int16Array;
  /** Whether the timetable as it is is the best so far, and was not put down yet. */
  private toPutDown = false;
  private readonly random: RandomGenerator;
  private readonly leeway: Leeway;
  // The change that is tried: so many cells of it, and whose they are with what each of them costs.
  private readonly cells: readonly Change[] = Array.from({ length: 2 * longestChain }, () => ({
    a: 0,
    t: 0,
    was: nowhere,
    s: nowhere,
  }));
  private made = 0;
  /** Who has less than they must have. */
  private readonly short: number[] = [];
  private readonly whose: number[] = [];
  private readonly own: number[] = [];
  /** Athletes change places: as many are everywhere as before. */
  private inTurn = false;

  constructor(
    private readonly table: Timetable,
    private readonly freedom: Freedom,
    seed: number,
    private readonly focus: number,
  ) {
    this.random = xoroshiro128plus(seed);
    this.leeway = new Leeway(freedom, table);
    this.cost = table.total();
    this.least = this.cost;
    this.best = Int16Array.from(table.at);
    for (let a = 0; a < table.A; a++) this.notedShort(a);
  }

  /** Tries one change by lot. */
  attempt(heat: number): void {
    const { athlete, slot } = this.freedom;
    const cell = this.cellToChange();
    const [a, t] = [athlete[cell]!, slot[cell]!];
    this.made = 0;
    if (uniformFloat64(this.random) < chained) {
      this.inTurn = true;
      if (!this.chain(a, t)) this.made = 0;
    } else this.changeOneOrSome(a, t, cell);
    if (this.made > 0 && this.allAllowed()) this.weighed(heat);
  }

  private changeOneOrSome(a: number, t: number, cell: number): void {
    const kind = uniformFloat64(this.random);
    this.inTurn = kind >= ofKind.slots && kind < ofKind.slots + ofKind.two + ofKind.three;
    if (kind < ofKind.slots) this.exchangeSlots(a, t);
    else if (kind < ofKind.slots + ofKind.two) this.changePlaces(t, a, this.someoneIn(t));
    else if (this.inTurn) this.changePlaces(t, a, this.someoneIn(t), this.someoneIn(t));
    else this.putElsewhere(cell);
  }

  private cellToChange(): number {
    const { short, focus } = this;
    if (short.length > 0 && short.length <= few * this.table.A && uniformFloat64(this.random) < focus) {
      const theirs = this.leeway.byAthlete[short[this.pick(short.length)]!]!;
      if (theirs.length > 0) return theirs[this.pick(theirs.length)]!;
    }
    return this.pick(this.freedom.athlete.length);
  }

  private change(a: number, t: number, s: number): void {
    const cell = this.cells[this.made++]!;
    cell.a = a;
    cell.t = t;
    cell.was = this.table.station(a, t);
    cell.s = s;
  }

  /** Another slot of an athlete, by lot; now and then the same. */
  private slotOf(a: number): number {
    const mine = this.leeway.byAthlete[a]!;
    return this.freedom.slot[mine[this.pick(mine.length)]!]!;
  }

  /**
   * An athlete exchanges two slots, and so does one after the other of those who thereby are too many at a station, until
   * as many are everywhere as before.
   *
   * @returns whether it came to that
   */
  private chain(a: number, t: number): boolean {
    const u = this.slotOf(a);
    const missing = this.table.station(a, t);
    for (let next = a; next >= 0 && this.made < 2 * longestChain;) {
      const [now, other] = [this.table.station(next, t), this.table.station(next, u)];
      if (now === other || now < 0 || other < 0) return false;
      this.change(next, t, other);
      this.change(next, u, now);
      if (next !== a && other === missing) return true;
      next = this.whoLeaves(other, { t, u, towards: missing });
    }
    return false;
  }

  /** Who may exchange a slot at a station for another slot: first somebody who is at a certain station then; -1 for nobody. */
  private whoLeaves(s: number, { t, u, towards }: { t: number; u: number; towards: number }): number {
    const there = this.leeway.bySlot[t]!;
    const from = this.pick(there.length);
    let someone = -1;
    for (let n = 0; n < there.length; n++) {
      const b = this.freedom.athlete[there[(from + n) % there.length]!]!;
      const other = this.table.station(b, u);
      if (this.table.station(b, t) !== s || other === s) continue;
      // Each station of a slot is changed once, so that what it costs counts once.
      if (this.isInChain(b, t, other === towards ? nowhere : other)) continue;
      if (!this.leeway.allows(b, t, other) || !this.leeway.allows(b, u, s)) continue;
      if (other === towards) return b;
      if (someone < 0) someone = b;
    }
    return someone;
  }

  /** Whether somebody exchanges slots already, or somebody leaves a station in a slot. */
  private isInChain(a: number, t: number, s: number): boolean {
    for (let n = 0; n < this.made; n++) {
      const cell = this.cells[n]!;
      if (cell.a === a || (cell.t === t && cell.was === s)) return true;
    }
    return false;
  }

  private exchangeSlots(a: number, t: number): void {
    const u = this.slotOf(a);
    const [now, other] = [this.table.station(a, t), this.table.station(a, u)];
    if (other === now) return;
    this.change(a, t, other);
    this.change(a, u, now);
  }

  /** Each goes to where the next one is, the last to where the first was; none of them is where another one is. */
  private changePlaces(t: number, a: number, b: number, c = b): void {
    const [first, second, third] = [
      this.table.station(a, t),
      this.table.station(b, t),
      this.table.station(c, t),
    ];
    if (first === second || first === third || (b !== c && second === third)) return;
    this.change(a, t, second);
    this.change(b, t, b === c ? first : third);
    if (b !== c) this.change(c, t, first);
  }

  private putElsewhere(cell: number): void {
    const { athlete, slot, stations } = this.freedom;
    const [a, t, list] = [athlete[cell]!, slot[cell]!, stations[cell]!];
    const s = list.length ? list[this.pick(list.length)]! : nowhere;
    if (s !== this.table.station(a, t)) this.change(a, t, s);
  }

  private someoneIn(t: number): number {
    const there = this.leeway.bySlot[t]!;
    return this.freedom.athlete[there[this.pick(there.length)]!]!;
  }

  /** Makes the change, and takes it back where it is not worth it. */
  private weighed(heat: number): void {
    const { table, cells, whose, own, made } = this;
    whose.length = 0;
    for (let n = 0; n < made; n++) if (!whose.includes(cells[n]!.a)) whose.push(cells[n]!.a);
    for (let n = 0; n < whose.length; n++) own[n] = table.ofAthlete(whose[n]!);
    const before = this.weight();
    for (let n = 0; n < made; n++) table.set(cells[n]!.a, cells[n]!.t, cells[n]!.s);
    const change = this.weight() - before;
    if (change <= 0 || uniformFloat64(this.random) < Math.exp(-change / heat)) return this.keep(change);
    for (let n = 0; n < made; n++) table.set(cells[n]!.a, cells[n]!.t, cells[n]!.was);
    for (let n = 0; n < whose.length; n++) table.costsAsBefore(whose[n]!, own[n]!);
  }

  /** What the change touches, in points of worth. */
  private weight(): number {
    const { table, cells, whose } = this;
    let sum = table.ofCompany(whose) + table.ofMoves();
    for (let n = 0; n < whose.length; n++) sum += table.ofAthlete(whose[n]!);
    for (let n = 0; n < this.made; n++) {
      const { t, was, s } = cells[n]!;
      sum += table.ofCell(was, t);
      if (!this.inTurn) sum += table.ofCell(s, t);
    }
    return sum;
  }

  private keep(change: number): void {
    for (let n = 0; n < this.whose.length; n++) this.notedShort(this.whose[n]!);
    this.cost += change;
    if (this.cost < this.least - 1e-9) {
      this.least = this.cost;
      this.toPutDown = true;
    } else if (this.toPutDown && change > 0) {
      // It was the best until this change.
      this.best.set(this.table.at);
      for (const { a, t, was } of this.cells.slice(0, this.made)) this.best[a * this.table.T + t] = was;
      this.toPutDown = false;
    }
  }

  private notedShort(a: number): void {
    const at = this.short.indexOf(a);
    const isShort = this.table.isShort(a);
    if (isShort && at < 0) this.short.push(a);
    else if (!isShort && at >= 0) this.short.splice(at, 1);
  }

  /** Lays out the best timetable that was found. */
  layBest(): number {
    if (!this.toPutDown) this.table.lay(this.best);
    return this.table.total();
  }

  private pick(n: number): number {
    return Math.floor(uniformFloat64(this.random) * n);
  }

  private allAllowed(): boolean {
    for (let n = 0; n < this.made; n++) {
      const { a, t, s } = this.cells[n]!;
      if (!this.leeway.allows(a, t, s)) return false;
    }
    return true;
  }
}

/** One cell of a change. */
interface Change {
  a: number;
  t: number;
  was: number;
  s: number;
}
