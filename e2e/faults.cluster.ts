import { expect, test } from './app';
import { entriesOf } from './device';
import { kill, roundsOf, row } from './faultRounds';

/** Reps of a round: before the part is killed, and while it is away. */
const taps = { before: 6, after: 18 };
/** Between two of those while it is away: a set goes on, ms. */
const beat = 150;
/** Whatever is killed, a rep is at the academy after so long, ms. */
const atMost = 10_000;

const parts = ['node1', 'node2', 'node3', 'server1', 'server2', 'redis', 'haproxy'];

for (const part of parts)
  test(`${part} killed: nothing is lost, nothing is doubled, and the app goes on`, async ({ page, app }) => {
    const rounds = roundsOf();
    test.setTimeout(120_000 + rounds * 90_000);
    await page.goto('/');
    await app.enter();
    const id = await app.planned(`Cluster ${part}`);
    await page.goto(`/athletes/${id}/session`);
    await page.getByRole('button', { name: 'Nothing hurts' }).click();
    const clean = page.getByRole('button', { name: /^(Clean|Done), \d+ so far$/ });
    let tapped = 0;
    for (let n = 0; n < rounds; n++) {
      for (let each = 0; each < taps.before; each++) await clean.click();
      const back = kill(part);
      for (let each = 0; each < taps.after; each++) {
        await clean.click();
        await page.waitForTimeout(beat);
      }
      tapped += taps.before + taps.after;
      await app.sent();
      await back;
    }
    const reps = (await entriesOf(page)).filter(({ event }) => event.kind === 'rep');
    const waits = reps.map(({ event, sentAt }) => sentAt! - Date.parse(event.at));
    const { events } = await app.read<{ events: { kind: string; id: string }[] }>(
      `/athletes/${id}/open-session`,
    );
    const there = events.filter(({ kind }) => kind === 'rep').map((event) => event.id);
    const lost = reps.filter(({ event }) => !there.includes(event.id)).length;
    const doubled = there.length - new Set(there).size;
    const longest = Math.max(...waits);
    row(part, rounds, tapped, there.length, lost, doubled, `${(longest / 1000).toFixed(1)} s`);
    expect({ lost, doubled, stored: there.length, here: reps.length }).toEqual({
      lost: 0,
      doubled: 0,
      stored: tapped,
      here: tapped,
    });
    expect(longest).toBeLessThan(atMost);
  });
