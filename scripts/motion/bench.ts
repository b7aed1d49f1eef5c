/** Pretend deliveries with every flaw that a film can show: how often the truth lies within the ±, and what is graded. */
import {
  figureOf,
  motionMeasures,
  readKeypoints,
  seeing,
  type Discipline,
  type Hand,
} from '../../packages/core/src';
import { plantedFlaws, pretendFilm, trueMotion } from '../../packages/core/src/simulate';

/** Deliveries a flaw and hand; the table of the docs takes 200. */
const count = Number(process.argv[2] ?? 200);
/** Flaws that show along the line to the target. */
const along = new Set(['oh.knee-in', 'oh.low-elbow', 'oh.cross-line', 'wm.off-line-stride']);
const say = (line: string) => process.stdout.write(`${line}\n`);
const percent = (part: number, all: number) => `${((100 * part) / all).toFixed(0)} %`;

interface Held {
  within: number;
  of: number;
  off: number[];
  plusMinus: number[];
}
const held = new Map<string, Held>();
const graded = new Map<string, number[]>();
const clean = { graded: 0, clear: 0 };

function oneFilm(discipline: Discipline, throws: Hand, flaw: string | null, n: number): void {
  const fromFront = flaw ? along.has(flaw) : n % 3 === 2;
  const { clip, delivery } = pretendFilm({
    discipline,
    throws,
    fps: n % 2 ? 120 : 60,
    view: fromFront ? 'front' : n % 4 < 2 ? 'open-side' : 'closed-side',
    flaws: flaw ? { [flaw]: 1 } : {},
    jitter: 1,
    seed: 1000 + n,
    dropOuts: 0.01,
    swaps: 0.05,
    yaw: fromFront ? (n % 5) - 2 : ((n * 7) % 17) - 8,
    cameraHeight: 0.5 + (n % 5) / 10,
  });
  const { measures, evidence } = readKeypoints(clip, { discipline, level: 'high-school' });
  const see = seeing(trueMotion(delivery, { discipline, throws, rate: 500 }), delivery.events);
  for (const { id, value, plusMinus } of measures) {
    const truth = figureOf(id, see);
    if (typeof truth !== 'number') continue;
    const known = held.get(id) ?? { within: 0, of: 0, off: [], plusMinus: [] };
    known.of++;
    if (Math.abs(truth - value) <= plusMinus) known.within++;
    known.off.push(Math.abs(truth - value));
    known.plusMinus.push(plusMinus);
    held.set(id, known);
  }
  if (flaw) {
    const grade = evidence.find(({ checkpoint }) => checkpoint === flaw)?.severity ?? 0;
    graded.set(flaw, [...(graded.get(flaw) ?? []), grade]);
  } else {
    clean.graded += evidence.length;
    clean.clear += evidence.filter(({ severity }) => severity >= 2).length;
  }
}

for (const discipline of ['overhand', 'windmill'] as const)
  for (const flaw of [null, ...Object.keys(plantedFlaws)]) {
    if (flaw && !flaw.startsWith(discipline === 'overhand' ? 'oh.' : 'wm.')) continue;
    for (const throws of ['R', 'L'] as const)
      for (let n = 0; n < count; n++) oneFilm(discipline, throws, flaw, n);
  }

const at = (all: number[], share: number) => all.sort((a, b) => a - b)[Math.floor(share * (all.length - 1))]!;
say('| figure | deliveries | truth within ± | off, 90 of 100 | ± in the middle |');
say('|---|---|---|---|---|');
for (const { id, unit } of motionMeasures) {
  const known = held.get(id);
  if (known)
    say(
      `| ${id} | ${known.of} | ${percent(known.within, known.of)} | ${at(known.off, 0.9).toFixed(1)} ${unit} | ${at(known.plusMinus, 0.5).toFixed(1)} |`,
    );
}
say('\n| flaw at full strength | graded clear or severe |');
say('|---|---|');
for (const [flaw, grades] of graded)
  say(`| ${flaw} | ${percent(grades.filter((grade) => grade >= 2).length, grades.length)} |`);
say(`\nClean deliveries: ${clean.clear} of ${clean.graded} grades clear or severe.`);
