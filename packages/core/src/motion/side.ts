import type { Hand } from '../catalogue';
import { sureTracks } from './clean';
import { bodyJointOf } from './figure';
import type { KeypointFrame, MotionView } from './keypoints';

export type PictureSide = 'left' | 'right';

/** Half of what is known of the feet must be clear of nothing for a side to be told, px. */
const apart = 1;

/**
 * On which side of the picture the target is: where the front foot is of the back one when the hand is fastest.
 *
 * @param fastest when, s; feet are looked at from shortly before it
 * @returns null where the feet are not seen
 * @example towardsOf(filmed.clip.frames, 'R', 2) !== null // true
 */
export function towardsOf(
  frames: readonly KeypointFrame[],
  throws: Hand,
  fastest: number,
): PictureSide | null {
  const late = frames.filter(({ t }) => t >= fastest - 0.15 && t <= fastest + 0.1);
  const at = sureTracks(late);
  const lead = at[bodyJointOf('leadAnkle', throws)].x;
  const trail = at[bodyJointOf('trailAnkle', throws)].x;
  const ahead = Array.from(lead, (each, i) => each - trail[i]!).filter((each) => Math.abs(each) > apart);
  if (ahead.length === 0) return null;
  return ahead.filter((each) => each > 0).length * 2 > ahead.length ? 'right' : 'left';
}

/**
 * Which side view it is: the chest is seen at lift with the target on the side of the throwing hand.
 *
 * @example sideView('right', 'R') // 'open-side'
 */
export const sideView = (towards: PictureSide, throws: Hand): MotionView =>
  (towards === 'right') === (throws === 'R') ? 'open-side' : 'closed-side';
