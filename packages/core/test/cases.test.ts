import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { trace, type Discipline, type Severity } from '../src';

const table = readFileSync(join(__dirname, '../../../docs/decisions/0008-ten-cases.md'), 'utf8')
  .split('\n')
  .filter((line) => /^\| .* \|$/.test(line))
  .map((line) => line.slice(2, -2).split(' | '))
  .slice(1);

it('has ten cases', () => expect(table).toHaveLength(10));

it.each(table)('%s: the table says what the trace proposes', (_, who, found, lower, arm, leads, sure) => {
  const [discipline, age, , strikes] = who!.split(' ');
  const findings = Object.fromEntries(
    found!.split(', ').map((each) => [each.split(' ')[0]!, Number(each.split(' ')[1]) as Severity]),
  );
  const result = trace({
    athlete: { discipline: discipline as Discipline, throws: 'R', age: Number(age) },
    findings,
    ...(strikes ? { results: { strikes: Number(strikes) } } : {}),
  });
  expect(result.focus).toEqual({
    lower: lower === 'none' ? null : lower,
    arm: arm === 'none' ? null : arm,
  });
  expect(result.sure.leader ?? 'none').toBe(leads);
  expect(result.sure.share.toFixed(2)).toBe(sure);
});
