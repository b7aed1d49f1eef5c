import {
  academyLinks,
  addDays,
  nodeOf,
  type Focus,
  type LinkEdit,
  type LinkSet,
  type Trace,
  venueInstant,
} from '@wrightonic/core';
import { zone, type Seeding } from './seeding';

const editsAgo = 40;

/** What the academy holds about two links, and why. */
const edits: readonly (LinkEdit & { reason: string })[] = [
  {
    cause: 'oh.quad-load',
    effect: 'oh.lead-leg-opens',
    weight: 0.45,
    reason: 'Seen in most of our high-school athletes on film.',
  },
  {
    cause: 'lim.ankle-df',
    effect: 'wm.weak-load',
    weight: 0.3,
    reason: 'A stiff ankle keeps ours out of the drive leg.',
  },
];

export async function seedLinks({ academy, id, today }: Seeding, by: string): Promise<void> {
  const at = venueInstant(addDays(today, -editsAgo), '20:15', zone);
  await academy.add(
    'link_edits',
    edits.map((edit, n) => ({
      id: id(at),
      ...edit,
      at: new Date(at.getTime() + n * 60_000),
      by_person: by,
    })),
  );
}

/** The links that held on a day. */
export const linksOn = (date: string, today: string): LinkSet =>
  academyLinks(date >= addDays(today, -editsAgo) ? edits : []);

/** One link struck for an athlete whose look shows it. */
export async function seedStrike(
  { academy, id, today }: Seeding,
  athleteId: string,
  { flows }: Trace,
  by: string,
): Promise<void> {
  const thinnest = [...flows].sort((a, b) => a.credit - b.credit)[0];
  if (!thinnest) return;
  const at = venueInstant(addDays(today, -3), '18:00', zone);
  await academy.add('link_strikes', {
    id: id(at),
    athlete_id: athleteId,
    cause: thinnest.cause,
    effect: thinnest.effect,
    struck: true,
    reason: 'On film the one comes and goes without the other.',
    at,
    by_person: by,
  });
}

/** Some looks back an instructor followed another root than the one proposed. */
export function followed({ focus, roots }: Trace, overrule: boolean): { chosen: Focus; reason: string } {
  const other = overrule
    ? roots.find(({ id }) => {
        const node = nodeOf(id);
        return (
          node?.type === 'flaw' && node.thread === 'lower' && node.kind === 'pattern' && id !== focus.lower
        );
      })
    : undefined;
  return other && focus.lower
    ? { chosen: { ...focus, lower: other.id }, reason: 'Easier to feel at this age; we take it first.' }
    : { chosen: focus, reason: '' };
}
