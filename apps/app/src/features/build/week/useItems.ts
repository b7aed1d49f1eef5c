import { inOrder, type WeekInput, type WeekItem } from '@wrightonic/core';
import { useState } from 'react';

export const plainItem = ({ date, drill, sets }: WeekItem): WeekItem => ({ date, drill, sets });
const same = (a: WeekItem, b: WeekItem) => a.drill === b.drill && a.date === b.date;

/** Drills of a week on their days, and which of them are kept; whatever is moved by hand is kept. */
export function useItems(first: () => WeekItem[], changed: () => void) {
  const [items, setItems] = useState<WeekItem[]>(first);
  const [pins, setPins] = useState<WeekItem[]>([]);

  const keep = (item: WeekItem) =>
    setPins((old) => [...old.filter((pin) => !same(pin, item)), plainItem(item)]);
  const leave = (item: WeekItem) => setPins((old) => old.filter((pin) => !same(pin, item)));
  return {
    items,
    pins,
    setItems,
    isKept: (item: WeekItem) => pins.some((pin) => same(pin, item)),
    toggleKept: (item: WeekItem) => (pins.some((pin) => same(pin, item)) ? leave(item) : keep(item)),
    /** What can be done by hand to the items of a week as the core knows it. */
    byHand: (input: WeekInput | null) => {
      const change = (next: readonly WeekItem[]) => {
        changed();
        setItems(input ? inOrder(input, next) : [...next]);
      };
      return {
        move: (item: WeekItem, date: string) => {
          const there = items.find((each) => each.drill === item.drill && each.date === date);
          const moved = { ...item, date, sets: item.sets + (there?.sets ?? 0) };
          change([...items.filter((each) => !same(each, item) && each !== there), moved]);
          leave(item);
          keep(moved);
        },
        setSets: (item: WeekItem, sets: number) => {
          change(
            sets < 1
              ? items.filter((each) => !same(each, item))
              : items.map((each) => (same(each, item) ? { ...each, sets } : each)),
          );
          keep({ ...item, sets });
        },
        add: (date: string, drill: string, sets: number) => {
          const item = { date, drill, sets };
          if (items.some((each) => same(each, item))) return;
          change([...items, item]);
          keep(item);
        },
        clear: (date: string) => change(items.filter((each) => each.date !== date)),
      };
    },
  };
}
