import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bodyPoints, phases, postureOf, type Joint, type Pose } from '@wrightonic/core';

const [width, height, fps] = [640, 360, 60];
/** When each phase of the delivery is reached, s. */
const reached = [0, 0.3, 0.62, 0.8, 0.86, 0.94, 1.15];
const limbs: readonly [Joint, Joint, number][] = [
  ['leadHip', 'leadKnee', 9],
  ['leadKnee', 'leadAnkle', 8],
  ['leadHeel', 'leadToe', 6],
  ['trailHip', 'trailKnee', 9],
  ['trailKnee', 'trailAnkle', 8],
  ['trailHeel', 'trailToe', 6],
  ['pelvis', 'chest', 16],
  ['chest', 'neck', 17],
  ['leadShoulder', 'trailShoulder', 9],
  ['leadHip', 'trailHip', 11],
  ['trailShoulder', 'throwingElbow', 7],
  ['throwingElbow', 'throwingHand', 6],
  ['leadShoulder', 'gloveElbow', 7],
  ['gloveElbow', 'gloveHand', 6],
  ['head', 'head', 20],
];

/** Between two poses, every figure on its way. */
function between(a: unknown, b: unknown, share: number): unknown {
  if (typeof a === 'number') return a + ((b as number) - a) * share;
  if (Array.isArray(a)) return a.map((each, i) => between(each, (b as unknown[])[i], share));
  if (typeof a === 'object' && a)
    return Object.fromEntries(
      Object.entries(a).map(([key, value]) => [
        key,
        between(value, (b as Record<string, unknown>)[key], share),
      ]),
    );
  return a;
}

function poseAt(time: number): Pose {
  const order = phases.overhand;
  const next = Math.max(
    1,
    reached.findIndex((at) => at > time),
  );
  const [from, to] = [reached[next - 1]!, reached[next]!];
  const share = Math.min(1, (time - from) / (to - from));
  return between(postureOf('overhand', order[next - 1]!), postureOf('overhand', order[next]!), share) as Pose;
}

function frame(time: number): Buffer {
  const points = bodyPoints(poseAt(time));
  const at = (joint: Joint): [number, number] => [200 + points[joint][0] * 260, 330 - points[joint][2] * 250];
  const picture = Buffer.alloc(width * height * 3);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      picture.set(y > 332 ? [120, 86, 60] : [196, 206, 196], (y * width + x) * 3);
  for (const [from, to, thick] of limbs) {
    const [[x1, y1], [x2, y2]] = [at(from), at(to)];
    const size = (x2 - x1) ** 2 + (y2 - y1) ** 2;
    for (
      let y = Math.max(0, Math.floor(Math.min(y1, y2) - thick));
      y < Math.min(height, Math.max(y1, y2) + thick);
      y++
    )
      for (
        let x = Math.max(0, Math.floor(Math.min(x1, x2) - thick));
        x < Math.min(width, Math.max(x1, x2) + thick);
        x++
      ) {
        const along = size
          ? Math.max(0, Math.min(1, ((x - x1) * (x2 - x1) + (y - y1) * (y2 - y1)) / size))
          : 0;
        if (Math.hypot(x - x1 - along * (x2 - x1), y - y1 - along * (y2 - y1)) < thick)
          picture.set([29, 43, 47], (y * width + x) * 3);
      }
  }
  return picture;
}

/** A clip of a pretend delivery, for pictures of the clip bench. */
export function bodyClip(): string {
  const file = join(mkdtempSync(join(tmpdir(), 'clips-')), 'side-view.mp4');
  const frames = Buffer.concat(Array.from({ length: Math.round(1.2 * fps) }, (_, i) => frame(i / fps)));
  execFileSync(
    'ffmpeg',
    [
      ...[
        '-loglevel',
        'error',
        '-y',
        '-f',
        'rawvideo',
        '-pix_fmt',
        'rgb24',
        '-s',
        `${width}x${height}`,
        '-r',
        String(fps),
      ],
      ...['-i', '-', '-c:v', 'libx264', '-pix_fmt', 'yuv420p', file],
    ],
    { input: frames },
  );
  return file;
}
