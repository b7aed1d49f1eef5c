import { simulatedLine } from '@wrightonic/contract/fixed';
import { lazyEndpoints } from '../../store/lazyEndpoints';
import { useAppSelector } from '../../store/store';
import { useMe } from '../../store/useAthlete';
import { selectRadar } from '../../store/selectors';
import { texts } from '../texts';

interface Line {
  value: string | null;
  text: string;
}

/** Where velocities may come from, and where they do: a device that was taken out is chosen by nobody any more. */
export function useLines(): { lines: Line[]; line: string | null } {
  const { academy } = useMe();
  const chosen = useAppSelector(selectRadar);
  const { data } = lazyEndpoints.useDevicesQuery();
  const lines: Line[] = [
    { value: null, text: texts.typed },
    ...(data ?? []).filter(({ ended }) => !ended).map(({ id, name }) => ({ value: id, text: name })),
    ...(academy.demo ? [{ value: simulatedLine, text: texts.simulatedLine }] : []),
  ];
  return { lines, line: lines.some(({ value }) => value === chosen) ? chosen : null };
}
