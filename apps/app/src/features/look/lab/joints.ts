import type { BodyJoint } from '@wrightonic/core';

/** A joint as it is said: left shoulder. */
export const jointName = (joint: BodyJoint): string =>
  joint.replace(/[A-Z]/, (letter) => ` ${letter.toLowerCase()}`);
