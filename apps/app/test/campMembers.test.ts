import type { CampMemberRecord } from '@wrightonic/contract';
import { laidOver, membersWith } from '../src/features/camps/members';
import { entry } from './entries';

const here = { by: 'Isla', zone: 'America/New_York' };
const member = (id: string, more: Partial<CampMemberRecord> = {}) =>
  ({ id, lock: null, checkIns: [], ...more }) as unknown as CampMemberRecord;
const pain = (athleteId: string, site: string, level = 'pain') =>
  entry({ kind: 'pain', sessionId: 's', moment: 'before', level, score: 4, site }, { athleteId });
const cleared = (athleteId: string) =>
  entry({ kind: 'throws-cleared', athleteId, reason: 'ok' }, { athleteId });
const checkedIn = (athleteId: string, campId: string) =>
  entry({
    kind: 'camp-checked-in',
    campId,
    athleteId,
    date: '2026-05-01',
    state: 'late',
    restriction: '',
    pickedUpBy: '',
  });

describe('members of a camp, as this device knows them', () => {
  const both = [member('a'), member('b')];

  it('are locked by pain in elbow or shoulder at once, and by nothing else', () => {
    const [a, b] = membersWith(both, [pain('a', 'elbow'), pain('b', 'knee')], here);
    expect(a!.lock).toMatchObject({ since: '2026-04-30', site: 'elbow', saidBy: 'Isla' });
    expect(b).toBe(both[1]);
    const [sore] = membersWith(both, [pain('a', 'elbow', 'soreness')], here);
    expect(sore).toBe(both[0]);
  });
  it('are open again once that was cleared here', () => {
    const [a] = membersWith(both, [pain('a', 'shoulder'), cleared('a')], here);
    expect(a!.lock).toBeNull();
  });
  it('stay locked by what the server knows', () => {
    const lock = { since: '2026-04-01', at: '2026-04-01T12:00:00Z', site: 'elbow', saidBy: 'Sam' } as const;
    const [a] = membersWith([member('a', { lock })], [pain('a', 'shoulder')], here);
    expect(a!.lock).toEqual(lock);
  });
  it('are not locked by what the server refused', () => {
    const refused = { ...pain('a', 'elbow'), why: 'no' };
    expect(membersWith(both, [refused], here)[0]).toBe(both[0]);
  });
  it('are checked in by the newest word of each day', () => {
    const known = member('a', {
      checkIns: [{ date: '2026-05-01', state: 'present', restriction: '', pickedUpBy: '' }],
    });
    const [a] = membersWith([known], [checkedIn('a', 'camp')], here);
    expect(a!.checkIns.map(({ state }) => state)).toEqual(['late']);
  });
  it('hang on marks of anybody, and on check-ins of their own camp', () => {
    const kinds = [pain('a', 'elbow'), cleared('a'), checkedIn('a', 'camp'), checkedIn('a', 'other')];
    expect(kinds.map((each) => laidOver(each, 'camp'))).toEqual([true, true, true, false]);
    expect(laidOver(entry({ kind: 'noted', sessionId: 's', text: 'x' }), 'camp')).toBe(false);
  });
});
