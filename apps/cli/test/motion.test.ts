import { pretendTrc } from '@wrightonic/core/simulate';
import { json, wright } from './wright';

it('finds in a simulated film what was planted, and reads what a lab writes', async () => {
  const input = { discipline: 'overhand', throws: 'L', fps: 60, flaws: { 'oh.lean-back': 1 }, seed: 3 };
  const { stdout: clip } = await wright(['simulate', '--as', 'keypoints'], json(input));
  expect(JSON.parse(clip)).toMatchObject({ throws: 'L', view: 'open-side', towards: 'left', fps: 60 });
  const { stdout } = await wright(['motion'], clip);
  const { events, measures, evidence, missing, seen } = JSON.parse(stdout);
  expect(events.plant).toEqual({ t: expect.any(Number), plusMinusMs: expect.any(Number) });
  expect(Object.keys(measures[0])).toEqual(['id', 'value', 'plusMinus', 'unit']);
  expect(evidence).toContainEqual(
    expect.objectContaining({ checkpoint: 'oh.lean-back', severity: 3, why: expect.stringContaining('±') }),
  );
  expect(missing).toContainEqual({ id: 'oh.short-stride', why: expect.stringContaining('level') });
  expect(seen).toBe(1);
  const trc = pretendTrc({ discipline: 'overhand', throws: 'R' }, 200);
  const lab = await wright(['motion', '--discipline', 'overhand', '--throws', 'R'], trc);
  expect(JSON.parse(lab.stdout).measures.map(({ id }: { id: string }) => id)).toContain(
    'hip-shoulder-separation-at-plant',
  );
});
