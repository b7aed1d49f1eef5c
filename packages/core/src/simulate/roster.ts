import type { Discipline, Hand } from '../catalogue';

/**
 * What happens to a pretend athlete: `improves` and `steady` work through their plan, `slips-back` loses it again
 * over eight weeks away, `returns` after five weeks away and nobody has looked since, `limited` is held by a body that does not get there, `flat` moves well and gains nothing,
 * `starting` has had one look, `new` none.
 */
export type Story =
  | 'improves'
  | 'steady'
  | 'slips-back'
  | 'returns'
  | 'limited'
  | 'flat'
  | 'starting'
  | 'new';

export interface PretendAthlete {
  givenName: string;
  familyName: string;
  discipline: Discipline;
  throws: Hand;
  age: number;
  heightCm: number;
  massKg: number;
  /** Usual velocity at 90 percent at the beginning, mph. */
  mph: number;
  story: Story;
  /** Severities of what is wrong at the beginning; their effects follow from the links. */
  roots: Readonly<Record<string, number>>;
  equipmentAtHome: readonly string[];
}

type Line = [string, Discipline, Hand, number, number, number, number, Story, Record<string, number>, string];

// name, discipline, hand, age, cm, kg, mph, story, roots, at home
// prettier-ignore
const lines: readonly Line[] = [
  ['Wren Ablethorpe', 'overhand', 'R', 15, 178, 70, 70, 'improves', { 'oh.lift-stall': 3, 'oh.glove-pull': 1 }, 'wall,light band'],
  ['Tobin Marchwell', 'overhand', 'L', 16, 183, 77, 76, 'slips-back', { 'oh.back-leg-collapse': 2, 'oh.early-hand': 2 }, 'fence'],
  ['Odalys Quillfeather', 'windmill', 'R', 14, 168, 60, 51, 'improves', { 'wm.dead-trail': 3, 'wm.stiff-arm': 1 }, 'wall,rolled sock'],
  ['Caspian Dray', 'overhand', 'R', 17, 188, 86, 81, 'limited', { 'lim.hip-ir.trail': 3, 'oh.quad-load': 2 }, 'wall,mirror'],
  ['Ines Thornbury', 'windmill', 'R', 12, 157, 48, 44, 'steady', { 'wm.weak-load': 2, 'wm.opens-late': 2 }, 'fence'],
  ['Bram Oakhollow', 'overhand', 'R', 9, 138, 33, 42, 'steady', { 'oh.wobble': 2, 'oh.eyes-off': 1 }, 'wall'],
  ['Lysander Pell', 'overhand', 'L', 13, 165, 54, 61, 'improves', { 'oh.hip-not-leading': 3, 'oh.late-hand': 1 }, 'fence,mirror'],
  ['Maren Fallowfield', 'windmill', 'L', 17, 173, 68, 57, 'flat', { 'wm.shoulder-pull': 3, 'wm.soft-drive': 1 }, 'wall'],
  ['Ezra Saltby', 'overhand', 'R', 19, 190, 92, 86, 'flat', { 'oh.hips-late': 2, 'oh.peaks-together': 2, 'oh.glove-pull': 2 }, 'light band'],
  ['Juniper Hask', 'windmill', 'R', 10, 145, 37, 38, 'steady', { 'wm.heel-first': 2 }, 'wall'],
  ['Rufus Candlewick', 'overhand', 'R', 11, 150, 41, 50, 'improves', { 'oh.weight-back': 2, 'oh.front-open-lift': 2 }, 'wall,cones'],
  ['Sable Wintergrove', 'overhand', 'R', 14, 172, 62, 65, 'steady', { 'oh.quad-load': 3, 'oh.long-arm': 2 }, 'wall,mirror'],
  ['Thea Birchmoor', 'windmill', 'R', 19, 176, 71, 62, 'improves', { 'wm.early-extension': 3, 'wm.arm-only': 1 }, 'wall,belt'],
  ['Alaric Stonecroft', 'overhand', 'R', 21, 186, 89, 88, 'steady', { 'oh.front-lean': 2, 'oh.spin-off': 2 }, 'light band,wall'],
  ['Pia Larkrise', 'windmill', 'R', 15, 170, 63, 54, 'limited', { 'lim.thoracic-rotation': 3, 'wm.locked-knee': 2 }, 'chair'],
  ['Corin Ashdown-Vale', 'overhand', 'L', 12, 158, 46, 55, 'starting', { 'oh.no-sit': 2, 'oh.early-break': 2 }, 'wall'],
  ['Nell Greywater', 'overhand', 'R', 16, 175, 69, 72, 'improves', { 'oh.knee-outside': 2, 'oh.shoulders-early': 2 }, 'tape line'],
  ['Otis Fennimore', 'overhand', 'R', 10, 142, 36, 45, 'starting', { 'oh.jump': 2 }, 'wall'],
  ['Harriet Moss', 'windmill', 'R', 13, 163, 53, 48, 'slips-back', { 'wm.upper-leads': 2, 'wm.pull-up': 2 }, 'rolled sock'],
  ['Dario Kestrelby', 'overhand', 'R', 18, 185, 84, 83, 'improves', { 'oh.lead-leg-soft': 3, 'oh.arm-drag': 2 }, 'mirror'],
  ['Willa Brackenridge', 'windmill', 'R', 21, 178, 74, 64, 'returns', { 'wm.collapsed-front': 3, 'wm.off-line-arm': 2 }, 'fence'],
  ['Fenn Iverstone', 'overhand', 'R', 14, 169, 58, 63, 'limited', { 'lim.abductor-strength.lead': 2, 'oh.wobble': 2, 'oh.low-elbow': 1 }, 'loop band'],
  ['Tamsin Redfern-Hale', 'windmill', 'R', 11, 150, 42, 41, 'new', {}, 'wall'],
  ['Gideon Marlpit', 'overhand', 'L', 15, 180, 73, 71, 'new', {}, 'wall'],
];

/** The athletes of the Saltmarsh Pitching Barn. All names are invented. */
export const saltmarshRoster: readonly PretendAthlete[] = lines.map(
  ([name, discipline, throws, age, heightCm, massKg, mph, story, roots, equipmentAtHome]) => {
    const [givenName, ...family] = name.split(' ');
    return {
      givenName: givenName!,
      familyName: family.join(' '),
      discipline,
      throws,
      age,
      heightCm,
      massKg,
      mph,
      story,
      roots,
      equipmentAtHome: equipmentAtHome.split(','),
    };
  },
);
