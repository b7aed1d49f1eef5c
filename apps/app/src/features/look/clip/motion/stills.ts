import type { ClipRecord } from '@wrightonic/contract';
import type { KeptTrack } from '../../../../offline/database';
import { jointLines, skeletonInks, thickOf } from './jointLines';

/** As high as it is shown at most, three times for sharp screens, px. */
const high = 320;
/** Left around the body, as a share of how high it is. */
const room = 0.25;

/** What is shown of a picture: the body with room around it, the whole picture where it is not known. */
function partOf(lines: ReturnType<typeof jointLines>['lines'], [width, height]: readonly [number, number]) {
  if (lines.length === 0) return { x: 0, y: 0, width, height };
  const xs = lines.flatMap(([, x1, , x2]) => [x1, x2]);
  const ys = lines.flatMap(([, , y1, , y2]) => [y1, y2]);
  const around = room * (Math.max(...ys) - Math.min(...ys));
  const [x, y] = [Math.max(0, Math.min(...xs) - around), Math.max(0, Math.min(...ys) - around)];
  return {
    x,
    y,
    width: Math.min(width, Math.max(...xs) + around) - x,
    height: Math.min(height, Math.max(...ys) + around) - y,
  };
}

/** The body of the frame that a video shows, with the joints over it. */
export function stillOf(
  video: HTMLVideoElement,
  kept: KeptTrack,
  clip: ClipRecord,
  time: number,
): Promise<Blob | null> {
  const { lines, size } = jointLines(kept, clip, time);
  const part = partOf(lines, size);
  const scale = high / part.height;
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(part.width * scale);
  canvas.height = high;
  const pen = canvas.getContext('2d')!;
  pen.scale(scale, scale);
  pen.translate(-part.x, -part.y);
  pen.drawImage(video, 0, 0, ...size);
  pen.lineCap = 'round';
  const thick = thickOf(size);
  skeletonInks.forEach((ink, n) => {
    pen.strokeStyle = ink;
    pen.lineWidth = (n ? 1 : 2.2) * thick;
    for (const [, x1, y1, x2, y2] of lines) {
      pen.beginPath();
      pen.moveTo(x1, y1);
      pen.lineTo(x2, y2);
      pen.stroke();
    }
  });
  return new Promise((done) => canvas.toBlob(done, 'image/jpeg', 0.8));
}
