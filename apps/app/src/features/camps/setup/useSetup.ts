import type { CampRecord } from '@wrightonic/contract';
import type { CampSetup } from '@wrightonic/core';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';

export interface SetupChange {
  /** @returns whether it was taken */
  change: (to: (setup: CampSetup) => CampSetup) => Promise<boolean>;
  saving: boolean;
  error: unknown;
}

/** Changes the setup of a camp, one card at a time. */
export function useSetup({ id: campId, setupId, setup }: CampRecord): SetupChange {
  const [send, { isLoading, error }] = lazyEndpoints.useChangeCampSetupMutation();
  return {
    change: async (to) => !('error' in (await send({ campId, id: v7(), before: setupId, setup: to(setup) }))),
    saving: isLoading,
    error,
  };
}

/** A list with one of it changed, or added at the end. */
export const withOne = <T extends { id: string }>(list: readonly T[], one: T): T[] =>
  list.some(({ id }) => id === one.id)
    ? list.map((each) => (each.id === one.id ? one : each))
    : [...list, one];

export const withoutOne = <T extends { id: string }>(list: readonly T[], gone: string): T[] =>
  list.filter(({ id }) => id !== gone);
