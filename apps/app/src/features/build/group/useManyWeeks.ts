import { type BuildPage, type NewAssignment } from '@wrightonic/contract';
import { type DayKind, groupWeek, thrownIn } from '@wrightonic/core';
import { useRef, useState } from 'react';
import { v7 } from 'uuid';
import { api, refusalOf } from '../../../store/api';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useAppDispatch } from '../../../store/store';
import { useToday } from '../../../store/useAthlete';
import { allDrills } from '../planDrills';
import { useBook } from '../../../ui/hooks/useBook';
import { texts } from './texts';

export interface OneWeek {
  id: string;
  state: 'waiting' | 'planned' | 'failed' | 'assigned';
  words: string;
  /** Ready to be assigned. */
  week: { planId: string; body: NewAssignment } | null;
}

/** Plans the weeks of many, one after the other, each within their own limits; can be stopped between two. */
export function useManyWeeks() {
  const today = useToday();
  const book = useBook();
  const dispatch = useAppDispatch();
  const [propose] = lazyEndpoints.useProposeWeekMutation();
  const [assign] = lazyEndpoints.useAssignMutation();
  const [weeks, setWeeks] = useState<readonly OneWeek[]>([]);
  const [busy, setBusy] = useState(false);
  const stopped = useRef(false);
  const put = (one: OneWeek) => setWeeks((all) => all.map((each) => (each.id === one.id ? one : each)));

  async function planOne(id: string, shared: ReadonlyMap<string, DayKind>): Promise<OneWeek> {
    const failed = (words: string): OneWeek => ({ id, state: 'failed', words, week: null });
    const anew = { forceRefetch: true, subscribe: false } as const;
    const [head, own] = [
      await dispatch(api.endpoints.athlete.initiate({ id, part: 'head' }, anew)),
      await dispatch(api.endpoints.athlete.initiate({ id, part: 'build' }, anew)),
    ];
    if (!head.data || !own.data) return failed(refusalOf(head.error ?? own.error).error);
    const page = { ...head.data.fields, ...own.data.fields } as BuildPage;
    if (!page.plan) return failed(texts.thereIsNoPlan);
    const days = groupWeek(page, today, shared);
    const body = { from: today, days, pins: [], before: null };
    const answer = await propose({ planId: page.plan.id, body });
    if (!answer.data) return failed(refusalOf(answer.error).error);
    const { items, limitedBy } = answer.data;
    if (items.length === 0) return failed(limitedBy[0] ?? texts.noDrillFitsThese);
    const doses = new Map(allDrills(page.plan.threads).map(({ drill, dose }) => [drill, dose]));
    const thrown = thrownIn(items, (drill) => doses.get(drill), book);
    const throws = thrown.reduce((sum, { count }) => sum + count, 0);
    const on = new Set(items.map(({ date }) => date)).size;
    return {
      id,
      state: 'planned',
      words: texts.drillsOnDays(
        items.length,
        on,
        throws ? texts.throws(Math.round(throws)) : texts.noThrows,
        limitedBy[0] ? ` ${limitedBy[0]}` : '',
      ),
      week: { planId: page.plan.id, body: { id: v7(), from: today, days, items, reason: '' } },
    };
  }

  async function each(list: readonly OneWeek[], work: (one: OneWeek) => Promise<OneWeek>) {
    stopped.current = false;
    setBusy(true);
    for (const one of list) {
      if (stopped.current) break;
      put(await work(one));
    }
    setBusy(false);
  }

  return {
    today,
    weeks,
    busy,
    stop: () => {
      stopped.current = true;
    },
    plan: (ids: readonly string[], shared: ReadonlyMap<string, DayKind>) => {
      const list = ids.map((id): OneWeek => ({ id, state: 'waiting', words: '', week: null }));
      setWeeks(list);
      return each(list, ({ id }) => planOne(id, shared));
    },
    assignAll: () =>
      each(
        weeks.filter(({ state }) => state === 'planned'),
        async (one) => {
          const { planId, body } = one.week!;
          const answer = await assign({ athleteId: one.id, planId, body });
          return 'data' in answer
            ? { ...one, state: 'assigned' }
            : { ...one, state: 'failed', words: refusalOf(answer.error).error };
        },
      ),
  };
}
