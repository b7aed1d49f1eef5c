import type { Shape } from '@wrightonic/core';
import { Path } from 'react-native-svg';
import { drawnWith, useInks } from './useInks';

/** A figure that stands still. */
export function Shapes({ shapes }: { shapes: readonly Shape[] }) {
  const inks = useInks();
  return (
    <>
      {shapes.map((shape, n) => (
        <Path
          key={n}
          d={shape.path}
          {...drawnWith(shape, inks)}
          strokeWidth={shape.width}
          strokeLinecap="round"
          strokeLinejoin="round"
          {...(shape.dashed ? { strokeDasharray: '4 4' } : {})}
        />
      ))}
    </>
  );
}
