/** What people read of what this folder works out; another language is one more table. */
export const texts = {
  isNoDay: (date: string) => `“${date}” is not a day`,
  isNoTimeOfDay: (time: string) => `“${time}” is not a time of day`,
  tooManyInches: (feet: string | undefined) => `${feet} inches: use 0 to 11 with feet`,
  heightInFeet: 'write it as 6\'1", or 185 cm',
  heightInCm: 'write it in cm, or as 6\'1"',
  massInPounds: 'write it in pounds, such as 165',
  massInKg: 'write it in kg, such as 75',
};
