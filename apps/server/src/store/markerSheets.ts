import type { MarkerMap } from '@wrightonic/core';
import { parsed, type Academy } from './scope';

/** Labs that are remembered: an academy knows one or two. */
const most = 20;

/** Which marker lies at which joint, lab by lab, the one that was read by last first. */
export async function markerSheets(academy: Academy): Promise<MarkerMap[]> {
  const rows: { markers: string }[] = await academy
    .from('marker_sheets')
    .groupBy('markers')
    .orderByRaw('max(id) desc')
    .limit(most)
    .select('markers');
  return rows.map(({ markers }) => parsed<MarkerMap>(markers));
}
