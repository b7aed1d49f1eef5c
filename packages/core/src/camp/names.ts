interface Named {
  id: string;
  givenName: string;
  familyName: string;
}

/**
 * How everybody is called where all can read it: by the given name, with as much more as tells two of one name apart.
 *
 * @param surnames whether family names are shown
 * @example boardNames([{ id: 'a', givenName: 'Wren', familyName: 'Moss' }, { id: 'b', givenName: 'Wren', familyName: 'Pell' }], false).get('b') // 'Wren P.'
 */
export function boardNames(members: readonly Named[], surnames: boolean): Map<string, string> {
  return new Map(
    members.map(({ id, givenName, familyName }) => {
      if (surnames) return [id, `${givenName} ${familyName}`];
      const same = members.filter((other) => other.givenName === givenName);
      if (same.length === 1) return [id, givenName];
      const initial = same.filter((other) => other.familyName[0] === familyName[0]);
      const short = `${givenName} ${familyName[0]}.`;
      return [
        id,
        initial.length === 1 ? short : `${short} ${1 + initial.findIndex((other) => other.id === id)}`,
      ];
    }),
  );
}
