import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';

let folder: string | undefined;
const place = (name: string): string => join((folder ??= mkdtempSync(join(tmpdir(), 'clips-'))), name);

const ffmpeg = (...args: string[]) => execFileSync('ffmpeg', ['-loglevel', 'error', '-y', ...args]);

/** Where the square of a made clip stands on each frame, px. */
export const squareAt = (frame: number): number => 40 + 4 * frame;

/** A clip on which a yellow square moves 4 px a frame, so that each frame can be told from the next. */
export function clip(
  name: string,
  fps: number,
  codec: readonly string[],
  colour = '0x274B6D',
  size = '640x360',
): string {
  const file = place(name);
  const source = (colours: string, size: string) => [
    '-f',
    'lavfi',
    '-i',
    `color=c=${colours}:s=${size}:r=${fps}:d=1.2`,
  ];
  ffmpeg(
    ...source(colour, size),
    ...source('yellow', '40x40'),
    '-filter_complex',
    `[0][1]overlay=x='40+4*round(t*${fps})':y=150`,
    ...codec,
    file,
  );
  return file;
}

export const mp4 = (name: string, fps: number, colour?: string) =>
  clip(name, fps, ['-c:v', 'libx264', '-pix_fmt', 'yuv420p'], colour);
export const portrait = (name: string) =>
  clip(name, 60, ['-c:v', 'libx264', '-pix_fmt', 'yuv420p'], '0x6B3A2F', '360x640');
/** As many phones film unless they are told otherwise. */
export const highEfficiency = (name: string) =>
  clip(name, 30, [
    '-c:v',
    'libx265',
    '-x265-params',
    'log-level=error',
    '-tag:v',
    'hvc1',
    '-pix_fmt',
    'yuv420p',
  ]);
/** A film of 30 frames a second whose camera stalled: its frame 5 is followed by frame 31. */
export function stalled(name: string): string {
  const file = place(name);
  ffmpeg('-i', mp4(`whole-${name}`, 30), '-vf', "select='not(between(n,6,30))'", '-fps_mode', 'vfr', file);
  return file;
}
export const webm = (name: string, fps: number, colour?: string) =>
  clip(name, fps, ['-c:v', 'libvpx', '-b:v', '3M'], colour);

export function soundOnly(name: string): string {
  const file = place(name);
  ffmpeg('-f', 'lavfi', '-i', 'sine=d=1', file);
  return file;
}

/** Left edge of the yellow square in the frame that the page shows, or its second film, px of the clip. */
export const squareShown = (page: Page, which = 0): Promise<number> =>
  page.evaluate((n) => {
    const video = document.querySelectorAll('video')[n]!;
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [video.videoWidth, video.videoHeight];
    const pen = canvas.getContext('2d')!;
    pen.drawImage(video, 0, 0);
    const { data } = pen.getImageData(0, 170, canvas.width, 1);
    for (let x = 0; x < canvas.width; x++)
      if (data[4 * x]! > 180 && data[4 * x + 1]! > 180 && data[4 * x + 2]! < 110) return x;
    return -1;
  }, which);

/** Speed curves of a pretend delivery, as the command line makes them. */
export const curves = (flaws: Record<string, number>): string =>
  execFileSync('node', ['apps/cli/bin/wright.js', 'simulate', '--as', 'curves'], {
    input: JSON.stringify({ discipline: 'overhand', throws: 'R', fps: 240, flaws, noise: 5 }),
    encoding: 'utf8',
  });

/** Opens a file of this machine. */
export const choose = async (page: Page, label: string | RegExp, file: string) => {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: label }).click(),
  ]);
  await chooser.setFiles(file);
};
