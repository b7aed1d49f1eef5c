import { buildLadders, dosed, drills, trace, type Findings } from '@wrightonic/core';

const findingsALook = 10;

const seen: Record<'overhand' | 'windmill', Findings[]> = {
  overhand: [
    { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2, 'oh.glove-pull': 1, 'oh.falls-off': 1 },
    { 'oh.back-leg-collapse': 2, 'oh.short-stride': 2, 'oh.arm-drag': 1, 'oh.late-hand': 2 },
    { 'oh.hips-late': 2, 'oh.shoulders-early': 3, 'oh.spin-off': 1 },
    { 'oh.lead-leg-soft': 3, 'oh.no-post': 2, 'oh.low-elbow': 1, 'sym.miss-high': 2 },
  ],
  windmill: [
    { 'wm.soft-drive': 2, 'wm.short-drive': 2, 'wm.stiff-arm': 1 },
    { 'wm.hunched': 2, 'wm.bend-and-stand': 3, 'wm.pull-up': 1 },
  ],
};
const clean = Object.fromEntries(
  (['overhand', 'windmill'] as const).map((discipline) => [
    discipline,
    [...new Set(drills.flatMap(({ targets }) => targets))].filter((target) =>
      target.startsWith(discipline === 'overhand' ? 'oh.' : 'wm.'),
    ),
  ]),
);
export const everything = [...new Set(drills.flatMap(({ equipment }) => equipment.flat()))];

export interface Template {
  discipline: 'overhand' | 'windmill';
  findings: Findings;
  result: string;
  focus: { lower: string | null; arm: string | null };
  ladders: ReturnType<typeof dosed>[];
}
/** What is seen again and again, traced and laddered once. */
export const templates: Template[] = (['overhand', 'windmill'] as const).flatMap((discipline) =>
  seen[discipline].map((findings) => {
    const athlete = { discipline, throws: 'R' as const, age: 15 };
    const result = trace({ athlete, findings });
    const ladders = buildLadders(result.focus, { discipline, age: 15, equipment: everything }, result);
    const graded = { ...findings };
    for (const node of clean[discipline]!) if (Object.keys(graded).length < findingsALook) graded[node] ??= 0;
    return {
      discipline,
      findings: graded,
      result: JSON.stringify(result),
      focus: result.focus,
      ladders: ladders.map((ladder) => dosed(ladder)),
    };
  }),
);

export const screenTries: [string, string, number][] = [
  ['hip-ir', 'lead', 31],
  ['hip-ir', 'trail', 28],
  ['hip-er', 'lead', 44],
  ['hip-er', 'trail', 42],
  ['knee-to-wall', 'lead', 9],
  ['single-leg-hold', 'trail', 22],
];
export const reading = { peaks: [], order: [], gaps: [], gains: {}, handedOn: {}, evidence: [], missing: [] };
