/** What people read of this folder; another language is one more table. */
export const texts = {
  whereEveryoneGoes: 'Where everyone goes',
  free: 'free: help where it is full',
  faster: 'faster, by more than chance',
  slower: 'slower, by more than chance',
  noChange: 'no change that is more than chance',
  tooFewThrows: 'too few throws on one of the days to say',
  velocityFirstAndLast: 'Velocity, first day and last day',
  usualTopThrows: (usual: string, top: string, n: number) => `usual ${usual}, top ${top}, ${n} throws`,
  notMeasuredEnough: 'not measured enough',
  changeOf: (change: number, said: string, verdict: string, needed: string) =>
    `${change >= 0 ? '+' : '–'}${said}: ${verdict} (needs more than ${needed})`,
  whatWasWorkedOn: 'What was worked on',
  whatCoachesNoted: 'What the coaches noted',
  atHome: (flaws: string | undefined) => `Continue with this at home. It works on ${flaws}.`,
  noVelocityYet: 'No session has five like throws with a velocity yet.',
  whatChanged: 'What changed',
  lookedAtFirst: 'Looked at for the first time',
  notLookedAtThisTime: 'Not looked at this time',
  notLookedAt: 'not looked at',
  workAtHome: 'Work at home',
  alongTheSeam: 'The delivery along the seam',
  seamLegend:
    'A tight stitch is clean, a loose one a flaw: the more strands, the worse. A hole was not looked at.',
  velocityBySession: 'Velocity, session by session',
  nothingAssigned: 'Nothing is assigned yet. The next sheet will say what to do.',
  throwsInAll: 'Throws in all',
  everyThrowCounts: (notMedical: string) =>
    `${notMedical} Every throw counts: at home, in lessons and in games.`,
  lessonsAt: (academy: string) => `Lessons at ${academy}`,
};
