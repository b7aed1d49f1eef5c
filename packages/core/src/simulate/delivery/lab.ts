import { bodyJointOf, roleJoints } from '../../motion/figure';
import { trueMotion, pretendDelivery, type PretendMotion } from './delivery';

/** Body height of the pretend athlete, mm. */
const tall = 1800;
/** Names as labs write them. */
const short: Readonly<Record<string, string>> = {
  Shoulder: 'SHO',
  Elbow: 'ELB',
  Wrist: 'WRI',
  Hip: 'HJC',
  Knee: 'KNE',
  Ankle: 'ANK',
};

/**
 * A pretend delivery as a motion lab writes it: TRC text with y up, x toward the target, mm.
 *
 * @param rate frames a second
 * @example pretendTrc({ discipline: 'overhand', throws: 'R' }, 200).startsWith('PathFileType') // true
 */
export function pretendTrc(motion: PretendMotion, rate: number): string {
  const { discipline, throws } = motion;
  const { at, frames } = trueMotion(pretendDelivery(motion), { discipline, throws, rate });
  const names = roleJoints.map((role) => {
    const joint = bodyJointOf(role, throws);
    const side = joint.startsWith('left') ? 'L' : 'R';
    return `${side}${short[joint.replace(/^(left|right)/, '')]!}`;
  });
  // Right of the way to the target is where a right-hander throws from.
  const across = throws === 'R' ? 1 : -1;
  const place = (role: (typeof roleJoints)[number], i: number) =>
    [at[role].fwd[i]!, at[role].up[i]!, across * at[role].side[i]!].map((each) =>
      ((each * tall) / 100).toFixed(2),
    );
  const rows = Array.from({ length: frames }, (_, i) =>
    [i + 1, (i / rate).toFixed(5), ...roleJoints.flatMap((role) => place(role, i))].join('\t'),
  );
  return [
    'PathFileType\t4\t(X/Y/Z)\tpretend.trc',
    'DataRate\tCameraRate\tNumFrames\tNumMarkers\tUnits\tOrigDataRate\tOrigDataStartFrame\tOrigNumFrames',
    [rate, rate, frames, names.length, 'mm', rate, 1, frames].join('\t'),
    ['Frame#', 'Time', ...names.flatMap((name) => [name, '', ''])].join('\t'),
    ['', '', ...names.flatMap((_, n) => ['X', 'Y', 'Z'].map((axis) => `${axis}${n + 1}`))].join('\t'),
    ...rows,
    '',
  ].join('\n');
}
