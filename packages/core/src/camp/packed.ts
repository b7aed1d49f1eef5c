import { mayMove } from './cost';
import type { CampTable } from './table';

/** Nothing was settled or planned there. */
export const unsaid = -2;

/** A camp in arrays that a search reads a million times a second. */
export interface Packed {
  /** By athlete: the stations that are needed, and how much. */
  wanted: readonly Int16Array[];
  needs: readonly Float64Array[];
  /** By athlete and station. */
  may: Uint8Array;
  /** By athlete and slot, as are `settled` and `before`: stations, or `unsaid`. */
  present: Uint8Array;
  settled: Int16Array;
  before: Int16Array;
  /** By athlete: there in every slot, may be at every station, and nothing is settled. */
  always: readonly boolean[];
  /** And nothing was planned for them. */
  free: readonly boolean[];
  /** Of the slots that are left, so many may be moved. */
  mayMove: number;
}

/**
 * A camp in flat arrays.
 *
 * @example packedCamp(camp).mayMove // 0
 */
export function packedCamp(table: CampTable): Packed {
  const { athletes, slots, need, may, present, settled, before } = table;
  const flat = {
    present: Uint8Array.from(present.flat(), Number),
    settled: Int16Array.from(settled.flat(), (s) => s ?? unsaid),
    before: Int16Array.from(before.flatMap((route) => route ?? slots.map(() => unsaid))),
  };
  const ahead = flat.before.filter((s, n) => s !== unsaid && flat.present[n] && flat.settled[n] === unsaid);
  const always = athletes.map(
    (_, a) => present[a]!.every(Boolean) && may[a]!.every(Boolean) && settled[a]!.every((s) => s === null),
  );
  return {
    ...flat,
    wanted: need.map((of) => Int16Array.from(of.flatMap((each, s) => (each > 0 ? [s] : [])))),
    needs: need.map((of) => Float64Array.from(of.filter((each) => each > 0))),
    may: Uint8Array.from(may.flat(), Number),
    always,
    free: always.map((each, a) => each && before[a] === null),
    mayMove: Math.floor(mayMove * ahead.length),
  };
}
