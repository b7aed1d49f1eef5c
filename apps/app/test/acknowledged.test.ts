import { readingCampDay } from '../src/offline/acknowledged';
import { entry } from './entries';

const asked = {
  queryFulfilled: Promise.resolve({ data: { day: { athletes: [{ session: 's' }] } }, meta: {} }),
};

/** What is taken off a device when a day of a camp was read, and the camp at a time or not at all. */
async function takenOff(entries: ReturnType<typeof entry>[], readAt: number | null): Promise<string[]> {
  const taken: string[] = [];
  const queries =
    readAt === null ? {} : { camp: { endpointName: 'camp', originalArgs: 'camp', data: { readAt } } };
  const state = { pendingEvents: { entries }, api: { queries } };
  const dispatch = (action: unknown): unknown =>
    typeof action === 'function'
      ? (action as (...of: unknown[]) => unknown)(dispatch, () => state)
      : taken.push(...(action as { payload: string[] }).payload);
  await readingCampDay({ id: 'camp' }, { ...asked, dispatch } as never);
  return taken;
}

describe('what a day of a camp holds', () => {
  const sentAt = Date.now() - 10_000;
  const sent = (kind: string, sessionId: string) => entry({ kind, sessionId }, { sentAt });
  const [rep, pain, elsewhere] = [sent('rep', 's'), sent('pain', 's'), sent('pain', 'of-a-lesson')];
  const all = [rep, pain, elsewhere];

  it('goes off the device; what hurts only once the camp was asked for after it was sent', async () => {
    expect(await takenOff(all, sentAt)).toEqual([rep.event.id]);
    expect(await takenOff(all, sentAt + 1)).toEqual([rep.event.id, pain.event.id]);
    expect(await takenOff(all, null)).toEqual([rep.event.id, pain.event.id]);
  });
  it('leaves what was not sent yet', async () => {
    const waiting = [entry({ kind: 'rep', sessionId: 's' }), entry({ kind: 'pain', sessionId: 's' })];
    expect(await takenOff(waiting, Date.now())).toEqual([]);
  });
});
