import type { Severity } from '@wrightonic/core';
import { useEffect, useState } from 'react';

const grades: Readonly<Record<string, Severity>> = { '0': 0, '1': 1, '2': 2, '3': 3 };

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && /^(input|textarea|select)$/i.test(target.tagName);

/** The element of a checkpoint in its column. */
export const pointElement = (id: string): string => `point ${id}`;

/**
 * Keys of a look at a table: arrows go from checkpoint to checkpoint and from column to column, 0 to 3 grade the one that
 * is marked. Before the first arrow and after Escape the figures lead to the verbs, as everywhere.
 *
 * @param columns ids of the checkpoints, column by column
 * @returns the one that is marked
 */
export function useGradeKeys(
  columns: readonly (readonly string[])[],
  onGrade: (id: string, grade: Severity) => void,
): string | null {
  const [current, setCurrent] = useState<string | null>(null);
  useEffect(() => {
    const move = (key: string): string | null => {
      const at = columns.findIndex((ids) => ids.includes(current ?? ''));
      if (at < 0) return columns.find((ids) => ids.length)?.[0] ?? null;
      const ids = columns[at]!;
      const n = ids.indexOf(current!);
      if (key === 'ArrowDown') return ids[n + 1] ?? columns[at + 1]?.[0] ?? current;
      if (key === 'ArrowUp') return ids[n - 1] ?? columns[at - 1]?.at(-1) ?? current;
      const beside = columns[at + (key === 'ArrowRight' ? 1 : -1)];
      return beside?.[Math.min(n, beside.length - 1)] ?? current;
    };
    const pressed = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const grade = grades[event.key];
      if (event.key.startsWith('Arrow')) setCurrent(move(event.key));
      else if (current !== null && grade !== undefined) onGrade(current, grade);
      else if (current !== null && event.key === 'Escape') setCurrent(null);
      else return;
      // The same figures lead to the verbs elsewhere.
      event.stopImmediatePropagation();
      event.preventDefault();
    };
    window.addEventListener('keydown', pressed, true);
    return () => window.removeEventListener('keydown', pressed, true);
  }, [columns, current, onGrade]);
  useEffect(() => {
    if (current)
      document.getElementById(pointElement(current))?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current]);
  return current;
}
