import type { ClipRecord, Offers, ScreenRecord } from '@wrightonic/contract';
import {
  addDays,
  bodyAt,
  clipOffers,
  curveOffers,
  derivedMeasures,
  drawnValue,
  eventGrades,
  eventOffers,
  motionMeasureOf,
  newestOffers,
  readingsOf,
  screen,
  screenOffers,
  throwOffers,
  throwsCount,
  type Offer,
  type ScreenResult,
  whomOf,
} from '@wrightonic/core';
import type { AthleteRow } from '../store/athletes';
import { clipsOf } from '../store/clips';
import { curvesOf } from '../store/curves';
import { looksOf } from '../store/looks';
import { normEdits } from '../store/norms';
import type { Academy } from '../store/scope';
import { screensOf } from '../store/screens';
import { throwsOf } from '../store/throws';

/** What the instructor took over of a tracked film. */
const motionOffers = ({ id, motion, date }: ClipRecord): Offer[] =>
  (motion?.offers ?? [])
    .filter(({ taken }) => taken)
    .map(({ checkpoint, severity, value, off, why, measure, time }) => {
      const event = motionMeasureOf(measure)?.needs.at(-1);
      const body = event && motion?.motion ? bodyAt(motion.motion, event) : null;
      return {
        node: checkpoint,
        severity,
        from: 'clip',
        date,
        value,
        error: off,
        why,
        ...(body ? { seen: { clip: id, time, body } } : {}),
      };
    });

type Whom = AthleteRow & { age: number };

/** What a screen says of an athlete as they were then. */
export const screenResult = (
  athlete: Whom,
  { tries }: Pick<ScreenRecord, 'tries'>,
  norms: Awaited<ReturnType<typeof normEdits>>,
): ScreenResult => {
  const { level, sex, norms: usual } = whomOf(athlete, norms);
  return screen({
    athlete,
    tests: readingsOf(tries),
    massKg: athlete.massKg ?? undefined,
    level,
    sex,
    norms: usual,
  });
};

/** How many clips back a drawing still speaks of today's delivery. */
const clipsThatCount = 3;
/** How many looks back the newest finished one is at most, as good as always. */
const looksThatCount = 12;

/** What screens, throws, clips and curves propose for the next look: what the newest finished look does not know yet. */
export async function offersFor(academy: Academy, athlete: Whom, today: string): Promise<Offers> {
  const { id } = athlete;
  const [throws, screens, clips, curves, looks, norms] = await Promise.all([
    throwsOf(academy, id, addDays(today, -throwsCount)),
    screensOf(academy, id, 1),
    clipsOf(academy, id, clipsThatCount),
    curvesOf(academy, id, 1),
    looksOf(academy, id, looksThatCount),
    normEdits(academy),
  ]);
  const whom = whomOf(athlete, norms);
  const offers: Offer[] = throwOffers(throws, today);
  const newestScreen = screens.find(({ finished }) => finished);
  if (newestScreen)
    offers.push(...screenOffers(screenResult(athlete, newestScreen, norms), newestScreen.date, today));
  for (const { result, date } of curves) offers.push(...curveOffers(result.evidence, date));
  for (const clip of clips) {
    const scale = clip.drawings.find(({ type }) => type === 'scale');
    const drawn = Object.fromEntries(
      clip.drawings.flatMap((drawing) => {
        const figure = drawing.measure ? drawnValue(drawing, clip.width / clip.height, scale) : null;
        return figure ? [[drawing.measure, figure.value]] : [];
      }),
    );
    offers.push(...clipOffers(derivedMeasures(drawn, athlete.heightCm, clip.view), whom, clip.date));
    offers.push(...motionOffers(clip));
    offers.push(...eventOffers(eventGrades(clip.marks, clip, athlete.discipline), clip.date));
  }
  const last = looks.findLast(({ finished }) => finished);
  const open = looks.at(-1)?.finished === false ? looks.at(-1) : undefined;
  return newestOffers(offers).filter(({ node, severity, from, date }) => {
    if (open?.findings[node] === severity) return false;
    // What the last look holds already, from the same source or later, is no news.
    const known = last?.findings[node] === severity && last.details[node]?.source === from;
    return !known || date > last.date;
  });
}
