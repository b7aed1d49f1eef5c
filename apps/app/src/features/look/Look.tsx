import { router, type Href } from 'expo-router';
import { useState } from 'react';
import { Button, Text } from 'react-native-paper';
import { log } from '../../offline/log';
import { useAppDispatch } from '../../store/store';
import { useAthlete, useMe, useToday } from '../../store/useAthlete';
import { dayWords } from '../../ui/days';
import { Foot } from '../../ui/Foot';
import { Pane } from '../../ui/Pane';
import { Seam } from '../../ui/seam/Seam';
import { LookRead } from './LookRead';
import { OpenLook } from './OpenLook';
import type { LookStep } from './steps';

/** The newest look, or the one that is under way. */
export function Look() {
  const { id, page } = useAthlete();
  const { academy } = useMe();
  const today = useToday();
  const dispatch = useAppDispatch();
  const [first, setFirst] = useState<LookStep['key'] | null>(null);
  if (!page) return null;
  const { discipline } = page.athlete;
  const newest = page.looks.at(-1);
  const begin = (step: LookStep['key'] | null = null) => {
    setFirst(step);
    dispatch(log(id, 'look-begun', { athleteId: id, look: 'quick', zone: academy.zone, place: '' }));
  };
  if (newest && !newest.finished)
    return (
      <OpenLook
        key={newest.id}
        athleteId={id}
        discipline={discipline}
        look={newest}
        start={first}
        onFinished={() => router.replace(`/athletes/${id}/trace` as Href)}
      />
    );
  return (
    <Pane
      foot={
        <Foot>
          <Button mode="contained" onPress={() => begin()} contentStyle={{ minHeight: 48 }}>
            {newest ? 'Take a new quick look' : 'Take the first quick look'}
          </Button>
        </Foot>
      }
    >
      <Seam
        discipline={discipline}
        findings={newest?.findings ?? {}}
        size="large"
        label={newest ? `Look of ${dayWords(newest.date, today)}` : 'Not looked at yet'}
        onPhase={begin}
      />
      {newest ? (
        <LookRead look={newest} count={page.looks.length} />
      ) : (
        <Text variant="bodyLarge">
          Every hole is a checkpoint nobody has looked at. Watch a few throws from behind, phase by phase; a
          quick look takes under a minute.
        </Text>
      )}
      <Text>
        Tap a phase to begin a new look there. A tight stitch is clean; loose strands are a flaw, three at
        most.
      </Text>
    </Pane>
  );
}
