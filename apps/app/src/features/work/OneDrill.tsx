import type { WorkPage, PlanDrill } from '@wrightonic/contract';
import {
  armOnRight,
  doseWords,
  ladderEfforts,
  mostEasyEffort,
  parseDose,
  spotNames,
  type Drill,
  lastTap,
} from '@wrightonic/core';
import { useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { useMe } from '../../store/useAthlete';
import { Pane } from '../../ui/Screen/Pane';
import { DrillCard } from './DrillCard';
import { HoldTimer } from '../../ui/timer/HoldTimer';
import { NoteSheet } from './NoteSheet';
import { EffortLadder } from './radar/EffortLadder';
import { RadarLine } from './radar/RadarLine';
import { useReadings } from './radar/useReadings';
import { countOf, thrown } from './session';
import { SetLine } from './SetLine';
import { SpotGrid } from './SpotGrid';
import { TapArea } from './TapArea';
import { useSpots } from './useSpots';
import type { Session } from './useSession';
import { VelocityPad } from './VelocityPad';
import { WhyMissed } from './WhyMissed';

interface Props {
  page: WorkPage;
  session: Session;
  planned: PlanDrill;
  drill: Drill;
  /** Such as “2 of 4”. */
  place: string;
  before: ReactNode;
  after: ReactNode;
  /** What is closed and why. */
  shut: ReactNode;
  onNext: (() => void) | null;
}

/** One drill, and two areas that the thumb cannot miss. */
export function OneDrill({ page, session, planned, drill, place, before, after, shut, onNext }: Props) {
  const { person } = useMe();
  const { events, elsewhere } = session;
  const { age } = page.athlete;
  const [open, setOpen] = useState<'velocity' | 'note' | 'why next' | 'why last' | null>(null);
  const close = () => setOpen(null);
  // Where there is little height the two areas keep theirs, and what is above them is scrolled or stands beside.
  const { width, height } = useWindowDimensions();
  const low = height < lowBelow;
  const beside = low && width > height;
  const readings = useReadings(page, session, drill.throws ? drill.id : null);
  const throws = thrown(page, events, elsewhere);
  // The first day after throws were locked is for easy ones.
  const maxEffort = Math.min(drill.effort?.to ?? 100, page.limits.easyOnly ? mostEasyEffort : 100);
  const rungs = drill.throws ? ladderEfforts(age, maxEffort) : null;
  const ladder = session.ladder?.drill === drill.id ? session.ladder : null;
  const dose = parseDose(planned.dose);
  const count = countOf(events, drill.id);
  const hold = dose.timed ?? dose.lastHold ?? dose.holds[0] ?? null;
  const actions = session.inSession();
  const newest = lastTap(events).find((event) => event.kind === 'rep');
  /** The rep just missed, as long as nobody said why. */
  const unsaid = newest?.outcome === 'missed' && !newest.reason && newest.drill === drill.id;
  const newestThrow = events.findLast((event) => event.kind === 'throw');
  const newestMeasured = newestThrow?.source && newestThrow.drill === drill.id ? newestThrow : null;
  const explain = (reason: string) => {
    if (open === 'why next') actions.rep(drill.id, 'missed', reason, readings.forRep());
    else if (unsaid) actions.explain(newest.id, reason);
    close();
  };
  const areas = [
    <TapArea
      key="missed"
      outcome="missed"
      count={count.missed}
      onTap={() => actions.rep(drill.id, 'missed', undefined, readings.forRep())}
      onHold={() => setOpen('why next')}
    />,
    <TapArea
      key="clean"
      outcome="clean"
      count={count.clean}
      onTap={() => actions.rep(drill.id, 'clean', undefined, readings.forRep())}
    />,
  ];
  const spots = useSpots(session, drill);
  const above = (
    <>
      <View style={styles.drills}>
        {before}
        <View style={styles.grow}>
          <Text variant="headlineSmall" role="heading" aria-level={1} style={styles.middle}>
            {drill.name}
          </Text>
          <Text style={styles.middle}>{`${place} · ${drill.stage} · ${doseWords(dose)}`}</Text>
        </View>
        {after}
      </View>
      <View style={styles.upper}>
        <Pane>
          <DrillCard page={page} session={session} drill={drill} throwsLeft={throws.left}>
            {ladder ? (
              <EffortLadder
                events={events}
                efforts={ladder.efforts}
                unit={person.velocityUnit}
                onStop={() => session.setLadder(null)}
              />
            ) : null}
          </DrillCard>
          {shut}
        </Pane>
      </View>
      <SetLine
        key={`sets of ${drill.id}`}
        events={events}
        drill={drill.id}
        dose={dose}
        effort={drill.throws ? session.effortOf(drill.id) : null}
        maxEffort={maxEffort}
        age={age}
        side={session.sideOf(drill.id)}
        hand={page.athlete.throws}
        onSide={(side) => session.startOn(drill.id, side)}
        onEffort={(asked) => session.askFor(drill.id, asked)}
        onNext={onNext}
        onWhy={unsaid ? () => setOpen('why last') : null}
      />
      {drill.throws || throws.counted ? (
        <View style={styles.line}>
          <Text variant="titleSmall" style={styles.grow} role="status">
            {`${throws.counted} thrown today, ${throws.left} left`}
          </Text>
          {spots.called ? (
            <Text variant="titleMedium" role="status">{`Aim ${spotNames[spots.called].toLowerCase()}`}</Text>
          ) : null}
        </View>
      ) : null}
      <RadarLine
        readings={readings}
        newest={newestMeasured}
        unit={person.velocityUnit}
        onDiscard={actions.discard}
      />
      <View style={styles.line}>
        {hold ? <HoldTimer key={drill.id} seconds={hold} /> : null}
        {drill.throws ? (
          <Button mode="outlined" compact icon="speedometer" onPress={() => setOpen('velocity')}>
            Velocity
          </Button>
        ) : null}
        {drill.throws ? (
          <Button
            mode={spots.order ? 'contained-tonal' : 'outlined'}
            compact
            icon="target"
            accessibilityLabel={`Call spots: ${spots.order ?? 'off'}; change`}
            onPress={spots.next}
          >
            {spots.order === null ? 'Spots' : spots.order === 'random' ? 'Random' : 'In order'}
          </Button>
        ) : null}
        <IconButton
          icon="pencil"
          mode="outlined"
          size={18}
          accessibilityLabel={`Note on ${drill.name}`}
          onPress={() => setOpen('note')}
        />
        <Button
          mode="outlined"
          compact
          icon="undo-variant"
          disabled={lastTap(events).length === 0}
          onPress={actions.undo}
        >
          Undo
        </Button>
      </View>
    </>
  );
  return (
    <>
      <View style={[styles.root, beside ? styles.beside : null]}>
        {low ? (
          <ScrollView style={styles.above}>{above}</ScrollView>
        ) : (
          <View style={styles.above}>{above}</View>
        )}
        <View
          style={[
            beside ? styles.root : styles.areas,
            styles.row,
            ladder && !low ? styles.low : null,
            spots.open ? styles.spots : null,
          ]}
        >
          {spots.open && spots.called ? (
            <SpotGrid
              spot={spots.called}
              armOnRight={armOnRight(page.athlete.throws, person.zoneView)}
              onSides={spots.chart}
              onSkip={spots.skip}
            />
          ) : person.hand === 'R' ? (
            areas
          ) : (
            areas.reverse()
          )}
        </View>
      </View>
      {open === 'why next' || open === 'why last' ? (
        <WhyMissed drill={drill} onWhy={explain} onClose={close} />
      ) : null}
      {open === 'note' ? (
        <NoteSheet about={drill.name} onNote={(text) => actions.note(drill.id, text)} onClose={close} />
      ) : null}
      {open === 'velocity' ? (
        <VelocityPad
          doubtfulAbove={readings.limit}
          unit={person.velocityUnit}
          onLadder={rungs && !ladder ? () => session.setLadder({ drill: drill.id, efforts: rungs }) : null}
          onClose={close}
          onSave={(velocity) => actions.velocity(drill.id, velocity)}
        />
      ) : null}
    </>
  );
}

/** A phone on its side, or text twice as large, px. */
const lowBelow = 560;

const styles = StyleSheet.create({
  grow: { flex: 1, minWidth: 0 },
  drills: { flexDirection: 'row', alignItems: 'center', paddingHorizontal: 4 },
  middle: { textAlign: 'center' },
  upper: { flex: 1, minHeight: 0 },
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 6,
    paddingHorizontal: 12,
    paddingVertical: 3,
  },
  root: { flex: 1, minHeight: 0, minWidth: 0 },
  beside: { flexDirection: 'row' },
  above: { flex: 1, minHeight: 0, minWidth: 0 },
  row: { flexDirection: 'row' },
  areas: { height: '45%', minHeight: 150 },
  // The curve grows above.
  low: { height: '28%', minHeight: 150 },
  // Nine targets and their heading.
  spots: { minHeight: 200 },
});
