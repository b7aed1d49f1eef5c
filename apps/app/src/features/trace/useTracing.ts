import { traceInputOf, type AthletePage, type LookRecord } from '@wrightonic/contract';
import {
  academyLinks,
  trace,
  type Findings,
  type LinkSet,
  type Sureness,
  type Trace,
  type TraceInput,
} from '@wrightonic/core';
import { useEffect, useMemo, useState } from 'react';
import { askHowSure } from '../../workers/sure';

export interface Traced {
  input: TraceInput;
  set: LinkSet;
  /** Without the check of how sure it is. */
  result: Trace;
}

/** The trace of a look with today's links, or of a trial over it. */
export function useTracing(page: AthletePage, look: LookRecord, trial: Findings | null): Traced {
  const { athlete, approach, strikes, results, linkEdits } = page;
  const set = useMemo(() => academyLinks(linkEdits), [linkEdits]);
  const { discipline, throws, age } = athlete;
  const { findings, details } = look;
  const input = useMemo(
    () =>
      traceInputOf({
        athlete: { discipline, throws, age },
        approach,
        look: { findings: trial ? { ...findings, ...trial } : findings, details },
        strikes,
        results,
      }),
    [discipline, throws, age, approach, findings, details, strikes, results, trial],
  );
  const result = useMemo(() => trace({ ...input, runs: 0 }, set), [input, set]);
  return { input, set, result };
}

export interface HowSure {
  /** Runs done; all of them once there is an answer. */
  done: number;
  sure: Sureness | null;
  wrong: string | null;
  stopped: boolean;
}

/** Up to here nobody waits, ms. */
const quick = 200;

const nothing: HowSure = { done: 0, sure: null, wrong: null, stopped: false };

/** How sure a trace is, worked out beside the interface; asked anew whenever the picture changes. */
export function useHowSure({ input, set }: Pick<Traced, 'input' | 'set'>): HowSure & {
  stop: () => void;
  again: () => void;
} {
  const [asked, setAsked] = useState(0);
  const [state, setState] = useState<{ of: unknown; heard: HowSure; stop: () => void }>({
    of: null,
    heard: nothing,
    stop: () => undefined,
  });
  useEffect(() => {
    let heard = nothing;
    const asking = performance.now();
    const stop = askHowSure(input, set, (word) => {
      heard =
        'sure' in word
          ? { ...nothing, done: word.sure.runs, sure: word.sure }
          : 'done' in word
            ? { ...nothing, done: word.done }
            : { ...nothing, wrong: word.wrong };
      // An answer that comes at once needs no word of progress, and the screen is not drawn for it.
      if ('done' in word && performance.now() - asking < quick) return;
      setState({ of: input, heard, stop: give });
    });
    const give = () => {
      stop();
      setState({ of: input, heard: { ...heard, stopped: heard.sure === null }, stop: () => undefined });
    };
    return stop;
  }, [input, set, asked]);
  // What was heard about another picture says nothing about this one.
  const current = state.of === input ? state : null;
  return {
    ...(current?.heard ?? nothing),
    stop: () => current?.stop(),
    again: () => setAsked(asked + 1),
  };
}
