import type { ZoneView } from '@wrightonic/core';
import { more } from '../../../store/more';
import { useMe } from '../../../store/useAthlete';
import { Choices } from '../../../ui/Choices';

/** From where the zone is looked at; remembered for the person, wherever it is drawn. */
export function ZoneViewPick() {
  const { person } = useMe();
  const [saveProfile] = more.useSaveProfileMutation();
  const { hand, velocityUnit, sizeUnit, goodStrikes, approach } = person;
  return (
    <Choices<ZoneView>
      label="Zone seen by"
      value={person.zoneView}
      onChange={(zoneView) =>
        void saveProfile({ hand, velocityUnit, sizeUnit, goodStrikes, approach, zoneView })
      }
      options={[
        { value: 'pitcher', text: 'Pitcher’s view' },
        { value: 'catcher', text: 'Catcher’s view' },
      ]}
    />
  );
}
