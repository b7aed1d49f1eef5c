/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  isNoDose: (text: string) =>
    `dose: “${text}” is not a dose; write for example 3x8, 3x5 hold 3 s, 2x30 s each, 10+10 or 15 pitches`,
  inTurn: (from: number) => `${from / 2} in the drill and ${from / 2} for real, in turn`,
  holdLast: (lastHold: number) => `hold the last ${lastHold} s`,
  whyPrep: 'A joint that moves freely and muscles that hold give the delivery room that it did not have.',
  whyFeel: 'Slow and without a ball there is time to notice one sensation before speed covers it up.',
  whyMove:
    'With rhythm and without a ball the body learns the order and the timing while nothing is at stake.',
  whyConstrain: 'The set-up makes the old way fail, so the body finds the new way without being told how.',
  whyConnect: 'Easy throws in one part of the delivery tie the new movement to a ball.',
  whyBlend: 'Drill and delivery in turn carry the feeling from one into the other before it fades.',
  whyDeliver: 'In the whole delivery the movement has to hold while everything else goes on around it.',
  whyCompete: 'A count, a batter and tired legs show whether it holds without thinking about it.',
  itWorksOn: (name: string, seen: string) => `It works on “${name}”${seen}.`,
  leadsOnTo: (named: string) => `Left as it is, that leads on to ${named}.`,
  youHaveItWhen: (ended: string) => `You have it when: ${ended}`,
  watchForThis: (ended: string) => `Watch for this: ${ended}`,
  leavesOut: (name: string | undefined, drill: string, stage: string, partName: string, next: string) =>
    `${name ?? drill} (${stage}) leaves out ${partName}, and no ${next} drill brings it.`,
  oneAsksTheOtherNot: (tag: string) => `one asks for “${tag}”, the other not to`,
  thereIsNoDrill: (id: string) => `there is no drill “${id}”`,
  becomesAJump: (by: string, word: string, fall: string) =>
    `${by} says “${word}”: with young athletes it becomes a jump. Say “${fall}”.`,
  fromAgeOn: (minAge: number) => `from age ${minAge} on`,
  itsCueAsksFor: (pulls: string) => `its cue asks for “${pulls}”, which this athlete’s delivery does not`,
  noDrillOfItsOwnFits: (threadName: string, stage: string, names: string) =>
    `${threadName}: no ${stage} drill of its own fits; ${names} from the other thread instead.`,
  patternWorkStays: (name: string) =>
    `${name}: pattern work stays at feel and move until the body is tested again.`,
  noDrillFitsAge: (threadName: string, stage: string) =>
    `${threadName}: no ${stage} drill fits the age, the equipment and what is cleared; the stage is skipped.`,
  isNotGivenAnyMore: 'is not given any more',
  isNotFor: (discipline: string) => `is not for ${discipline}`,
  weightedAndLightBalls: 'weighted and light balls are not prescribed below that age',
  noTetherBelow: 'no tether or stretched cord below that',
  noMaximalEffortBelow: 'no maximal effort below that',
  isADrillOfTheCatalogue: (id: string) => `${id} is a drill of the catalogue; take another id`,
  ownIdIs: 'begins with own- and goes on with small letters, digits and single hyphens',
  isNoCheckpoint: (target: string, discipline: string) =>
    `${target} is not a flaw, limit or symptom of ${discipline}`,
  isNoFlawOf: (flaw: string, discipline: string) => `${flaw} is not a flaw of ${discipline}`,
  isDrillItself: 'is the drill itself',
  thereIsNoOtherDrill: (other: string) => `there is no drill ${other}`,
  isNoDrillOfTheCatalogue: (figure: string) => `${figure} is not a drill of the catalogue`,
  drillHoldsThatPart: 'is a part that the drill holds',
  timedDoseHasNoThrows: 'a timed dose has no throws to count',
  doseIs: (dose: string, atLeast: number, atMost: number) =>
    `the dose ${dose} is ${atLeast === atMost ? atMost : `${atLeast} to ${atMost}`}`,
  thrownNeedsEffort: 'a drill that is thrown says how hard',
  effortNeedsThrows: 'only a drill that is thrown has an effort',
  isAboveEffort: 'is above effort.to',
  nothingIsThrownWithPain: (site: string) => `nothing is thrown with pain in the ${site}; name it`,
  isAtLeast: (age: number, why: string) => `is at least ${age}: ${why}`,
  setsOf: (sets: number) => `${sets} sets of `,
  theDrill: (name: string) => `the drill ${name}`,
  leftOut: (things: string, drills: readonly string[]) => `${things}: ${drills.join(', ')} left out.`,
  drillLeftOut: (drill: string, why: string) => `${drill} left out: ${why}.`,
  staysOut: (name: string | undefined, id: string, why: string) => `${name ?? id} stays out: ${why}.`,
};
