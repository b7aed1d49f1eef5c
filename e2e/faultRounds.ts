import { appendFileSync, existsSync, writeFileSync } from 'node:fs';
import { expect } from './app';

const asked = Number(process.env['FAULT_ROUNDS'] ?? 1);
/** How many rounds of a fault, of which one comes in several kinds in turn: each of them once at least. */
export const roundsOf = (kinds = 1) => Math.max(asked, kinds);
const control = process.env['FAULTS_URL'] ?? '';
/** Ends a part of the product in the middle of whatever it does; it comes back by itself. */
export const kill = async (what: string) => {
  const answer = await fetch(`${control}/${what}`, { method: 'POST' });
  expect(answer.status, await answer.text()).toBe(204);
};

/** Written as it comes: after a failure the tests go on in another process. */
export function row(...cells: (string | number)[]): void {
  const file = process.env['FAULT_TABLE'];
  if (!file) return;
  const head = ['fault', 'rounds', 'tapped', 'stored', 'lost', 'doubled', 'waited at most'].slice(
    0,
    cells.length,
  );
  const line = (each: readonly (string | number)[]) => `| ${each.join(' | ')} |\n`;
  if (!existsSync(file)) writeFileSync(file, line(head) + line(head.map(() => '---')));
  appendFileSync(file, line(cells));
}
