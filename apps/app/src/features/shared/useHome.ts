import { withHome, type HomeEvent, type HomeEventOf, type HomeKind } from '@wrightonic/core';
import { type SharedPage } from '@wrightonic/contract';
import { useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { v7 } from 'uuid';
import { now } from '../../offline/clock';
import type { HomeEntry } from '../../offline/database';
import { drain, keepTrying } from '../../offline/eventQueue';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { dayAt } from '../../ui/words/days';
import { eventsToShow, homeQueue, merged, notAcknowledged } from './homeQueue';
import { texts } from './texts';

/** Ticks in a row go out together. */
const gatherMs = 300;

type Fields<K extends HomeKind> = Omit<HomeEventOf<K>, 'id' | 'at' | 'kind'>;

/**
 * The page behind a link with everything that was logged on it: shown at once, kept by the browser, sent when there is
 * a connection. What was sent stays until a page that was read later holds it.
 */
export function useHome(token: string, page: SharedPage, readAgain: () => unknown) {
  const [entries, setEntries] = useState<HomeEntry[]>([]);
  const [gone, setGone] = useState(false);
  const [unkept, setUnkept] = useState(false);
  const [sendHome] = lazyEndpoints.useSendHomeMutation();
  const sending = useRef(false);
  const shown = useMemo(() => notAcknowledged(entries, page.asOf), [entries, page.asOf]);
  const waiting = shown.filter(({ sentAt, why }) => sentAt === undefined && !why);

  const settle = (events: readonly HomeEvent[], of: (id: string) => Partial<HomeEntry> | undefined) => {
    const ids = new Set(events.map(({ id }) => id));
    setEntries((known) => {
      const next = known.map((entry) => (ids.has(entry.id) ? { ...entry, ...of(entry.id) } : entry));
      void homeQueue.put(...next.filter(({ id }) => ids.has(id))).catch(() => undefined);
      return next;
    });
  };
  const post = async (batch: readonly HomeEntry[]) => {
    const events = batch.map(({ event }) => event);
    const { responses, at } = await sendHome({ token, events }).unwrap();
    const byId = new Map(responses.map((answer) => [answer.id, answer]));
    settle(events, (id) => {
      const answer = byId.get(id);
      if (answer?.stored) return { sentAt: at };
      return answer ? { why: answer.why ?? texts.itWasNotAccepted } : undefined;
    });
    readAgain();
  };
  const send = useEffectEvent(async () => {
    if (sending.current || gone) return;
    sending.current = true;
    const failed = await drain({ waiting: () => waiting, post });
    sending.current = false;
    // Taken back in the middle: what was ticked stays here, to be shown to the instructor.
    if ((failed as { status?: unknown } | undefined)?.status === 404) setGone(true);
  });
  useEffect(() => {
    void homeQueue
      .of(token)
      .then((kept) => setEntries((known) => merged(known, kept)))
      .catch(() => undefined);
    return keepTrying(() => void send());
  }, [token]);
  useEffect(() => {
    const soon = setTimeout(() => void send(), gatherMs);
    return () => clearTimeout(soon);
  }, [waiting.length]);
  useEffect(() => {
    const acknowledged = entries.filter((entry) => !shown.includes(entry)).map(({ id }) => id);
    if (acknowledged.length) void homeQueue.remove(acknowledged).catch(() => undefined);
  }, [entries, shown]);

  const log = <K extends HomeKind>(kind: K, fields: Fields<K>) => {
    const at = now();
    const event = {
      id: v7({ msecs: at.getTime() }),
      at: at.toISOString(),
      kind,
      ...fields,
    } as unknown as HomeEvent;
    const entry: HomeEntry = { id: event.id, token, event };
    setEntries((known) => [...known, entry]);
    homeQueue.put(entry).catch(() => setUnkept(true));
  };
  const home = useMemo(
    () => withHome(page.home, eventsToShow(shown), (at) => dayAt(new Date(at), page.zone)),
    [page.home, page.zone, shown],
  );
  return { home, log, waiting: waiting.length, refused: shown.filter(({ why }) => why), gone, unkept };
}

export type Home = ReturnType<typeof useHome>;
