/** Pretend deliveries with every flaw that a film can show: how often the truth lies within the ±, and what is graded. */
import { availableParallelism } from 'node:os';
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
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
/** Every so manieth flaw and hand is one thread's. */
const threads = availableParallelism();
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
/** What the films came to: a thread's own, and then of all of them. */
interface Found {
  held: Map<string, Held>;
  graded: Map<string, number[]>;
  clean: { graded: number; clear: number };
}
const nothing = (): Found => ({ held: new Map(), graded: new Map(), clean: { graded: 0, clear: 0 } });

function oneFilm(
  { held, graded, clean }: Found,
  discipline: Discipline,
  throws: Hand,
  flaw: string | null,
  n: number,
): void {
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

function filmed(thread: number): Found {
  const found = nothing();
  let job = 0;
  for (const discipline of ['overhand', 'windmill'] as const)
    for (const flaw of [null, ...Object.keys(plantedFlaws)]) {
      if (flaw && !flaw.startsWith(discipline === 'overhand' ? 'oh.' : 'wm.')) continue;
      for (const throws of ['R', 'L'] as const)
        if (job++ % threads === thread)
          for (let n = 0; n < count; n++) oneFilm(found, discipline, throws, flaw, n);
    }
  return found;
}

function together(all: readonly Found[]): Found {
  const sum = nothing();
  for (const { held, graded, clean } of all) {
    for (const [id, { within, of, off, plusMinus }] of held) {
      const known = sum.held.get(id) ?? { within: 0, of: 0, off: [], plusMinus: [] };
      sum.held.set(id, {
        within: known.within + within,
        of: known.of + of,
        off: known.off.concat(off),
        plusMinus: known.plusMinus.concat(plusMinus),
      });
    }
    for (const [flaw, grades] of graded) sum.graded.set(flaw, (sum.graded.get(flaw) ?? []).concat(grades));
    sum.clean.graded += clean.graded;
    sum.clean.clear += clean.clear;
  }
  return sum;
}

const at = (all: number[], share: number) => all.sort((a, b) => a - b)[Math.floor(share * (all.length - 1))]!;
function told({ held, graded, clean }: Found): void {
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
  for (const flaw of Object.keys(plantedFlaws)) {
    const grades = graded.get(flaw) ?? [];
    say(`| ${flaw} | ${percent(grades.filter((grade) => grade >= 2).length, grades.length)} |`);
  }
  say(`\nClean deliveries: ${clean.clear} of ${clean.graded} grades clear or severe.`);
}

async function bench(): Promise<void> {
  const all = Array.from(
    { length: threads },
    (_, thread) =>
      new Promise<Found>((done, failed) =>
        new Worker(__filename, { workerData: thread, argv: process.argv.slice(2) })
          .once('message', done)
          .once('error', failed),
      ),
  );
  told(together(await Promise.all(all)));
}

if (isMainThread) void bench();
else parentPort!.postMessage(filmed(workerData as number));
