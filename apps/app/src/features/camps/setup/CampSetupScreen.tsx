import { campProblems } from '@wrightonic/core';
import { useMemo } from 'react';
import { Text } from 'react-native-paper';
import { useMe } from '../../../store/useAthlete';
import { Pane } from '../../../ui/Screen/Pane';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { Problems } from '../Problems';
import { useCamp } from '../useCamp';
import { Areas } from './Areas';
import { Basics } from './Basics';
import { Days } from './Days';
import { Helpers } from './Helpers';
import { Staff } from './Staff';
import { Stations } from './Stations';
import { useSetup } from './useSetup';
import { texts } from './texts';
import { useMay } from '../../../ui/hooks/useMay';

/** What a camp is made of: days, areas, stations, staff and rules. */
export function CampSetupScreen() {
  const { camp } = useCamp();
  return camp ? <Parts camp={camp} key={camp.id} /> : null;
}

function Parts({ camp }: { camp: NonNullable<ReturnType<typeof useCamp>['camp']> }) {
  const { academy } = useMe();
  const coach = useMay('coach');
  const { zone } = academy;
  const setup = useSetup(camp);
  const problems = useMemo(
    () => campProblems(camp.setup, camp.members, zone).filter(({ field }) => field !== 'members'),
    [camp.setup, camp.members, zone],
  );
  return (
    <Pane>
      {setup.error ? <ErrorNotice error={setup.error} /> : null}
      <Problems camp={camp} problems={problems} />
      <Basics camp={camp} {...setup} />
      <Days camp={camp} {...setup} />
      <Areas camp={camp} {...setup} />
      <Stations camp={camp} {...setup} />
      <Staff camp={camp} {...setup} />
      {coach ? <Helpers camp={camp} /> : null}
      <Text variant="bodySmall">{texts.followTheVenues}</Text>
    </Pane>
  );
}
