import type { ZoneView } from '@wrightonic/core';
import { usePreferences } from '../../../store/usePreferences';
import { Choices } from '../../../ui/form/Choices';
import { texts } from './texts';

/** From where the zone is looked at; remembered for the person, wherever it is drawn. */
export function ZoneViewPick() {
  const { preferences, save } = usePreferences();
  return (
    <Choices<ZoneView>
      label={texts.zoneSeenBy}
      value={preferences.zoneView}
      onChange={(zoneView) => save({ zoneView })}
      options={[
        { value: 'pitcher', text: texts.pitchersView },
        { value: 'catcher', text: texts.catchersView },
      ]}
    />
  );
}
