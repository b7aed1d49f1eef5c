import { nodeName } from '../catalogue/checkpoints';
import type { History } from '../prove/history';
import { laneNames, type TimelineEntry } from '../prove/timeline';
import { writeTable } from './csv';

/**
 * Everything that Prove shows as a table: what stands on the axis of time, a row for each figure, and every grade of
 * every checkpoint, of which the axis shows a few. What lasts has no last day.
 *
 * @param grades as of `historyOf`
 * @example writeTimeline([], []).trim() // 'from,to,what,text,figure,value,unit'
 */
export const writeTimeline = (entries: readonly TimelineEntry[], grades: History['timeline']): string =>
  writeTable(
    ['from', 'to', 'what', 'text', 'figure', 'value', 'unit'],
    [
      ...entries
        .filter(({ lane }) => lane !== 'checkpoints')
        .flatMap(({ lane, from, to, text, values }) => {
          const head = [from, to, laneNames[lane], text];
          return values.length
            ? values.map(({ name, value, unit }) => [...head, name, value, unit])
            : [[...head, null, null, null]];
        }),
      ...grades.flatMap(({ id, grades: of }) =>
        of.map(({ date, severity }) => [date, date, 'Grade', nodeName(id), 'severity', severity, '']),
      ),
    ],
  );
