import { follows, secondVisit, type CampTable } from './table';

/** So many stations are looked at of those that somebody needs; more would take too long, and these hold most of it. */
export const mostStations = 4;
/** Where somebody goes who is at none of the stations that they need. */
const elsewhere = mostStations;

/** What decides the best route of an athlete who is alone in the camp. */
export interface Wish {
  a: number;
  /** Stations that they need most. */
  wanted: readonly number[];
  /** Of each of these, how much, and whether they throw there. */
  needs: readonly number[];
  throws: readonly boolean[];
  /** Throw-heavy slots a day, where these are fewer than fit in a day with a slot between them; else null. */
  limit: number | null;
}

/**
 * What an athlete needs most, for their best route.
 *
 * @example wishOf(camp, 0).wanted // [ 1, 3, 2, 5 ]
 */
export function wishOf(table: CampTable, a: number): Wish {
  const { stations, may, heavy, heavyLimit, day } = table;
  const need = table.need[a]!;
  const wanted = stations
    .flatMap((_, s) => (need[s]! > 0 && may[a]![s] ? [s] : []))
    .sort((r, s) => need[s]! - need[r]!)
    .slice(0, mostStations);
  const throws = wanted.map((s) => heavy[s]!);
  const inADay = Math.max(0, ...day.map((d) => day.filter((other) => other === d).length));
  const binds = throws.includes(true) && heavyLimit[a]! < Math.ceil(inADay / 2);
  return { a, wanted, needs: wanted.map((s) => need[s]!), throws, limit: binds ? heavyLimit[a]! : null };
}

/** What somebody can have behind them: visits to each station, throw-heavy slots of the day, whether the last was one. */
const statesOf = ({ needs, limit }: Wish): number => 3 ** needs.length * ((limit ?? 0) + 1) * 2;

/** The best routes of athletes who are alone in the camp, found slot by slot: at no station more often than twice. */
export class BestRoutes {
  private now: Float64Array;
  private next: Float64Array;
  /** By slot and what is behind somebody after it: what was behind them before it, and where they went. */
  private readonly came: Int32Array;
  private readonly following: readonly boolean[];
  private readonly states: number;
  /** What was gone through so far, in states; the same on every machine. */
  work = 0;

  constructor(
    private readonly table: CampTable,
    wishes: readonly Wish[],
  ) {
    this.states = Math.max(1, ...wishes.map(statesOf));
    this.now = new Float64Array(this.states);
    this.next = new Float64Array(this.states);
    this.came = new Int32Array(this.states * table.slots.length);
    this.following = table.slots.map((_, t) => follows(table, t));
  }

  /**
   * The best route, with no more throws than somebody may have.
   *
   * @param takes whether one of the stations that they need takes them in a slot
   * @returns what it is worth, and by slot the place in `wanted` of where they are; `mostStations` for none of them
   */
  of(wish: Wish, takes: (n: number, t: number) => boolean): { worth: number; way: number[] } {
    const size = statesOf(wish);
    this.work += size * this.table.slots.length;
    this.now.fill(-1, 0, size);
    this.now[0] = 0;
    for (let t = 0; t < this.table.slots.length; t++) {
      this.next.fill(-1, 0, size);
      this.step(wish, takes, t);
      [this.now, this.next] = [this.next, this.now];
    }
    let last = 0;
    for (let state = 1; state < size; state++) if (this.now[state]! > this.now[last]!) last = state;
    return { worth: this.now[last]!, way: this.wayTo(last) };
  }

  private step(wish: Wish, takes: (n: number, t: number) => boolean, t: number): void {
    const { needs, throws, limit } = wish;
    const size = statesOf(wish);
    const each = (limit ?? 0) + 1;
    const sameDay = this.following[t]!;
    const open = needs.map((_, n) => this.table.present[wish.a]![t]! && takes(n, t));
    for (let state = 0; state < size; state++) {
      const worth = this.now[state]!;
      if (worth < 0) continue;
      const visits = Math.floor(state / (2 * each));
      const threw = sameDay && state % 2 === 1;
      const thrown = sameDay ? Math.floor(state / 2) % each : 0;
      this.keep(t, (visits * each + thrown) * 2, worth, state, elsewhere);
      for (let n = 0, unit = 1; n < needs.length; n++, unit *= 3) {
        const times = Math.floor(visits / unit) % 3;
        if (times === 2 || !open[n]) continue;
        const throwing = throws[n]!;
        if (throwing && (threw || thrown === limit)) continue;
        const after = thrown + Number(throwing && limit !== null);
        const gained = needs[n]! * (times ? secondVisit : 1);
        this.keep(t, ((visits + unit) * each + after) * 2 + Number(throwing), worth + gained, state, n);
      }
    }
  }

  private keep(t: number, state: number, worth: number, from: number, n: number): void {
    if (this.next[state]! >= worth) return;
    this.next[state] = worth;
    this.came[t * this.states + state] = from * (mostStations + 1) + n;
  }

  private wayTo(last: number): number[] {
    const way = this.table.slots.map(() => elsewhere);
    for (let t = way.length - 1, state = last; t >= 0; t--) {
      const came = this.came[t * this.states + state]!;
      way[t] = came % (mostStations + 1);
      state = Math.floor(came / (mostStations + 1));
    }
    return way;
  }
}
