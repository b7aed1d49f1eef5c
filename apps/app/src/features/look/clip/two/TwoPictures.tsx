import { useState, type CSSProperties, type PointerEvent } from 'react';
import { useColours } from '../../../../theme/theme';
import { MovingFigure } from '../../../../ui/body/MovingFigure';
import { figureSize, type Side } from './useSide';
import { texts } from './texts';

interface Props {
  films: readonly [Side, Side];
  names: readonly [string, string];
  /** The second over the first, half seen through. */
  over: boolean;
  /** How much larger the second is shown. */
  size: number;
  /** The second the other way round, as the hands differ. */
  mirrored: boolean;
}

const seenThrough = 0.5;

/** Two sides beside or over each other, at the same height of the picture; the second can be drawn to its place. */
export function TwoPictures({ films, names, over, size, mirrored }: Props) {
  const [moved, setMoved] = useState<readonly [number, number]>([0, 0]);
  const drag = (event: PointerEvent<HTMLDivElement>) => {
    if (!over || event.buttons !== 1) return;
    const box = event.currentTarget.getBoundingClientRect();
    setMoved(([x, y]) => [x + (100 * event.movementX) / box.width, y + (100 * event.movementY) / box.height]);
  };
  const shapes = films.map(({ known }) => known?.shape ?? 16 / 9) as [number, number];
  const transform = `translate(${over ? moved[0] : 0}%, ${over ? moved[1] : 0}%) scale(${mirrored ? -size : size}, ${size})`;
  return (
    <div
      role="group"
      aria-label={texts.bothFilms}
      onPointerMove={drag}
      style={{
        position: 'relative',
        display: 'flex',
        gap: over ? 0 : 4,
        width: '100%',
        maxWidth: over ? `calc(50vh * ${shapes[0]})` : undefined,
        margin: '0 auto',
        borderRadius: 8,
        overflow: 'hidden',
        background: '#10191C',
        ...(over ? { touchAction: 'none', cursor: 'move' } : {}),
      }}
    >
      {films.map((film, n) => (
        <div
          key={n}
          style={{
            overflow: 'hidden',
            minWidth: 0,
            // Wide and narrow pictures stand at the same height.
            flexGrow: shapes[n],
            flexBasis: 0,
            ...(over && n === 1 ? { position: 'absolute', inset: 0, opacity: seenThrough } : {}),
          }}
        >
          <Picture
            film={film}
            name={names[n as 0 | 1]}
            style={{
              display: 'block',
              width: '100%',
              ...(over && n === 1 ? { height: '100%', objectFit: 'contain' } : { aspectRatio: shapes[n] }),
              ...(n === 1 ? { transform, transformOrigin: 'bottom center' } : {}),
            }}
          />
        </div>
      ))}
    </div>
  );
}

interface PictureProps {
  film: Side;
  name: string;
  style: CSSProperties;
}

/** The video of a film, or the figure of a tracked body. */
function Picture({ film: { video, url, figure, loaded, refused }, name, style }: PictureProps) {
  const own = useColours();
  if (figure) {
    const { moving, setter } = figure;
    return (
      <div role="img" aria-label={name} style={{ ...style, background: own.surface }}>
        <MovingFigure moving={moving} first={moving.best} {...figureSize} fluid setter={setter} />
      </div>
    );
  }
  return (
    <video
      ref={video}
      src={url ?? undefined}
      muted
      playsInline
      preload="auto"
      aria-label={name}
      onLoadedMetadata={loaded}
      onError={refused}
      style={style}
    />
  );
}
