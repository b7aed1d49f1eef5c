/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  wasFixedBy: (flaw: string, rightBy: string, followed: readonly string[]) =>
    `“${flaw}” was fixed by ${rightBy}; ${followed.join(' and ')}.`,
  grewCmSince: (cm: number, from: string) =>
    `Grew ${cm} cm since ${from}: expect the timing to wander for a while.`,
  gradedNow: (name: string, grade: string, was: string | null) =>
    `${name}: ${grade}${was === null ? '' : `, ${was} before`}`,
  breaksAndInjuries: 'Breaks and injuries',
  heightAndWeight: 'Height and weight',
  throwsPerWeek: 'Throws per week',
  workAtHome: 'Work at home',
  sessionVelocity: (usual: number, top: number, unit: string, n: number, simulated: number) =>
    `Usual ${usual.toFixed(1)}, top ${top.toFixed(1)} ${unit}, ${n} like throws${simulated ? ` (${simulated} simulated)` : ''}`,
  nothingWorseThanSlight: (slight: number) => `${slight} slight, nothing worse`,
  obviousOrSevere: 'obvious or severe',
  awayForDays: (days: number) => `Away for ${days} days`,
  throwsInTheWeek: (hard: number, easy: number) => `${hard} hard, ${easy} easy throws in the week`,
  setsAtHome: (done: number, assigned: number, late: number) =>
    `${done} of ${assigned} sets at home${late ? `, ${late} late` : ''}`,
  clearedItChanged: (n: number, difference: number) =>
    `for the ${n} who cleared it, usual velocity changed by ${Math.abs(difference).toFixed(1)} ${difference > 0 ? 'more' : 'less'} than for those who did not; this is no proof of cause`,
  clearedItNoDifferent: (n: number) =>
    `for the ${n} who cleared it, usual velocity changed no differently; this is no proof of cause`,
  inDrillAndDelivery: (
    drill: string,
    clean: number,
    n: number,
    inDeliveryClean: number,
    inDeliveryN: number,
  ) => `${drill}: ${clean} of ${n} in the drill, ${inDeliveryClean} of ${inDeliveryN} in the delivery.`,
  daysLater: (days: number) => `${days} days later`,
  weeksLater: (days: number) => `${Math.round(days / 7)} weeks later`,
  lookAt: (looked: number, text: string) =>
    `Look at ${looked} ${looked === 1 ? 'checkpoint' : 'checkpoints'}: ${text}`,
  jumpPower: (watts: number) => `; jump power ${watts} W`,
  painMarked: (site: string | null) => `Pain marked${site ? `: ${site}` : ''}`,
};
