import type { CampInput } from '../camp';
import { rng } from '../units/rng';

/** How large a pretend camp is. */
export interface CampSize {
  athletes: number;
  stations: number;
  slots: number;
  /** Places over athletes in a slot. */
  slack: number;
  seed?: number;
}

/**
 * A camp of two days with needs as they usually are, as a coach would be handed it.
 *
 * @param size.slack places in a slot over athletes; 1 leaves none free
 * @example pretendCamp({ athletes: 24, stations: 6, slots: 5, slack: 1.2 }).stations[0].capacity // 5
 */
export function pretendCamp({ athletes, stations, slots, slack, seed = 7 }: CampSize): CampInput {
  const random = rng(seed);
  const capacity = Math.ceil((athletes * slack) / stations);
  return {
    mode: 'routes',
    seed: 1,
    slots: Array.from({ length: slots }, (_, t) => ({
      id: `t${t}`,
      day: t < slots / 2 ? '2031-07-14' : '2031-07-15',
      start: `${String(9 + (t % Math.ceil(slots / 2))).padStart(2, '0')}:00`,
      minutes: 25,
    })),
    stations: Array.from({ length: stations }, (_, s) => ({
      id: `s${s}`,
      treats: [],
      capacity,
      minimum: 3,
      throwHeavy: s % 3 === 0,
    })),
    athletes: Array.from({ length: athletes }, (_, a) => ({
      id: `a${a}`,
      age: random.integer(9, 17),
      discipline: 'overhand',
      throws: 'R',
      needs: Object.fromEntries(
        Array.from({ length: 4 }, () => [`s${random.integer(0, stations - 1)}`, random.integer(1, 3)]),
      ),
    })),
    rules: { ageSpan: null },
    seconds: 5,
  };
}
