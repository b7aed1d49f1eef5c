import type { ClipRecord } from '@wrightonic/contract';
import { motionMeasureOf, type ClipEvent } from '@wrightonic/core';

/** When the events of a clip are, s of its file: where somebody marked them, else where its joints say. */
export function eventTimes({ marks, motion }: ClipRecord): Partial<Record<ClipEvent, number>> {
  const found: Partial<Record<ClipEvent, number>> = {};
  for (const { measure, time } of motion?.offers ?? []) {
    const needs = motionMeasureOf(measure)?.needs ?? [];
    if (time !== null && needs.length === 1) found[needs[0]!] = time;
  }
  return { ...found, ...marks };
}
