import type { ClipRecord, DrawingKind, PicturePoint } from '@wrightonic/contract';
import { pointsOf } from '@wrightonic/contract';
import { useRef, useState, type PointerEvent } from 'react';
import { useColours } from '../../../theme/theme';
import { texts } from './texts';

type Drawing = ClipRecord['drawings'][number];

interface Props {
  drawings: readonly Drawing[];
  /** What the next taps draw; null draws nothing. */
  tool: DrawingKind | null;
  /** Figure written beside a drawing. */
  figure: (drawing: Drawing) => string;
  onDrawn: (points: PicturePoint[]) => void;
  onMoved: (drawing: Drawing, points: PicturePoint[]) => void;
}

const grabRadius = 22;

const percent = (value: number): string => `${(100 * value).toFixed(3)}%`;

/** Lines through points, light on dark. */
function Lines({ points }: { points: readonly PicturePoint[] }) {
  const own = useColours();
  return points.slice(1).map((to, i) => {
    const from = points[i]!;
    const ends = { x1: percent(from[0]), y1: percent(from[1]), x2: percent(to[0]), y2: percent(to[1]) };
    return (
      <g key={i}>
        <line {...ends} stroke={own.ink} strokeWidth={6} />
        <line {...ends} stroke={own.amber} strokeWidth={3} />
      </g>
    );
  });
}

interface DrawnProps {
  points: readonly PicturePoint[];
  figure: string;
  /** A point was taken hold of; null where none can be. */
  onGrab: ((event: PointerEvent, at: number) => void) | null;
}

/** One drawing with its figure; its points can be dragged. */
function Drawn({ points, figure, onGrab }: DrawnProps) {
  const own = useColours();
  const beside = points[Math.min(1, points.length - 1)]!;
  return (
    <g>
      <Lines points={points} />
      {points.map((point, i) => (
        <circle
          key={i}
          cx={percent(point[0])}
          cy={percent(point[1])}
          r={7}
          fill={own.amber}
          stroke={own.ink}
          strokeWidth={2}
        />
      ))}
      {onGrab
        ? points.map((point, i) => (
            <circle
              key={`grab ${i}`}
              cx={percent(point[0])}
              cy={percent(point[1])}
              r={grabRadius}
              fill="transparent"
              style={{ touchAction: 'none', cursor: 'grab' }}
              onPointerDown={(event) => onGrab(event, i)}
            />
          ))
        : null}
      <text
        x={percent(beside[0])}
        y={percent(beside[1])}
        dx={14}
        dy={-10}
        fontSize={18}
        fontFamily="Barlow"
        stroke="#1D2B2F"
        strokeWidth={4}
        paintOrder="stroke"
        fill="#F5F1E8"
      >
        {figure}
      </text>
    </g>
  );
}

/** Drawings over the picture; a tap sets a point, and a point can be dragged. Places are shares of the picture. */
export function Overlay({ drawings, tool, figure, onDrawn, onMoved }: Props) {
  const own = useColours();
  const ground = useRef<SVGSVGElement>(null);
  const [points, setPoints] = useState<PicturePoint[]>([]);
  const [moved, setMoved] = useState<{ drawing: Drawing; at: number; points: PicturePoint[] } | null>(null);
  const place = (event: PointerEvent): PicturePoint => {
    const box = ground.current!.getBoundingClientRect();
    const share = (value: number) => Math.max(0, Math.min(1, value));
    return [share((event.clientX - box.left) / box.width), share((event.clientY - box.top) / box.height)];
  };
  const tapped = (event: PointerEvent) => {
    if (!tool) return;
    const next = [...points, place(event)];
    if (next.length < pointsOf[tool]) return setPoints(next);
    setPoints([]);
    onDrawn(next);
  };
  const shown = drawings.map((drawing) =>
    moved?.drawing.id === drawing.id ? { ...drawing, points: moved.points } : drawing,
  );
  return (
    <svg
      ref={ground}
      role="img"
      aria-label={tool ? texts.drawingOverThePicture : texts.drawingsOverThePicture}
      style={{
        position: 'absolute',
        inset: 0,
        width: '100%',
        height: '100%',
        touchAction: tool ? 'none' : 'pan-y',
        cursor: tool ? 'crosshair' : 'default',
      }}
      onPointerDown={tapped}
      onPointerMove={(event) => {
        if (!moved) return;
        const next = moved.points.map((point, i) => (i === moved.at ? place(event) : point));
        setMoved({ ...moved, points: next });
      }}
      onPointerUp={() => {
        if (moved) onMoved(moved.drawing, moved.points);
        setMoved(null);
      }}
    >
      {shown.map((drawing) => (
        <Drawn
          key={drawing.id}
          points={drawing.points}
          figure={figure(drawing)}
          onGrab={
            tool
              ? null
              : (event, at) => {
                  event.stopPropagation();
                  ground.current?.setPointerCapture(event.pointerId);
                  setMoved({ drawing, at, points: [...drawing.points] });
                }
          }
        />
      ))}
      <Lines points={points} />
      {points.map((point, i) => (
        <circle
          key={i}
          cx={percent(point[0])}
          cy={percent(point[1])}
          r={8}
          fill={own.clay}
          stroke="#F5F1E8"
          strokeWidth={2}
        />
      ))}
    </svg>
  );
}
