import type { ClipEvent } from '@wrightonic/core';
import { useRef, useState, type PointerEvent } from 'react';
import { StyleSheet, View } from 'react-native';
import { faces } from '../../../theme/faces';
import { useColours } from '../../../theme/theme';
import { withinFrame } from '../../../ui/video/useMoves';
import { eventName } from '../../../ui/words/clipEvents';
import type { ClipState } from './useClip';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

/** An event where it stands in the clip, s of the file. */
export interface Flag {
  event: ClipEvent;
  time: number;
  /** Marked by somebody; else the film says so. */
  byHand: boolean;
}

interface Props {
  flags: readonly Flag[];
  /** What is shown from end to end, s of the file. */
  span: readonly [number, number];
  fps: number;
  onSeek: (time: number) => void;
  onMove: (event: ClipEvent, time: number) => void;
}

/** A finger that trembles does not drag, px. */
const trembles = 5;

const rowHeight = 24;
/** Beyond this share of the line a name stands on the other side of its flag. */
const turns = 0.7;
/** Width of a name on the narrowest line, as a share of it. */
const widthOf = (event: ClipEvent): number => (12 + 7 * eventName(event).length) / 340;

/** Names that would lie over each other go into rows of their own. */
function inRows<T extends { event: ClipEvent; share: number }>(flags: readonly T[]): (T & { row: number })[] {
  const ends: number[] = [];
  const rows = new Map<T, number>();
  const startOf = ({ event, share }: T) => (share > turns ? share - widthOf(event) : share);
  for (const flag of [...flags].sort((a, b) => startOf(a) - startOf(b))) {
    const start = startOf(flag);
    const free = ends.findIndex((end) => end <= start);
    const row = free < 0 ? ends.length : free;
    ends[row] = start + widthOf(flag.event);
    rows.set(flag, row);
  }
  // In the order that they came in: one that is held must stay the same element at the same place.
  return flags.map((flag) => ({ ...flag, row: rows.get(flag)! }));
}

/** Events where they stand in the clip; a tap goes there, and dragging one moves it. */
export function Timeline({ flags, span: [from, to], fps, onSeek, onMove }: Props) {
  const own = useColours();
  const line = useRef<HTMLDivElement>(null);
  // Moves come faster than drawings: what is held is known at once, what is drawn follows.
  const held = useRef<{ event: ClipEvent; x: number; time: number } | null>(null);
  const dragged = useRef(false);
  const [moving, setMoving] = useState<{ event: ClipEvent; time: number } | null>(null);
  if (flags.length === 0 || to <= from) return null;
  const moved = ({ clientX }: PointerEvent) => {
    const start = held.current;
    if (!start || (!dragged.current && Math.abs(clientX - start.x) < trembles)) return;
    dragged.current = true;
    const by = ((clientX - start.x) / line.current!.clientWidth) * (to - from);
    // On a frame, as marks are.
    const time = Math.round(Math.max(from, Math.min(to, start.time + by)) * fps) / fps;
    setMoving({ event: start.event, time });
    onSeek(time + withinFrame);
    return time;
  };
  const dropped = (pointer: PointerEvent) => {
    const time = moved(pointer);
    if (held.current && time !== undefined) onMove(held.current.event, time);
    held.current = null;
    setMoving(null);
  };
  const placed = inRows(
    flags.map((flag) => {
      const time = moving?.event === flag.event ? moving.time : flag.time;
      return { ...flag, share: (time - from) / (to - from) };
    }),
  );
  const rows = 1 + Math.max(...placed.map(({ row }) => row));
  return (
    <div
      ref={line}
      role="group"
      aria-label={texts.markedEvents}
      style={{
        position: 'relative',
        height: rowHeight * rows,
        borderBottom: `2px solid ${own.line}`,
        overflow: 'hidden',
      }}
    >
      {placed.map(({ event, time, byHand, share, row }) => {
        const leftwards = share > turns;
        return (
          <button
            key={event}
            aria-label={texts.goTo(eventName(event))}
            onClick={({ detail }) => {
              // A drag ends in a click of the pointer; a key has none.
              if (detail === 0 || !dragged.current) onSeek(time + withinFrame);
            }}
            onPointerDown={(pointer) => {
              pointer.currentTarget.setPointerCapture(pointer.pointerId);
              held.current = { event, x: pointer.clientX, time };
              dragged.current = false;
            }}
            onPointerMove={moved}
            onPointerUp={dropped}
            onPointerCancel={() => {
              held.current = null;
              setMoving(null);
            }}
            style={{
              position: 'absolute',
              left: `${100 * share}%`,
              top: rowHeight * row,
              transform: leftwards ? 'translateX(-100%)' : undefined,
              display: 'flex',
              flexDirection: leftwards ? 'row-reverse' : 'row',
              alignItems: 'center',
              gap: 4,
              minHeight: rowHeight,
              padding: 0,
              border: 0,
              background: 'none',
              color: own.ink,
              font: `13px ${faces.text}, sans-serif`,
              whiteSpace: 'nowrap',
              cursor: 'grab',
              touchAction: 'none',
            }}
          >
            <span
              style={{ width: 4, height: 20, borderRadius: 2, background: byHand ? own.amber : own.dusk }}
            />
            {eventName(event)}
          </button>
        );
      })}
    </div>
  );
}

/** Plays at true speed or a quarter of it, and stops on a frame. */
export function PlayRow({ state: { playing, play, pause } }: { state: ClipState }) {
  return (
    <View style={styles.row}>
      {[1, 0.25].map((rate) => (
        <Button
          key={rate}
          mode="outlined"
          compact
          icon={playing === rate ? 'pause' : 'play'}
          onPress={() => (playing === rate ? pause() : play(rate))}
        >
          {playing === rate ? texts.pause : rate === 1 ? texts.play : texts.quarterSpeed}
        </Button>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: 6 } });
