import { addDays, daysBetween } from '../units';
import type { CampSetup } from './setup';

type Head = Pick<CampSetup, 'name' | 'venue' | 'firstDay' | 'lastDay'>;

/**
 * A camp of which nothing is settled yet but its days.
 *
 * @example emptySetup({ name: 'Summer', venue: '', firstDay: '2031-07-14', lastDay: '2031-07-15' }).mode // 'routes'
 */
export const emptySetup = (head: Head): CampSetup => ({
  ...head,
  mode: 'routes',
  seed: 1,
  ageSpan: null,
  groups: { count: 4, min: 4, max: 8 },
  areas: [],
  blocks: [],
  staff: [],
  stations: [],
  together: [],
  apart: [],
  surnames: false,
  athletesPerAdult: 8,
});

/**
 * A camp like another one, on other days: its areas, blocks, staff and stations, and nobody who came. What lay on the
 * second day lies on the second day; what lay beyond the new last day is left out.
 *
 * @param newId makes the ids of what is copied
 * @example copiedSetup(emptySetup(head), { ...head, firstDay: '2032-07-12', lastDay: '2032-07-13' }, () => 'x').firstDay // '2032-07-12'
 */
export function copiedSetup(of: CampSetup, head: Head, newId: () => string): CampSetup {
  const shift = (day: string): string => addDays(head.firstDay, daysBetween(of.firstDay, day));
  const within = ({ day }: { day: string }): boolean => day <= head.lastDay;
  const areaIds = new Map(of.areas.map(({ id }) => [id, newId()]));
  return {
    ...of,
    ...head,
    areas: of.areas.map((area) => ({ ...area, id: areaIds.get(area.id)! })),
    blocks: of.blocks.map((block) => ({ ...block, id: newId(), day: shift(block.day) })).filter(within),
    staff: of.staff.map((each) => ({
      ...each,
      id: newId(),
      hours: each.hours.map((hours) => ({ ...hours, day: shift(hours.day) })).filter(within),
    })),
    stations: of.stations.map((station) => ({
      ...station,
      id: newId(),
      areaId: areaIds.get(station.areaId) ?? station.areaId,
    })),
    together: [],
    apart: [],
  };
}
