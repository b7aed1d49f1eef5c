/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  stopForPain:
    'Stop for pain. With pain in the elbow or shoulder throw nothing until your instructor unlocks throws; tell them and ask a licensed clinician.',
  noThrows: (site: string) =>
    `No throws until your instructor unlocks them: pain in the ${site} was marked. Ask a licensed clinician.`,
  notMedicalAdvice:
    'A plan for practice, not medical advice. Local rules for throws win where they are stricter.',
  workingOn: (focus: string) => `Working on: ${focus}.`,
  thisWeek: (plain: string | undefined, focus: string) => `This week: ${plain ?? `${focus}.`}`,
};
