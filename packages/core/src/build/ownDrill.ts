import { catalogueBook, nodesFor, type DrillBook, type OwnDrill } from '../catalogue';
import { addedMassFrom, fullEffortFrom, pullFrom } from '../safety';
import { parseDose } from './dose';
import { texts } from './texts';

/** What an academy's own drill is called in files and plans. */
export const ownDrillId = /^own-[a-z0-9]+(-[a-z0-9]+)*$/;

/** From this effort on nearly all is asked that there is, percent. */
const nearlyAll = 95;
const pulls = /\b(tether|cord|bungee|harness|sled)/i;
const mass = /\b(weighted|heavy|overload|underload|light(er)?|plyo)\b.*\bballs?\b/i;

/**
 * The age below which no instructor may give such a drill, with why; null where none is set.
 *
 * @example youngestAge({ equipment: [['tether']], effort: null })?.age // 13
 */
export function youngestAge({ equipment, effort }: Pick<OwnDrill, 'equipment' | 'effort'>): {
  age: number;
  why: string;
} | null {
  const things = equipment.flat();
  if (things.some((thing) => mass.test(thing)))
    return { age: addedMassFrom, why: texts.weightedAndLightBalls };
  if (things.some((thing) => pulls.test(thing))) return { age: pullFrom, why: texts.noTetherBelow };
  if (effort && effort.to >= nearlyAll) return { age: fullEffortFrom, why: texts.noMaximalEffortBelow };
  return null;
}

export interface Fault {
  /** Path of the field, such as `page.workaround.flaw`. */
  field: string;
  why: string;
}

/**
 * What is wrong with an academy's own drill beyond its form: names that mean nothing, throws that do not add up, and
 * ages below what safety allows.
 *
 * @param book in which its neighbours are looked for
 * @returns empty for a drill that can be given
 * @example faultsOf({ ...wholeDrill('hip-snap'), id: 'own-snap', minAge: 5, equipment: [['tether']] }).map(({ field }) => field) // [ 'minAge' ]
 */
export function faultsOf(drill: OwnDrill, book: DrillBook = catalogueBook): Fault[] {
  const faults: Fault[] = [];
  const wrong = (field: string, why: string) => void faults.push({ field, why });
  if (catalogueBook.drill(drill.id)) wrong('id', texts.isADrillOfTheCatalogue(drill.id));
  else if (!ownDrillId.test(drill.id)) wrong('id', texts.ownIdIs);
  const nodes = new Set(
    (drill.discipline === 'both' ? (['overhand', 'windmill'] as const) : [drill.discipline]).flatMap(
      (discipline) => nodesFor(discipline).map(({ id }) => id),
    ),
  );
  drill.targets.forEach((target, n) => {
    if (target !== '*' && !nodes.has(target))
      wrong(`targets.${n}`, texts.isNoCheckpoint(target, drill.discipline));
  });
  const flaw = drill.page.workaround?.flaw;
  if (flaw && !nodes.has(flaw)) wrong('page.workaround.flaw', texts.isNoFlawOf(flaw, drill.discipline));
  for (const side of ['easier', 'harder'] as const) {
    const other = drill[side];
    if (other === drill.id) wrong(side, texts.isDrillItself);
    else if (other && !book.drill(other)) wrong(side, texts.thereIsNoOtherDrill(other));
  }
  if (drill.figure && !catalogueBook.drill(drill.figure))
    wrong('figure', texts.isNoDrillOfTheCatalogue(drill.figure));
  if (drill.page.leavesOut && drill.page.holds.includes(drill.page.leavesOut))
    wrong('page.leavesOut', texts.drillHoldsThatPart);
  return [...faults, ...throwFaults(drill)];
}

function throwFaults(drill: OwnDrill): Fault[] {
  const faults: Fault[] = [];
  const wrong = (field: string, why: string) => void faults.push({ field, why });
  try {
    const { sets, reps, sides } = parseDose(drill.dose);
    const [atLeast, atMost] = reps ? [sets * reps.from * sides, sets * reps.to * sides] : [0, 0];
    if (drill.throws > 0 && !reps) wrong('throws', texts.timedDoseHasNoThrows);
    else if (drill.throws > 0 && (drill.throws < atLeast || drill.throws > atMost))
      wrong('throws', texts.doseIs(drill.dose, atLeast, atMost));
  } catch (error) {
    wrong('dose', (error as Error).message.replace(/^dose: /, ''));
  }
  if (drill.throws > 0 && !drill.effort) wrong('effort', texts.thrownNeedsEffort);
  if (drill.throws === 0 && drill.effort) wrong('effort', texts.effortNeedsThrows);
  if (drill.effort && drill.effort.from > drill.effort.to) wrong('effort.from', texts.isAboveEffort);
  if (drill.throws > 0)
    for (const site of ['elbow', 'shoulder'] as const)
      if (!drill.avoidWithPainIn.includes(site))
        wrong('avoidWithPainIn', texts.nothingIsThrownWithPain(site));
  const atLeast = youngestAge(drill);
  if (atLeast && drill.minAge < atLeast.age) wrong('minAge', texts.isAtLeast(atLeast.age, atLeast.why));
  return faults;
}
