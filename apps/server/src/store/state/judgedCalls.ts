import { outcomes, tallied, type Call, type Tally } from '@wrightonic/core';
import { inBatches, type Academy } from '../scope';
import { calls } from '../traces';

const coded = (call: Call | undefined): string | null =>
  call ? `${call.overruled ? 'overruled' : 'accepted'} ${call.outcome}` : null;

/** Judges the calls of an athlete's traces anew by the looks as they stand. */
export async function judgeCalls(academy: Academy, athleteId: string): Promise<void> {
  const all = await calls(academy, athleteId);
  if (all.length === 0) return;
  await academy
    .counted('trace_calls')
    .whereIn(
      'trace_id',
      all.map(({ traceId }) => traceId),
    )
    .delete();
  await inBatches(
    academy,
    'trace_calls',
    all.map(({ traceId, person, calls: made }) => ({
      trace_id: traceId,
      by_person: person,
      lower: coded(made.find(({ thread }) => thread === 'lower')),
      arm: coded(made.find(({ thread }) => thread === 'arm')),
    })),
  );
}

type Tallies = { accepted: Tally; overruled: Tally };

/** How the calls of the academy turned out, and those of one person. */
export async function callTallies(
  academy: Academy,
  person: string,
): Promise<{ academy: Tallies; yours: Tallies }> {
  const rows: { by_person: string; lower: string | null; arm: string | null; n: number }[] = await academy
    .from('trace_calls')
    .groupBy('by_person', 'lower', 'arm')
    .select('by_person', 'lower', 'arm')
    .count({ n: '*' });
  const sums = (some: typeof rows): Tallies =>
    tallied(
      some.flatMap(({ lower, arm, n }) =>
        [lower, arm].flatMap((code) => {
          const [kind, word] = code?.split(' ') ?? [];
          const outcome = outcomes.find((each) => each === word);
          return outcome ? [{ overruled: kind === 'overruled', outcome, times: Number(n) }] : [];
        }),
      ),
    );
  return { academy: sums(rows), yours: sums(rows.filter(({ by_person }) => by_person === person)) };
}
