import type { CampRecord } from '@wrightonic/contract';

/** The part of a camp that is due. */
export function dueOf(
  { setup, members, plan }: Pick<CampRecord, 'setup' | 'members' | 'plan'>,
  today: string,
): 'setup' | 'athletes' | 'plan' | 'day' | 'after' {
  if (today > setup.lastDay) return 'after';
  if (!setup.blocks.some(({ kind }) => kind === 'slot') || setup.stations.length === 0) return 'setup';
  if (members.length === 0) return 'athletes';
  if (!plan) return 'plan';
  return today >= setup.firstDay ? 'day' : 'plan';
}
