import { radarChosen } from '../../store/settings';
import { useAppDispatch } from '../../store/store';
import { Choices } from '../form/Choices';
import { useLines } from './useLines';
import { texts } from '../texts';

/** Where velocities come from. */
export function LinePick() {
  const dispatch = useAppDispatch();
  const { lines, line } = useLines();
  if (lines.length === 1) return null;
  return (
    <Choices
      label={texts.velocitiesComeFrom}
      shown
      value={line}
      onChange={(chosen) => dispatch(radarChosen(chosen))}
      options={lines}
    />
  );
}
