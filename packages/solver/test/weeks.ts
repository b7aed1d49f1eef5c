import { addDays, drills, type Solve, type WeekDay, type WeekItem } from '@wrightonic/core';
import { loadSolver } from '../src';

export const monday = '2026-06-08';
export const everything = [...new Set(drills.flatMap(({ equipment }) => equipment.flat()))];

/** An open day at home with all things, so many days after a Monday. */
export const day = (n: number, fields: Partial<WeekDay> = {}): WeekDay => ({
  date: addDays(monday, n),
  kind: 'home',
  minutes: 30,
  equipment: everything,
  places: ['home', 'field', 'cage', 'mound'],
  ...fields,
});

export const flat = (plan: { days: { items: WeekItem[] }[] }) => plan.days.flatMap(({ items }) => items);

let solver: Solve | undefined;
/** Fetched once for each file. */
export const loadOnce = async () => {
  solver ??= await loadSolver();
};
export const solve: Solve = (...programme) => solver!(...programme);
