import fc from 'fast-check';
import { actNames, may, permissions, roles, whoMay, type Act } from '../src';
import { archiveCell, readArchiveTable, writeArchiveRows, type ArchiveColumn } from '../src/formats/archive';

it('gives each role what it may do, and an owner everything', () => {
  expect(permissions.assistant).toEqual(['own', 'read', 'log']);
  expect(permissions.instructor).toEqual([
    ...permissions.assistant,
    ...['coach', 'share', 'contacts', 'health', 'export', 'remove'],
  ]);
  expect([...permissions.owner].sort()).toEqual(Object.keys(actNames).sort());
  expect(whoMay('people')).toEqual(['owner']);
  for (const role of roles)
    for (const act of Object.keys(actNames) as Act[])
      expect(may(role, act)).toBe(permissions[role].includes(act));
});

const text: ArchiveColumn = { name: 'a', type: 'text', nullable: true, atMost: 40 };
const table = {
  name: 't',
  key: ['a'],
  foreign: [],
  columns: [text, { name: 'n', type: 'number' as const, nullable: true }],
};
const cell = fc.option(
  fc.oneof(
    fc.string({ maxLength: 40 }),
    fc.constantFrom('\\N', "'", "''", '=1', '-1', '+x', '\t', '\r\n"', ''),
  ),
);

it('gives back whatever was written into an archive, and writes no formula', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(cell, fc.option(fc.double({ noNaN: true, noDefaultInfinity: true }))), {
        minLength: 1,
      }),
      (rows) => {
        const read = readArchiveTable(writeArchiveRows(['a', 'n'], rows, true), table);
        expect(read.problems).toEqual([]);
        expect(read.rows).toEqual(rows.map(([a, n]) => ({ a, n: n === null ? null : n + 0 })));
        for (const [a] of rows) expect(archiveCell(a)).not.toMatch(/^[=+@\t\r]|^-(?![\d.]+$)/);
      },
    ),
  );
});

it.each([
  ['no value where there must be one', { ...text, nullable: false }, '\\N', 'a must not be empty'],
  ['41 characters where 40 fit', text, 'x'.repeat(41), 'a has more than 40 characters'],
  [
    'a day that is none',
    { name: 'a', type: 'date', nullable: false },
    '2026-02-31',
    'a must be a day such as 2026-05-01',
  ],
  [
    'a word where a figure is',
    { name: 'a', type: 'integer', nullable: false },
    '1.5',
    'a must be a whole number',
  ],
  ['another word than those', { ...text, oneOf: ['R', 'L'] }, 'B', 'a must be one of R, L'],
  ['an id of another form', { name: 'a', type: 'id', nullable: false }, '../x', 'a must be an id'],
] as [string, ArchiveColumn, string, string][])('refuses %s', (_, column, given, message) => {
  const { problems } = readArchiveTable(`a\r\n${given}\r\n`, { ...table, columns: [column] });
  expect(problems).toEqual([{ table: 't', row: 2, message }]);
});
