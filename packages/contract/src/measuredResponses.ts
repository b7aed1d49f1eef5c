import type { ClipEvent, Flight, Missed, ScreenTool } from '@wrightonic/core';
import type { MotionTaken } from './motionTaken';
import type { ClipView, CurveResult, DrawingKind, PicturePoint } from './measuring';

export interface ScreenTryRecord {
  test: string;
  side: 'lead' | 'trail' | 'throwing' | 'glove' | 'none';
  n: 1 | 2;
  value: number | null;
  pain: boolean;
  tool?: ScreenTool;
  parts?: [number, number];
  retest?: true;
}

export interface ScreenRecord {
  id: string;
  date: string;
  by: string;
  finished: boolean;
  tries: ScreenTryRecord[];
}

export interface ThrowRecord {
  id: string;
  /** Null outside of a session of drills. */
  session: string | null;
  at: string;
  date: string;
  velocity: number | null;
  effort: number | null;
  pitch: string;
  ball: number;
  kind: 'game' | 'practice';
  /** Its velocity is pretend. */
  simulated: boolean;
  distanceM: number | null;
  aim: PicturePoint | null;
  arrived: PicturePoint | null;
  /** Null when nobody charted it. */
  sides: Missed[] | null;
  flight: Flight | null;
}

export interface DrawingRecord {
  id: string;
  type: DrawingKind;
  time: number;
  points: PicturePoint[];
  measure: string;
  lengthCm: number | null;
}

export interface ClipRecord {
  id: string;
  date: string;
  by: string;
  name: string;
  size: number;
  hash: string;
  seconds: number;
  width: number;
  height: number;
  fps: number;
  captureFps: number;
  view: ClipView;
  square: boolean;
  marks: Partial<Record<ClipEvent, number>>;
  drawings: DrawingRecord[];
  /** What was taken over of its tracked joints. */
  motion: MotionTaken | null;
}

export interface PictureRecord {
  id: string;
  clipId: string;
  time: number;
  note: string;
  shown: boolean;
  date: string;
}

export interface CurveRecord {
  id: string;
  date: string;
  by: string;
  name: string;
  result: CurveResult;
}
