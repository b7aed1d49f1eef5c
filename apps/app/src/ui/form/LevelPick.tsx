import type { AthletePage } from '@wrightonic/contract';
import { levelNow, type Drill } from '@wrightonic/core';
import { Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { Choices } from './Choices';
import { texts } from '../texts';

interface Props {
  page: Pick<AthletePage, 'athlete' | 'levels'>;
  drill: Drill;
}

/** The level at which a drill is worked, one tap to another; nothing for a drill without levels. */
export function LevelPick({ page, drill }: Props) {
  const dispatch = useAppDispatch();
  const { id: athleteId } = page.athlete;
  const now = levelNow(drill, page.levels[drill.id]);
  const level = drill.levels?.find(({ name }) => name === now);
  if (!level) return null;
  return (
    <>
      <Choices
        label={texts.levelOf(drill.name)}
        value={level.name}
        onChange={(name) =>
          dispatch(log(athleteId, 'level-chosen', { athleteId, drill: drill.id, level: name }))
        }
        options={drill.levels!.map(({ name }) => ({ value: name, text: name }))}
      />
      <Text variant="bodySmall">{level.change}</Text>
    </>
  );
}
