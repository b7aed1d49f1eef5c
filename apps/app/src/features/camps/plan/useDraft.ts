import type { CampPlanRecord, CampRecord } from '@wrightonic/contract';
import { faultsByHand, FieldError, routesNow, slotsOf, type CampPin, type CampRoute } from '@wrightonic/core';
import { useMemo, useState } from 'react';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useCampClock } from '../useCamp';
import { isPinned } from './usePlanning';
import { texts } from './texts';

export interface Draft {
  routes: readonly CampRoute[];
  pinned: readonly CampPin[];
  changed: boolean;
  /** Rules that it breaks, with ids in them. */
  faults: string[];
  /** Slots before this one are over. */
  fixedBefore: string | null;
  move: (athlete: string, slot: string, to: string | null) => void;
  /** All of one station go to another, and those there come here. */
  swap: (slot: string, a: string, b: string) => void;
  pin: (athlete: string, slot: string, on: boolean) => void;
  discard: () => void;
  save: () => Promise<void>;
  saving: boolean;
  error: unknown;
}

interface Changed {
  /** The plan that it was made of. */
  of: string;
  routes: CampRoute[];
  pinned: CampPin[];
  last: string;
}

/** The rules that what was changed breaks, with ids in them. */
function useFaults(
  { setup, members, changes }: CampRecord,
  mine: Changed | null,
  stands: readonly CampRoute[],
  fixedBefore: string | null,
): string[] {
  return useMemo(() => {
    if (!mine) return [];
    try {
      const before = { routes: stands, fixedBefore };
      const facts = { setup, members, changes, pinned: mine.pinned, before, seconds: 1 };
      return faultsByHand(facts, mine.routes).map(({ words }) => words);
    } catch (broken) {
      if (broken instanceof FieldError) return [broken.text];
      throw broken;
    }
  }, [mine, stands, fixedBefore, setup, members, changes]);
}

/** A plan that is changed by hand: every rule answers at once, and it is kept only when none is broken. */
export function useDraft(camp: CampRecord, plan: CampPlanRecord): Draft {
  const { setup } = camp;
  const { lastSlot, nextSlot } = useCampClock(setup.blocks);
  const fixedBefore = lastSlot ? (nextSlot?.id ?? null) : null;
  const stands = useMemo(() => routesNow(setup, plan), [setup, plan]);
  const [draft, setDraft] = useState<Changed | null>(null);
  // Somebody else planned anew: what was begun here was of another plan.
  const mine = draft?.of === plan.id ? draft : null;
  const routes = mine?.routes ?? stands;
  const pinned = mine?.pinned ?? plan.pinned;
  const slots = useMemo(() => slotsOf(setup).map(({ id }) => id), [setup]);
  const [send, { isLoading, error }] = lazyEndpoints.useChangeCampPlanMutation();
  const faults = useFaults(camp, mine, stands, fixedBefore);
  const change = (to: CampRoute[], last: string, pins = [...pinned]) =>
    setDraft({ of: plan.id, routes: to, pinned: pins, last });
  const withCell = (route: CampRoute, t: number, to: string | null): CampRoute => ({
    ...route,
    stations: slots.map((_, u) => (u === t ? to : (route.stations[u] ?? null))),
  });
  return {
    routes,
    pinned,
    changed: mine !== null,
    faults,
    fixedBefore,
    saving: isLoading,
    error,
    move: (athlete, slot, to) => {
      const t = slots.indexOf(slot);
      const known = routes.some((route) => route.athlete === athlete);
      const all = known ? [...routes] : [...routes, { athlete, stations: slots.map(() => null) }];
      // A pin goes along with whom it holds.
      const pins = pinned.map((each) =>
        each.athlete === athlete && each.slot === slot && to ? { ...each, station: to } : each,
      );
      change(
        all.map((route) => (route.athlete === athlete ? withCell(route, t, to) : route)),
        texts.movedByHand,
        pins,
      );
    },
    swap: (slot, a, b) => {
      const t = slots.indexOf(slot);
      change(
        routes.map((route) => {
          const at = route.stations[t];
          return at === a ? withCell(route, t, b) : at === b ? withCell(route, t, a) : route;
        }),
        texts.stationsSwappedByHand,
      );
    },
    pin: (athlete, slot, on) => {
      const station = routes.find((route) => route.athlete === athlete)?.stations[slots.indexOf(slot)];
      const others = pinned.filter((each) => !(each.athlete === athlete && each.slot === slot));
      if (on && !station) return;
      if (on === isPinned(pinned, athlete, slot)) return;
      change(
        [...routes],
        on ? texts.pinnedByHand : texts.unpinnedByHand,
        on ? [...others, { athlete, slot, station: station! }] : others,
      );
    },
    discard: () => setDraft(null),
    save: async () => {
      if (!mine) return;
      const wish = { id: v7(), before: plan.id, why: mine.last, routes: mine.routes, pinned: mine.pinned };
      if (!('error' in (await send({ campId: camp.id, ...wish })))) setDraft(null);
    },
  };
}
