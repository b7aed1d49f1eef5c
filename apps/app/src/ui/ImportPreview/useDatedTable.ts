import { dayOrderIn, isoDays, type DayOrder } from '@wrightonic/core';
import { useState } from 'react';
import { usesMonthFirst } from '../words/days';

interface Opened {
  name: string;
  text: string;
  /** How its days are read; null where they say it themselves. */
  order: DayOrder | null;
}

/**
 * A table that was chosen: what was read of it, and in which order its days are read, which can be changed.
 *
 * @param column the days stand in it
 * @param look reads the text; an error is told in its words
 */
export function useDatedTable<T>(
  column: string,
  look: (text: string) => T,
  refused: (file: string, why: string) => string,
) {
  const [opened, setOpened] = useState<Opened | null>(null);
  const [read, setRead] = useState<T | null>(null);
  const [wrong, setWrong] = useState('');
  const readAs = ({ name, text, order }: Opened) => {
    setWrong('');
    setOpened({ name, text, order });
    try {
      setRead(look(order ? isoDays(text, column, order) : text));
    } catch (broken) {
      setRead(null);
      setWrong(refused(name, (broken as Error).message));
    }
  };
  return {
    read,
    wrong,
    order: read || wrong ? (opened?.order ?? null) : null,
    open: async (file: File) => {
      const text = await file.text();
      const found = dayOrderIn(text, column);
      const own: DayOrder = usesMonthFirst() ? 'month-day' : 'day-month';
      readAs({ name: file.name, text, order: found === 'iso' ? null : found === 'either' ? own : found });
    },
    reorder: (order: DayOrder) => opened && readAs({ ...opened, order }),
    leave: () => {
      setRead(null);
      setWrong('');
      setOpened(null);
    },
  };
}
