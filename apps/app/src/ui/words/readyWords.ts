import type { RosterMove } from '@wrightonic/contract';

const numbers = [
  'No',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten',
  'Eleven',
  'Twelve',
];

/** “Seven athletes are ready to move up”; null when nothing is proposed. Somebody with two threads counts once. */
export function readyWords(moves: readonly RosterMove[]): string | null {
  const count = (direction: RosterMove['direction']) =>
    new Set(moves.filter((move) => move.direction === direction).map(({ athleteId }) => athleteId)).size;
  const [up, back] = [count('up'), count('back')];
  const said = (n: number, one: string, many: string) => `${numbers[n] ?? n} ${n === 1 ? one : many}`;
  if (up) return said(up, 'athlete is ready to move up', 'athletes are ready to move up');
  return back ? said(back, 'athlete has it too hard', 'athletes have it too hard') : null;
}
