import type { Page } from '@playwright/test';
import type { LogEvent } from '@wrightonic/contract';

interface Kept {
  event: { id: string; kind: string; at: string };
  sentAt?: number;
  why?: string;
}

/** Everything that this browser keeps of what was logged, sent or not. */
export const entriesOf = (page: Page): Promise<Kept[]> =>
  page.evaluate(
    () =>
      new Promise<Kept[]>((done, fail) => {
        const opening = indexedDB.open('wrightonic');
        opening.onerror = () => fail(opening.error);
        opening.onsuccess = () => {
          const reading = opening.result.transaction('outbox').objectStore('outbox').getAll();
          reading.onsuccess = () => {
            opening.result.close();
            done(reading.result as Kept[]);
          };
        };
      }),
  );

/** Leaves entries behind as an earlier page of whoever logged here would have. */
export const leaveBehind = (page: Page, athleteId: string, events: readonly object[]): Promise<void> =>
  page.evaluate(
    ([list, of]) =>
      new Promise<void>((done, fail) => {
        const opening = indexedDB.open('wrightonic');
        opening.onsuccess = () => {
          const whole = opening.result.transaction('outbox', 'readwrite');
          const store = whole.objectStore('outbox');
          const all = store.getAll();
          all.onsuccess = () => {
            const { personId } = all.result[0] as { personId: string };
            for (const event of list as LogEvent[])
              store.put({ id: event.id, event, athleteId: of, personId });
          };
          whole.oncomplete = () => (opening.result.close(), done());
          whole.onerror = () => fail(whole.error);
        };
      }),
    [events, athleteId] as const,
  );

/** From the next page on this device is wrong by so many milliseconds. */
export const wrongClock = (page: Pick<Page, 'addInitScript'>, by: number): Promise<unknown> =>
  page.addInitScript((wrong) => {
    const Real = Date;
    class Wrong extends Real {
      constructor(...given: []) {
        super(...(given.length ? given : ([Real.now() + wrong] as unknown as [])));
      }
      static override now = () => Real.now() + wrong;
    }
    globalThis.Date = Wrong as DateConstructor;
  }, by);

/** Server and tests may be on another day: so is the device. */
export const onTheirDay = async (context: Pick<Page, 'addInitScript'>): Promise<void> => {
  const offsetMs = Number(process.env['CLOCK_AHEAD'] ?? 0);
  if (offsetMs) await wrongClock(context, offsetMs);
};

export const aDay = 86_400_000;
