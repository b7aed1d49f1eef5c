import type { CampRecord } from '@wrightonic/contract';
import { slotsOf, type PlannedStation } from '@wrightonic/core';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { Text } from 'react-native-paper';
import { useAppDispatch } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { Choices } from '../../../ui/form/Choices';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { TitleRow } from '../../../ui/Screen/Screen';
import { calledIn, stationsIn, useCamp, useCampClock } from '../useCamp';
import { drillAt, stationLog } from './campLog';
import { RadarQueue } from './RadarQueue';
import { StationLine } from './StationLine';
import { useCampDay } from './useCampDay';
import { texts } from './texts';

/** The group at a station: velocity down the list, clean or missed, a note each; a radar line in order of the queue. */
export function StationScreen() {
  const { camp } = useCamp();
  const { at, slot } = useLocalSearchParams<{ at?: string; slot?: string }>();
  const station = camp?.setup.stations.find(({ id }) => id === at);
  if (!camp || !station) return null;
  return <Group camp={camp} station={station} asked={slot ?? ''} key={`${camp.id} ${station.id}`} />;
}

type Way = 'velocity' | 'reps' | 'radar';

function Group({ camp, station, asked }: { camp: CampRecord; station: PlannedStation; asked: string }) {
  const dispatch = useAppDispatch();
  const { zone } = useMe().academy;
  const { today } = useCampClock(camp.setup.blocks);
  const slots = slotsOf(camp.setup).filter(({ day }) => day === today);
  const [slot, setSlot] = useState(asked || (slots[0]?.id ?? ''));
  const { of, error } = useCampDay(camp.id, today);
  const [way, setWay] = useState<Way>(station.throws > 0 ? 'velocity' : 'reps');
  const group = useMemo(() => {
    const there = new Set(stationsIn(camp, slot).get(station.id) ?? []);
    return camp.members.filter(({ id }) => there.has(id));
  }, [camp, slot, station.id]);
  const called = useMemo(() => calledIn(camp, true), [camp]);
  const act = useMemo(
    () => dispatch(stationLog({ campId: camp.id, date: today, zone }, station)),
    [dispatch, camp.id, today, zone, station],
  );
  return (
    <Pane>
      <TitleRow
        title={station.name}
        back={{ label: texts.back, to: `/camps/${camp.id}/day` }}
        action={null}
      />
      {error ? <ErrorNotice error={error} /> : null}
      <Choices
        label={texts.slot2}
        value={slot}
        onChange={setSlot}
        options={slots.map(({ id, start }) => ({ value: id, text: start }))}
      />
      <Choices<Way>
        label={texts.whatIsLogged}
        value={way}
        onChange={setWay}
        options={[
          { value: 'velocity', text: texts.velocity2 },
          ...(station.drills.length ? [{ value: 'reps' as const, text: texts.cleanOrMissed }] : []),
          { value: 'radar', text: texts.radarLine },
        ]}
      />
      {group.length === 0 ? <Text>{texts.nobodyIsPlannedHere}</Text> : null}
      {way === 'radar' ? (
        <RadarQueue group={group} of={of} called={called} onThrow={act.velocity} effort={station.effort} />
      ) : (
        group.map((member) => (
          <StationLine
            key={member.id}
            member={member}
            name={called(member.id)}
            day={of.get(member.id)}
            way={way}
            drill={drillAt(station, member.discipline)}
            act={act}
          />
        ))
      )}
    </Pane>
  );
}
