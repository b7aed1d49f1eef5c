import type { DayOrder } from '@wrightonic/core';
import { Choices } from '../form/Choices';
import { texts } from '../texts';

interface Props {
  /** Null where the file says it itself. */
  order: DayOrder | null;
  onChange: (order: DayOrder) => void;
}

/** In which order the days of a file are read, where it does not write them as 2026-05-01. */
export const DayOrderPick = ({ order, onChange }: Props) =>
  order === null ? null : (
    <Choices<DayOrder>
      label={texts.daysOfThisFile}
      shown
      value={order}
      onChange={onChange}
      options={[
        { value: 'month-day', text: texts.monthFirst },
        { value: 'day-month', text: texts.dayFirst },
      ]}
    />
  );
