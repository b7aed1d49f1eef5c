import { type TracePage, type LookRecord } from '@wrightonic/contract';
import {
  academyLinks,
  trace,
  type Carried,
  type Findings,
  type LinkSet,
  type Robustness,
  type Trace,
  type TraceInput,
  carriedBy,
  traceInputOf,
} from '@wrightonic/core';
import { useEffect, useMemo, useState } from 'react';
import { askRobustness } from '../../workers/robustness';

export interface Traced {
  input: TraceInput;
  set: LinkSet;
  /** Without the check of how sure it is. */
  result: Trace;
  /** Grades of earlier looks that count in it. */
  carried: readonly Carried[];
}

/** The trace of a look with today's links, or of a trial over it. */
export function useTracing(page: TracePage, look: LookRecord, trial: Findings | null): Traced {
  const { athlete, approach, strikes, results, linkEdits, looks, academy } = page;
  const set = useMemo(() => academyLinks(linkEdits), [linkEdits]);
  const { discipline, throws, age } = athlete;
  const seen = useMemo(
    () => (trial ? { ...look, findings: { ...look.findings, ...trial } } : look),
    [look, trial],
  );
  const carried = useMemo(() => carriedBy({ looks, academy }, seen), [looks, academy, seen]);
  const input = useMemo(
    () =>
      traceInputOf({
        athlete: { discipline, throws, age },
        approach,
        look: seen,
        carried,
        strikes,
        results,
      }),
    [discipline, throws, age, approach, seen, carried, strikes, results],
  );
  const result = useMemo(() => trace({ ...input, runs: 0 }, set), [input, set]);
  return { input, set, result, carried };
}

export interface RobustnessAnswer {
  /** Runs done; all of them once there is an answer. */
  done: number;
  sure: Robustness | null;
  wrong: string | null;
  stopped: boolean;
}

/** Up to here nobody waits, ms. */
const quick = 200;

const nothing: RobustnessAnswer = { done: 0, sure: null, wrong: null, stopped: false };

/** How sure a trace is, worked out beside the interface; asked anew whenever the picture changes. */
export function useRobustness({ input, set }: Pick<Traced, 'input' | 'set'>): RobustnessAnswer & {
  stop: () => void;
  again: () => void;
} {
  const [asked, setAsked] = useState(0);
  const [state, setState] = useState<{ of: unknown; heard: RobustnessAnswer; stop: () => void }>({
    of: null,
    heard: nothing,
    stop: () => undefined,
  });
  useEffect(() => {
    let heard = nothing;
    const asking = performance.now();
    const stop = askRobustness(input, set, (word) => {
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
