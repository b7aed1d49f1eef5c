import type { LookRecord, TracePage } from '@wrightonic/contract';
import { oneFocusBelow, sameFocus, type Focus, type Thread } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { v7 } from 'uuid';
import { whenSent } from '../../offline/send';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAppDispatch } from '../../store/store';
import { threads } from '../../ui/words/threadWords';
import type { Traced } from './useTracing';

/** The focus of each thread: proposed by the trace, accepted before, or pinned now with a reason. */
export function useFocusChoice(page: TracePage, look: LookRecord, { result }: Pick<Traced, 'result'>) {
  const { athlete } = page;
  const accepted = page.trace?.lookId === look.id ? page.trace : null;
  const [pinned, setPinned] = useState<Focus | null>(null);
  const [reason, setReason] = useState(accepted?.reason ?? '');
  const [id] = useState(() => v7());
  const dispatch = useAppDispatch();
  const [choose, { isLoading, error }] = lazyEndpoints.useChooseFocusMutation();
  const [waits, setWaits] = useState(false);

  const focus = pinned ?? accepted?.chosen ?? result.focus;
  const differs = !sameFocus(focus, result.focus);
  // Something was put right, struck or weighed anew since the focus was accepted.
  const stale = accepted !== null && JSON.stringify(accepted.result.roots) !== JSON.stringify(result.roots);
  const changed = !accepted || stale || !sameFocus(focus, accepted.chosen);
  // What is listed to leave alone is not accepted, though it was chosen before it was.
  const leftAlone = threads.some((thread) => result.left.some((left) => left.id === focus[thread]));
  const none = focus.lower === null && focus.arm === null;
  const build = () => router.replace(`/athletes/${athlete.id}/build`);
  return {
    focus,
    accepted,
    stale,
    differs,
    changed,
    none,
    both: focus.lower !== null && focus.arm !== null,
    mayAccept: !waits && !none && !leftAlone && !(differs && changed && !reason.trim()),
    reason,
    setReason,
    isLoading: isLoading || waits,
    error,
    pin: (thread: Thread, to: string | null) =>
      setPinned(
        athlete.age < oneFocusBelow && to
          ? { lower: null, arm: null, [thread]: to }
          : { ...focus, [thread]: to },
      ),
    accept: async () => {
      if (!changed) return build();
      const body = {
        id: accepted ? v7() : id,
        lookId: look.id,
        ...focus,
        reason: differs ? reason.trim() : '',
      };
      // The look may have been finished a moment ago.
      setWaits(true);
      await dispatch(whenSent(athlete.id));
      setWaits(false);
      if (!('error' in (await choose({ athleteId: athlete.id, body })))) build();
    },
  };
}

export type FocusChoice = ReturnType<typeof useFocusChoice>;
