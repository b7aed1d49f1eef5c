import { bookWith, type DrillBook } from '@wrightonic/core';
import { api } from '../../store/api';

const none: never[] = [];

/** The drills that this academy works with: the catalogue, and its own as soon as they are read. */
export function useBook(): DrillBook {
  const { data = none } = api.useDrillsQuery();
  return bookWith(data);
}
