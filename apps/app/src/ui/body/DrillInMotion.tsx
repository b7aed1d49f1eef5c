import { drawGoing, type Discipline, type Hand } from '@wrightonic/core';
import { useMemo } from 'react';
import { InStep } from './InStep';
import { texts } from '../texts';

interface Props {
  /** Whose figure it is; null for a drill that has none. */
  drill: string | null;
  name: string;
  hand: Hand;
  /** Whose delivery it is, where the drill is for both. */
  discipline: Discipline;
  width?: number;
  height?: number;
}

const rate = 45;

/** How a drill goes, mirrored for left-handers; nothing for a drill that has no figure. */
export function DrillInMotion({ drill, name, hand, discipline, width = 300, height = 190 }: Props) {
  const moving = useMemo(
    () => (drill === null ? null : drawGoing(drill, { width, height, hand, discipline }, rate)),
    [drill, width, height, hand, discipline],
  );
  if (!moving) return null;
  const label = texts.howItGoesRight(name, hand);
  return (
    <InStep
      key={drill}
      figures={[{ title: null, label, moving }]}
      width={width}
      height={height}
      rate={rate}
      speed={1}
      first={moving.best}
    />
  );
}
