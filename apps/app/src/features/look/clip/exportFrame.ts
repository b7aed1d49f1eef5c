import type { ClipRecord } from '@wrightonic/contract';
import { faces } from '../../../theme/faces';

type Drawing = ClipRecord['drawings'][number];

const widest = 1600;

/** The frame that is shown with its drawings and a line of words, as PNG. */
export function frameAsPng(
  video: HTMLVideoElement,
  drawings: readonly Drawing[],
  figure: (drawing: Drawing) => string,
  words: string,
): Promise<Blob> {
  const scale = Math.min(1, widest / video.videoWidth);
  const width = Math.round(video.videoWidth * scale);
  const height = Math.round(video.videoHeight * scale);
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const pen = canvas.getContext('2d')!;
  pen.drawImage(video, 0, 0, width, height);
  const thick = Math.max(3, width / 300);
  pen.font = `${Math.max(16, Math.round(width / 36))}px ${faces.heading}, sans-serif`;
  const write = (text: string, x: number, y: number) => {
    pen.lineWidth = thick * 1.4;
    pen.strokeStyle = '#1D2B2F';
    pen.strokeText(text, x, y);
    pen.fillStyle = '#F5F1E8';
    pen.fillText(text, x, y);
  };
  for (const drawing of drawings) {
    const at = drawing.points.map(([x, y]): [number, number] => [x * width, y * height]);
    for (const [ink, size] of [
      ['#1D2B2F', thick * 2],
      ['#C98A2B', thick],
    ] as const) {
      pen.beginPath();
      at.forEach(([x, y], i) => (i ? pen.lineTo(x, y) : pen.moveTo(x, y)));
      pen.strokeStyle = ink;
      pen.lineWidth = size;
      pen.stroke();
    }
    const [x, y] = at[Math.min(1, at.length - 1)]!;
    write(figure(drawing), x + thick * 3, y - thick * 3);
  }
  write(words, thick * 4, height - thick * 5);
  return new Promise((done, fail) =>
    canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('no picture'))), 'image/png'),
  );
}
