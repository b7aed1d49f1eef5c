import { nowhere } from './table';

/** Cells that a search may change, with the stations that may be in them. */
export interface Freedom {
  athlete: Int16Array;
  slot: Int16Array;
  /** By cell. */
  stations: readonly (readonly number[])[];
}

/** The cells that may change, by athlete and by slot, and what may be in each of them. */
export class Leeway {
  /** Cells by athlete, and by slot. */
  readonly byAthlete: readonly (readonly number[])[];
  readonly bySlot: readonly (readonly number[])[];
  /** By athlete, slot and station, nowhere first: whether a change may bring it about. */
  private readonly may: Uint8Array;

  constructor(
    { athlete, slot, stations }: Freedom,
    private readonly size: { readonly A: number; readonly T: number; readonly S: number },
  ) {
    this.byAthlete = groupBy(athlete, size.A);
    this.bySlot = groupBy(slot, size.T);
    this.may = new Uint8Array(size.A * size.T * (size.S + 1));
    stations.forEach((list, n) => {
      for (const s of [nowhere, ...list]) this.may[this.placeOf(athlete[n]!, slot[n]!, s)] = 1;
    });
  }

  /** Whether somebody may be put at a station, or nowhere, in a slot. */
  allows(a: number, t: number, s: number): boolean {
    return this.may[this.placeOf(a, t, s)] === 1;
  }

  private placeOf(a: number, t: number, s: number): number {
    return (a * this.size.T + t) * (this.size.S + 1) + s + 1;
  }
}

function groupBy(of: Int16Array, n: number): number[][] {
  const groups: number[][] = Array.from({ length: n }, () => []);
  of.forEach((group, at) => groups[group]!.push(at));
  return groups;
}
