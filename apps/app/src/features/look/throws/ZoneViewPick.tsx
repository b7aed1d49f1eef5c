import type { ZoneView } from '@wrightonic/core';
import { useProfile } from '../../../store/useProfile';
import { Choices } from '../../../ui/Choices';

/** From where the zone is looked at; remembered for the person, wherever it is drawn. */
export function ZoneViewPick() {
  const { profile, save } = useProfile();
  return (
    <Choices<ZoneView>
      label="Zone seen by"
      value={profile.zoneView}
      onChange={(zoneView) => save({ zoneView })}
      options={[
        { value: 'pitcher', text: 'Pitcher’s view' },
        { value: 'catcher', text: 'Catcher’s view' },
      ]}
    />
  );
}
