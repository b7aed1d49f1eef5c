const names: Readonly<Record<string, string>> = {
  givenName: 'The given name',
  familyName: 'The family name',
  birthdate: 'The birthdate',
  heightCm: 'The height',
  massKg: 'The weight',
  email: 'The e-mail',
  password: 'The password',
  time: 'The time',
  date: 'The day',
  minutes: 'The minutes',
  place: 'The place',
  note: 'The note',
  what: 'What it was',
  since: 'The day',
  clearedBy: 'Who cleared it',
  guardians: 'The guardian',
  teams: 'The teams',
};

/** A message of a schema in the words of the form. */
export function friendly(message: string): string {
  const [field = '', ...rest] = message.split(' ');
  const text = rest.join(' ');
  const said = /is not allowed to be empty|is required/.test(text)
    ? 'is missing'
    : text
        .replace('must be greater than or equal to', 'must be at least')
        .replace('must be less than or equal to', 'must be at most');
  return `${names[field] ?? field} ${said}.`;
}
