import { simulatedLine } from '@wrightonic/contract';
import { more } from '../../../store/more';
import { radarChosen } from '../../../store/settings';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { Choices } from '../../../ui/Choices';

/** Where velocities come from. */
export function LinePick() {
  const dispatch = useAppDispatch();
  const { academy } = useMe();
  const line = useAppSelector(({ settings }) => settings.radar);
  const { data } = more.useDevicesQuery();
  const devices = (data ?? []).filter(({ ended }) => !ended);
  const options: { value: string | null; text: string }[] = [
    { value: null, text: 'Typed' },
    ...devices.map(({ id, name }) => ({ value: id, text: name })),
    ...(academy.demo ? [{ value: simulatedLine, text: 'Simulated line' }] : []),
  ];
  if (options.length === 1) return null;
  return (
    <Choices
      label="Velocities come from"
      shown
      value={options.some(({ value }) => value === line) ? line : null}
      onChange={(chosen) => dispatch(radarChosen(chosen))}
      options={options}
    />
  );
}
