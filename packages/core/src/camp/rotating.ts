import { ofMove, ofMoveBeyond } from './cost';
import { groupFaults, type GroupSizes, type Turns } from './groupings';
import { packedCamp, unsaid, type Packed } from './packed';
import { follows, nowhere, secondVisit, type CampTable } from './table';

/** What a broken rule costs: more than a station is worth to a whole group. */
const ofRule = 1000;
/** Of groups that break a rule of their sizes, ages or company, and of a pin: more than anything else that is weighed. */
const never = 100_000;
/** Of a slot at no station, for each of the group: more than any station is worth. */
const ofNowhere = 100;
/** Of a share below the floor, for each point of worth that is missing; and where the floor comes before all else. */
export const ofFloor = { weighed: 20, first: 200 } as const;

/** Of two visits, over one; a constant of this file, as it is read a million times a second. */
const twice = 1 + secondVisit;

/** What of groups was touched, and what that changed. */
interface Weighed {
  groups: readonly number[];
  costs: number[];
  moves: number[];
  change: number;
}

/**
 * Groups that rotate, changed bit by bit, and what they cost: broken rules, worth that is missed, moves. No station is
 * held by two groups in a slot, whatever is changed.
 */
export class Rotating {
  readonly groups: number;
  readonly slots: number;
  readonly stations: number;
  private readonly lists: number[][];
  /** Station by group and slot. */
  private readonly at: Int16Array;
  /** Group by station and slot. */
  private readonly holder: Int16Array;
  private readonly groupOf: Int16Array;
  private readonly ofMembers: Float64Array;
  private readonly ofTurns: Float64Array;
  private readonly movesOf: Int32Array;
  private moved = 0;
  private readonly packed: Packed;
  private readonly visits: Uint8Array;
  private readonly there: Uint16Array;

  constructor(
    private readonly table: CampTable,
    private readonly sizes: GroupSizes,
    /** Worth that each athlete must have. */
    private readonly least: readonly number[],
    { members, stations }: Turns,
    private readonly ofMissing: number = ofFloor.weighed,
  ) {
    [this.groups, this.slots, this.stations] = [members.length, table.slots.length, table.stations.length];
    this.packed = packedCamp(table);
    this.visits = new Uint8Array(this.stations);
    this.there = new Uint16Array(this.slots);
    this.lists = members.map((group) => [...group]);
    this.groupOf = new Int16Array(table.athletes.length);
    this.at = Int16Array.from(stations.flat());
    this.holder = new Int16Array(this.stations * this.slots).fill(nowhere);
    this.ofMembers = new Float64Array(this.groups);
    this.ofTurns = new Float64Array(this.groups);
    this.movesOf = new Int32Array(this.groups);
    this.restore({ members, stations });
  }

  station(g: number, t: number): number {
    return this.at[g * this.slots + t]!;
  }

  of(a: number): number {
    return this.groupOf[a]!;
  }

  /** As it stands now. */
  kept(): Turns {
    return {
      members: this.lists.map((list) => [...list]),
      stations: this.lists.map((_, g) => Array.from({ length: this.slots }, (__, t) => this.station(g, t))),
    };
  }

  restore({ members, stations }: Turns): void {
    this.holder.fill(nowhere);
    members.forEach((group, g) => {
      this.lists[g] = [...group];
      for (const a of group) this.groupOf[a] = g;
      stations[g]!.forEach((s, t) => this.put(g, t, s));
    });
    this.moved = 0;
    for (let g = 0; g < this.groups; g++) {
      this.ofMembers[g] = this.weighMembers(g);
      [this.ofTurns[g], this.movesOf[g]] = this.weighTurns(g);
      this.moved += this.movesOf[g]!;
    }
  }

  /** What all of it costs. */
  total(): number {
    const sum = (of: Float64Array) => of.reduce((all, each) => all + each, 0);
    return sum(this.ofMembers) + sum(this.ofTurns) + this.beyond(this.moved);
  }

  /** A group goes to a station in a slot; whoever holds it goes to where the group was. */
  trade(g: number, t: number, s: number): number[] {
    const was = this.station(g, t);
    const other = s < 0 ? nowhere : this.holder[s * this.slots + t]!;
    this.clear(g, t);
    if (other >= 0) {
      this.clear(other, t);
      this.put(other, t, was);
    }
    this.put(g, t, s);
    return other >= 0 ? [g, other] : [g];
  }

  /** Undoes a trade: whoever held the station takes it back, which leaves the first group where it was. */
  tradeBack([g, other]: readonly number[], t: number, s: number, was: number): void {
    if (other === undefined) this.trade(g!, t, was);
    else this.trade(other, t, s);
  }

  /**
   * A group changes what it has in two slots, and so does everybody who holds what it comes to (a chain, as in colouring
   * by Kempe 1879). Done twice it is undone.
   */
  turn(g: number, t: number, u: number): number[] {
    const touched = [g];
    for (let n = 0; n < touched.length; n++) {
      const each = touched[n]!;
      const [s, r] = [this.station(each, t), this.station(each, u)];
      const others = [
        r < 0 ? nowhere : this.holder[r * this.slots + t]!,
        s < 0 ? nowhere : this.holder[s * this.slots + u]!,
      ];
      for (const other of others) if (other >= 0 && !touched.includes(other)) touched.push(other);
    }
    const had = touched.map((each) => [this.station(each, t), this.station(each, u)] as const);
    for (const each of touched) [t, u].forEach((slot) => this.clear(each, slot));
    touched.forEach((each, n) => {
      this.put(each, t, had[n]![1]);
      this.put(each, u, had[n]![0]);
    });
    return touched;
  }

  /** Some go from one group to another, and some back. */
  regroup(from: number, to: number, there: readonly number[], back: readonly number[]): void {
    this.lists[from] = [...this.lists[from]!.filter((a) => !there.includes(a)), ...back];
    this.lists[to] = [...this.lists[to]!.filter((a) => !back.includes(a)), ...there];
    for (const a of there) this.groupOf[a] = to;
    for (const a of back) this.groupOf[a] = from;
  }

  /** What groups cost now that they were touched, against what they cost before. */
  weigh(groups: readonly number[], members: boolean): Weighed {
    const costs: number[] = [];
    const moves: number[] = [];
    let change = -this.beyond(this.moved);
    let moved = this.moved;
    for (const g of groups) {
      const [cost, of] = this.weighTurns(g);
      change += cost - this.ofTurns[g]!;
      moved += of - this.movesOf[g]!;
      if (members) change += this.weighMembers(g) - this.ofMembers[g]!;
      costs.push(cost);
      moves.push(of);
    }
    return { groups, costs, moves, change: change + this.beyond(moved) };
  }

  /** Takes what was weighed for what they cost. */
  take({ groups, costs, moves }: Weighed, members: boolean): void {
    groups.forEach((g, n) => {
      this.moved += moves[n]! - this.movesOf[g]!;
      this.ofTurns[g] = costs[n]!;
      this.movesOf[g] = moves[n]!;
      if (members) this.ofMembers[g] = this.weighMembers(g);
    });
  }

  private put(g: number, t: number, s: number): void {
    this.at[g * this.slots + t] = s;
    if (s >= 0) this.holder[s * this.slots + t] = g;
  }

  private clear(g: number, t: number): void {
    const s = this.station(g, t);
    if (s >= 0 && this.holder[s * this.slots + t] === g) this.holder[s * this.slots + t] = nowhere;
    this.at[g * this.slots + t] = nowhere;
  }

  /** Of moves beyond those that may be made. */
  private beyond(moved: number): number {
    return ofMoveBeyond * Math.max(0, moved - this.packed.mayMove);
  }

  private weighMembers(g: number): number {
    return never * groupFaults(this.table, [this.lists[g]!], this.sizes);
  }

  /** What the turns of one group cost, and how many slots of its athletes differ from what was planned before. */
  private weighTurns(g: number): [cost: number, moves: number] {
    const { slots: T, stations: S, there, visits, at } = this;
    const { present, may, settled, before, always, free: easy } = this.packed;
    const from = g * T;
    const list = this.lists[g]!;
    visits.fill(0);
    for (let t = 0; t < T; t++) if (at[from + t]! >= 0) visits[at[from + t]!]!++;
    there.fill(0);
    let [cost, moved, free] = [0, 0, 0];
    for (const a of list) {
      const worth = always[a] ? this.worthOfAll(a) : this.worthOfSome(a, from);
      const missing = this.least[a]! - worth;
      cost += (missing > 0 ? this.ofMissing * missing : 0) - worth;
      if (easy[a]) {
        free++;
        continue;
      }
      cost += this.ofOwnThrows(a, from);
      for (let t = this.table.over; t < T; t++) {
        const cell = a * T + t;
        if (!present[cell]) continue;
        const s = at[from + t]!;
        const pinned = settled[cell] !== unsaid;
        if (pinned && settled[cell] !== s) cost += never;
        there[t]!++;
        if (s >= 0 && !may[a * S + s]) cost += ofRule;
        // Whoever was at no station is glad to be moved.
        if (!pinned && before[cell]! >= 0 && before[cell] !== s) moved++;
      }
    }
    if (free > 0) for (let t = 0; t < T; t++) there[t]! += free;
    return [cost + this.ofSlots(g) + ofMove * moved, moved];
  }

  /** Worth for whoever is there in every slot and may be at every station: by how often the group is where. */
  private worthOfAll(a: number): number {
    const { visits } = this;
    const [wanted, needs] = [this.packed.wanted[a]!, this.packed.needs[a]!];
    let worth = 0;
    for (let n = 0; n < wanted.length; n++) {
      const times = visits[wanted[n]!]!;
      if (times > 0) worth += times > 1 ? needs[n]! * twice : needs[n]!;
    }
    return worth;
  }

  /** Where one athlete is in a slot: what is over is their own, whatever group they are in now. */
  private own(a: number, from: number, t: number): number {
    const { present, settled } = this.packed;
    const cell = a * this.slots + t;
    if (settled[cell] !== unsaid) return settled[cell]!;
    return present[cell] ? this.at[from + t]! : nowhere;
  }

  /** Of throws in a row and in a day of one athlete who came from another group. */
  private ofOwnThrows(a: number, from: number): number {
    const { heavy, heavyLimit, day, over } = this.table;
    if (over === 0) return 0;
    let [cost, today, thrown, threw] = [0, -1, 0, false];
    for (let t = 0; t < this.slots; t++) {
      if (day[t] !== today) [today, thrown, threw] = [day[t]!, 0, false];
      const s = this.own(a, from, t);
      const throws = s >= 0 && heavy[s]!;
      if (throws && ++thrown && t >= over && (threw || thrown > heavyLimit[a]!)) cost += ofRule;
      threw = throws;
    }
    return cost;
  }

  private worthOfSome(a: number, from: number): number {
    const { slots: T, stations: S } = this;
    const { may } = this.packed;
    const [wanted, needs] = [this.packed.wanted[a]!, this.packed.needs[a]!];
    let worth = 0;
    for (let n = 0; n < wanted.length; n++) {
      const s = wanted[n]!;
      if (!may[a * S + s]) continue;
      let times = 0;
      for (let t = 0; t < T; t++) if (this.own(a, from, t) === s) times++;
      if (times > 0) worth += times > 1 ? needs[n]! * twice : needs[n]!;
    }
    return worth;
  }

  /** Of a group as a whole: slots at no station, stations that do not hold it, throws in a row and in a day. */
  private ofSlots(g: number): number {
    const { capacity, minimum, open, heavy, heavyLimit, day } = this.table;
    let limit = Infinity;
    for (const a of this.lists[g]!) limit = Math.min(limit, heavyLimit[a]!);
    let [cost, today, thrown, threw] = [0, -1, 0, false];
    for (let t = 0; t < this.slots; t++) {
      if (day[t] !== today) [today, thrown, threw] = [day[t]!, 0, false];
      // Nobody where the slot is over, or where nobody of the group has come.
      const people = this.there[t]!;
      const s = this.station(g, t);
      if (s < 0) cost += ofNowhere * people;
      else if (people > 0) {
        if (!open[s]![t]) cost += ofRule;
        cost += ofRule * (Math.max(0, people - capacity[s]!) + Math.max(0, minimum[s]! - people));
      }
      const throws = s >= 0 && heavy[s]!;
      if (throws) {
        thrown++;
        if (people > 0 && (thrown > limit || (threw && follows(this.table, t)))) cost += ofRule;
      }
      threw = throws;
    }
    return cost;
  }
}
