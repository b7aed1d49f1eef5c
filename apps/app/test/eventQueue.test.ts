import { drain } from '../src/offline/eventQueue';

describe('the queue of what is logged', () => {
  /** A queue of numbers that go out two at a time, with what arrived. */
  const queue = (all: number[], refuseAt?: number) => {
    const arrived: number[][] = [];
    return {
      arrived,
      route: {
        waiting: () => all.slice(0, 2),
        post: async (batch: readonly number[]) => {
          if (refuseAt !== undefined && arrived.length === refuseAt) throw new Error('away');
          arrived.push([...batch]);
          all.splice(0, batch.length);
        },
      },
    };
  };

  it('goes out batch after batch, in order, until nothing waits', async () => {
    const { arrived, route } = queue([1, 2, 3, 4, 5]);
    expect(await drain(route)).toBeUndefined();
    expect(arrived).toEqual([[1, 2], [3, 4], [5]]);
  });

  it('sends what is logged while a batch is under way', async () => {
    const all = [1, 2];
    const { arrived, route } = queue(all);
    const sending = drain(route);
    all.push(3);
    await sending;
    expect(arrived).toEqual([[1, 2], [3]]);
  });

  it('ends where an answer leaves what was sent waiting', async () => {
    let posts = 0;
    const waiting = [1, 2];
    expect(await drain({ waiting: () => waiting, post: async () => void posts++ })).toBeUndefined();
    expect(posts).toBe(1);
  });

  it('keeps what did not get there, and says why', async () => {
    const all = [1, 2, 3];
    const { arrived, route } = queue(all, 1);
    expect(await drain(route)).toEqual(new Error('away'));
    expect([arrived, all]).toEqual([[[1, 2]], [3]]);
    expect(await drain(queue(all).route)).toBeUndefined();
    expect(all).toEqual([]);
  });
});
