import { bookWith, cueIn, drillDetail, drills, wholeDrill } from '../src';

describe('a drill explained in full', () => {
  it.each(drills.map(({ id }) => [id]))('says how and why for %s, in its own words', (id) => {
    const detail = drillDetail(id);
    expect(detail).toMatch(/^How: .+\nWhy: .+\nYou have it when: .+/);
    expect(detail.length).toBeGreaterThan(200);
    expect(detail).not.toMatch(/undefined|\.\.|null/);
  });
  it('is the detail voice, and another one for each drill', () => {
    expect(new Set(drills.map(({ id }) => cueIn(id, 'detail'))).size).toBe(drills.length);
    expect(drillDetail('hip-first-lean')).toContain('It works on “Front hip does not lead”');
    expect(drillDetail('hip-first-lean')).toContain('that leads on to');
  });
  it('is told of an academy’s own drill too, and of nothing that is not there', () => {
    const own = { ...wholeDrill('cross-tap'), id: 'own-tap' };
    expect(drillDetail('own-tap', bookWith([{ drill: own, retired: false }]))).toBe(drillDetail('cross-tap'));
    expect(drillDetail('nothing')).toBe('');
  });
});
