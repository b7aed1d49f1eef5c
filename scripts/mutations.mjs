/**
 * Changes to rules that some test must notice: a file, the words that stand there once, and what stands there instead.
 * The same length of list for thresholds that were moved by one step and for comparisons that lost their edge.
 */
const of = (file, changes) =>
  changes.map(([from, to]) => ({ file: `packages/core/src/${file}.ts`, from, to }));

/** What keeps somebody from harm: every one of these must be noticed. */
export const safety = [
  ...of('safety/ages', [
    ['export const driftFrom = 12', 'export const driftFrom = 11'],
    ['export const pullFrom = 13', 'export const pullFrom = 12'],
    ['export const fullEffortFrom = 13', 'export const fullEffortFrom = 12'],
    ['export const addedMassFrom = 15', 'export const addedMassFrom = 14'],
    ['export const throwFreeDayBelow = 13', 'export const throwFreeDayBelow = 12'],
    ['export const oneFocusBelow = 10', 'export const oneFocusBelow = 9'],
    ['export const fewestDrillsBelow = 10', 'export const fewestDrillsBelow = 9'],
    ['export const fewerDrillsBelow = 13', 'export const fewerDrillsBelow = 12'],
    ['export const hintsBelow = 13', 'export const hintsBelow = 12'],
    ['export const powerJudgedFrom = 13', 'export const powerJudgedFrom = 12'],
    ['export const strengthJudgedFrom = 18', 'export const strengthJudgedFrom = 17'],
  ]),
  ...of('safety/effort', [
    ['export const hardEffort = 80', 'export const hardEffort = 81'],
    ['effort >= hardEffort', 'effort > hardEffort'],
  ]),
  ...of('safety/throwLimits', [
    ['hard <= atMost', 'hard < atMost'],
    ['column < 0 ? restUpTo.length : column', 'column < 0 ? restUpTo.length - 1 : column'],
    ['addDays(date, days + 1)', 'addDays(date, days)'],
    ['addDays(date, -1)) ?? 0) > 0;', 'addDays(date, -1)) ?? 0) > 1;'],
    ['later(addDays(date, 2)', 'later(addDays(date, 1)'],
    ["(discipline === 'overhand' || third.thirdDay === 0)", "discipline === 'overhand'"],
    ['const thrownToday = hardToday + easyToday / 2', 'const thrownToday = hardToday + easyToday'],
    ['const thirdInARow = [1, 2]', 'const thirdInARow = [1, 1]'],
    ['stricter(guidance, league?.maxPerDay)', 'guidance'],
    ['leftToday: rest || lock ? 0', 'leftToday: rest ? 0'],
    ['between(0, 6)', 'between(0, 7)'],
    ['between(7, 34)', 'between(7, 35)'],
    ['easyOnly: easyOnlyOn(input.pain, on)', 'easyOnly: false'],
    ['hard + easy > 0 && before.lock', 'hard > 0 && before.lock'],
    ['hard > 0 && before.easyOnly', 'hard > 1 && before.easyOnly'],
    ['counted > before.maxToday', 'counted > before.maxToday + 1'],
    ['export const rampShare = 0.2', 'export const rampShare = 0.25'],
    ['const rampThrows = 30', 'const rampThrows = 31'],
    ['input.throws, input.allHard', 'input.throws, false'],
  ]),
  ...of('safety/throwState', [
    ['const easyDays = 1', 'const easyDays = 0'],
    ['date >= cleared.date', 'date > cleared.date'],
    ['report.at > last.at', 'report.at >= last.at'],
    ['newest === null || each.at > newest.at', 'newest === null || each.at < newest.at'],
    ['lock || restUntil ? 0', 'restUntil ? 0'],
    ['lock || restUntil ? 0', 'lock ? 0'],
    ['limits.hardToday + hard,', 'limits.hardToday,'],
    ['limits.easyToday + easy,', 'limits.easyToday,'],
    ['limits.thrownToday + hard + easy / 2', 'limits.thrownToday + hard + easy'],
    ['state.lock && state.lock.at > cleared.at ? state.lock : null', 'state.lock'],
    ['report.at <= state.cleared.at', 'report.at < state.cleared.at'],
  ]),
  ...of('safety/pain', [
    ['lock && throws > 0 ? texts.lockedSince', 'lock && throws > 1 ? texts.lockedSince'],
    ['(hurts && !cleared', '(hurts && cleared'],
    ["last.level !== 'none'", "last.level === 'pain'"],
    ['if (lock && throws > 0) return', 'if (lock && throws > 1) return'],
    ["pain?.level === 'pain' && pain.site && avoid", 'pain?.site && avoid'],
  ]),
  ...of('safety/barred', [
    ['export const unclearedEffort = 60', 'export const unclearedEffort = 65'],
    ["['elbow', 'shoulder', 'back']", "['elbow', 'shoulder']"],
    ['(surgery || needsClearance', '(needsClearance'],
    ['age < drill.minAge', 'age < drill.minAge - 1'],
    ['drill.effort?.to ?? 100', 'drill.effort?.to ?? 0'],
    ["drill.stage === 'constrain'", "drill.stage === 'move'"],
  ]),
  ...of('build/week/day', [
    ['easyOnlyOn(pain, day.date) && isHardOne', 'day.date && isHardOne'],
    [
      "day.kind === 'game' && (drill.stage !== 'prep' || drill.throws > 0)",
      "day.kind === 'game' && drill.stage !== 'prep'",
    ],
    ['effortOf(drill) > buildUp.effort', 'effortOf(drill) >= buildUp.effort'],
  ]),
  ...of('build/week/buildUp', [
    ['export const layOffDays = 21', 'export const layOffDays = 22'],
    ['const mostWeeks = 6', 'const mostWeeks = 7'],
    ['const firstEffort = 50', 'const firstEffort = 55'],
    ['const lastEffort = 90', 'const lastEffort = 95'],
  ]),
  ...of('build/week/throwRows', [['const throwFreeDays = 1', 'const throwFreeDays = 0']]),
  ...of('build/ownDrill', [['const nearlyAll = 95', 'const nearlyAll = 96']]),
];

/** What figures and plans rest on: nine of ten must be noticed. */
export const rules = [
  ...of('prove/realChange', [
    ['0.8 * mph', '0.9 * mph'],
    ['0.3 * mph', '0.2 * mph'],
    ['const fewestSessions = 4', 'const fewestSessions = 5'],
    ['const z95 = 1.645', 'const z95 = 1.96'],
    ['Math.SQRT2 * between', 'between'],
    ['Math.abs(change) > needed', 'Math.abs(change) >= needed'],
  ]),
  ...of('session/gate', [
    ['export const learned = 0.65', 'export const learned = 0.66'],
    ['const lost = 0.5', 'const lost = 0.55'],
    ['const fewest = 10', 'const fewest = 9'],
    ['const enoughAtOnce = 20', 'const enoughAtOnce = 19'],
    ['n >= enoughAtOnce', 'n > enoughAtOnce'],
    ['const window = 3', 'const window = 4'],
    ['passes: !pain &&', 'passes:'],
    ['wilson(k, n, z80).lower >= threshold', 'wilson(k, n, z80).lower > threshold + 0.02'],
    ['sessions.at(-1)?.pain || (n', '(n'],
    ['n >= fewest && bounds.upper', 'bounds.upper'],
  ]),
  ...of('trace/carried', [
    ['export const carriedFor = 28', 'export const carriedFor = 27'],
    ['export const fewestLookedAt = 8', 'export const fewestLookedAt = 7'],
    ['age > days', 'age >= days'],
  ]),
  ...of('trace/focus', [
    ['export const focusFloor = 0.1', 'export const focusFloor = 0.12'],
    ['const takesPlace = 0.5', 'const takesPlace = 0.6'],
    ['|| left.has(at) ||', '||'],
  ]),
  ...of('trace/robustness', [
    ['export const closeCall = 0.6', 'export const closeCall = 0.65'],
    ['draw < 0.25', 'draw < 0.3'],
    ['draw < 0.75', 'draw < 0.7'],
  ]),
  ...of('trace/leaveAlone', [['export const goodStrikes = 0.6', 'export const goodStrikes = 0.62']]),
  ...of('trace/moved', [['const shows = 0.05', 'const shows = 0.06']]),
  ...of('measure/velocity', [
    ['export const fewestThrows = 5', 'export const fewestThrows = 4'],
    ['const topOfUsual = 1.15', 'const topOfUsual = 1.2'],
    ['const scatterOfUsual = 0.08', 'const scatterOfUsual = 0.1'],
    ['const onStep = 0.003', 'const onStep = 0.03'],
  ]),
  ...of('measure/fade', [
    ['const fewest = 15', 'const fewest = 14'],
    ['const level = 0.05', 'const level = 0.1'],
  ]),
  ...of('measure/misses', [
    ['const zFourSides = 2.2414', 'const zFourSides = 1.645'],
    ['const fewestOnAxis = 6', 'const fewestOnAxis = 7'],
    ["dx > 0 === (hand === 'R')", 'dx > 0'],
  ]),
  ...of('measure/effort', [
    ['const fewestEfforts = 3', 'const fewestEfforts = 2'],
    ['const fewestEach = 3', 'const fewestEach = 2'],
    ['const leastApart = 15', 'const leastApart = 16'],
    ['const clearGain = 0.05', 'const clearGain = 0.06'],
    ['d < 0.015 ? 2', 'd < 0.02 ? 2'],
    ['d < 0.03 ? 1', 'd < 0.035 ? 1'],
  ]),
  ...of('measure/trend', [
    ['const fewestDays = 21', 'const fewestDays = 22'],
    ['days >= fewestDays', 'days > fewestDays'],
    ['Math.max(0, next / all)', '0'],
  ]),
  ...of('measure/filter', [
    ['const hampelHalf = 3', 'const hampelHalf = 1'],
    ['const hampelDeviations = 3', 'const hampelDeviations = 6'],
    ['export const mostOfRate = 0.4', 'export const mostOfRate = 0.45'],
  ]),
  ...of('measure/sequenceEvidence', [
    ['gap.ms < 15', 'gap.ms < 16'],
    ['gap.ms < 8', 'gap.ms < 9'],
    ['after > 60', 'after > 65'],
    ['hipsThen < 0.1', 'hipsThen < 0.2'],
  ]),
  ...of('measure/curves', [['export const longestFill = 0.05', 'export const longestFill = 0.06']]),
  ...of('measure/plausible', [['const aboveBest = 1.3', 'const aboveBest = 1.4']]),
  ...of('measure/radarLine', [['const slowShare = 0.3', 'const slowShare = 0.4']]),
  ...of('measure/highOutliers', [['const fewest = 10', 'const fewest = 11']]),
  ...of('measure/offers', [
    ['export const throwsCount = 42', 'export const throwsCount = 43'],
    ['export const screenCounts = 180', 'export const screenCounts = 181'],
    ['if (axis < 6)', 'if (axis < 7)'],
  ]),
  ...of('measure/results', [['export const fewestPitches = 20', 'export const fewestPitches = 19']]),
  ...of('build/ladder', [
    ['const maxDrills = 4', 'const maxDrills = 5'],
    ['const mostForOtherLimits = 2', 'const mostForOtherLimits = 3'],
    ['findings[id]! >= 2', 'findings[id]! >= 3'],
    ["drill.stage === 'prep' || drill.thread === thread ||", "drill.stage === 'prep' ||"],
  ]),
  ...of('build/week/day', [['export const mostThrowing = 3', 'export const mostThrowing = 4']]),
  ...of('build/week/candidates', [
    ['const mostOfStage = 4', 'const mostOfStage = 3'],
    ['const chosenCover = 0.5', 'const chosenCover = 0.4'],
  ]),
  ...of('build/week/drillRows', [['const mostStrengthDays = 3', 'const mostStrengthDays = 4']]),
  ...of('session/constraints', [['const fewestOfSet = 5', 'const fewestOfSet = 4']]),
  ...of('roles/permissions', [
    ["['own', 'read', 'log']", "['own', 'read', 'log', 'contacts']"],
    ["'export', 'remove']", "'export', 'remove', 'people']"],
  ]),
  ...of('formats/archive', [
    ["/^(?:[=+\\-@\\t\\r']|\\\\N$)/", '/^(?:[=+\\-@\\t\\r]|\\\\N$)/'],
    ['text.length > atMost', 'text.length > atMost + 1'],
    ['version > archiveVersion', 'version > archiveVersion + 1'],
  ]),
];
