import type { WorkPage, PlanDrill } from '@wrightonic/contract';
import {
  armOnRight,
  doseWords,
  isWarmUp,
  ladderEfforts,
  mostEasyEffort,
  parseDose,
  type Drill,
  lastTap,
} from '@wrightonic/core';
import { useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { useMe } from '../../store/useAthlete';
import { Pane } from '../../ui/Screen/Pane';
import { textScale } from '../../theme/textScale';
import { useConstraints } from './Constraints';
import { DrillCard } from './DrillCard';
import { CueLine } from './CueLine';
import { EffortLadder } from './radar/EffortLadder';
import { useReadings } from './radar/useReadings';
import { countOf, thrown, type Count } from './session';
import { DrillTitle, OpenedSheet, type Opened } from './drillParts';
import { StatusStrip } from './StatusStrip';
import { SpotGrid } from './SpotGrid';
import { TapArea } from './TapArea';
import { useSpots } from './useSpots';
import type { Session } from './useSession';

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

/** The rep just missed, as long as nobody said why. */
function unsaidMiss(events: Session['events'], drill: string) {
  const newest = lastTap(events).find((event) => event.kind === 'rep');
  return newest?.outcome === 'missed' && !newest.reason && newest.drill === drill ? newest : null;
}

interface TapsProps {
  page: WorkPage;
  drill: Drill;
  count: Count;
  spots: ReturnType<typeof useSpots>;
  onTap: (outcome: 'clean' | 'missed') => void;
  onHold: () => void;
}

/** The two areas for the hand that holds the phone, or where the throw went that was aimed at a spot. */
function Taps({ page, drill, count, spots, onTap, onHold }: TapsProps) {
  const { hand, zoneView } = useMe().person;
  if (isWarmUp(drill))
    return <TapArea outcome="done" count={count.clean + count.missed} onTap={() => onTap('clean')} />;
  if (spots.open && spots.called)
    return (
      <SpotGrid
        spot={spots.called}
        armOnRight={armOnRight(page.athlete.throws, zoneView)}
        onSides={spots.chart}
        onSkip={spots.skip}
      />
    );
  const areas = [
    <TapArea
      key="missed"
      outcome="missed"
      count={count.missed}
      onTap={() => onTap('missed')}
      onHold={onHold}
    />,
    <TapArea key="clean" outcome="clean" count={count.clean} onTap={() => onTap('clean')} />,
  ];
  return hand === 'R' ? areas : areas.reverse();
}

/** One drill, and two areas that the thumb cannot miss. */
export function OneDrill({ page, session, planned, drill, place, before, after, shut, onNext }: Props) {
  const { person } = useMe();
  const { events, elsewhere } = session;
  const { age } = page.athlete;
  const [open, setOpen] = useState<Opened | null>(null);
  const close = () => setOpen(null);
  // Where there is little height the two areas keep theirs, and what is above them is scrolled or stands beside.
  const { width, height } = useWindowDimensions();
  const low = height / textScale < lowBelow;
  const beside = low && width > height;
  const readings = useReadings(page, session, drill.throws ? drill.id : null);
  const throws = thrown(page, events, elsewhere);
  // The first day after throws were locked is for easy ones.
  const maxEffort = Math.min(drill.effort?.to ?? 100, page.limits.easyOnly ? mostEasyEffort : 100);
  const rungs = drill.throws ? ladderEfforts(age, maxEffort) : null;
  const ladder = session.ladder?.drill === drill.id ? session.ladder : null;
  const dose = parseDose(planned.dose);
  const count = countOf(events, drill.id);
  const actions = session.inSession();
  const unsaid = unsaidMiss(events, drill.id);
  const explain = (reason: string) => {
    if (open === 'why next') actions.rep(drill.id, 'missed', reason, readings.forRep());
    else if (unsaid) actions.explain(unsaid.id, reason);
    close();
  };
  const tap = (outcome: 'clean' | 'missed') => actions.rep(drill.id, outcome, undefined, readings.forRep());
  const spots = useSpots(session, drill);
  const constraining = useConstraints(page, session, drill.id);
  const head = (
    <>
      <View style={styles.drills}>
        {before}
        <DrillTitle drill={drill} words={`${place} · ${drill.stage} · ${doseWords(dose)}`} />
        {after}
      </View>
      <CueLine page={page} session={session} drill={drill} />
    </>
  );
  const more = (
    <DrillCard page={page} session={session} drill={drill} throwsLeft={throws.left}>
      {ladder ? (
        <EffortLadder
          events={events}
          efforts={ladder.efforts}
          unit={person.velocityUnit}
          onStop={() => session.setLadder(null)}
        />
      ) : null}
      {shut}
    </DrillCard>
  );
  const strip = (
    <StatusStrip
      page={page}
      session={session}
      drill={drill}
      dose={dose}
      constraining={constraining}
      readings={readings}
      throws={throws}
      spots={spots}
      maxEffort={maxEffort}
      onNext={onNext}
      onWhy={unsaid ? () => setOpen('why last') : null}
      onOpen={setOpen}
    />
  );
  return (
    <>
      <View style={[styles.root, beside ? styles.beside : null]}>
        {low ? (
          <ScrollView style={styles.above}>
            {head}
            {strip}
            <View style={styles.more}>{more}</View>
          </ScrollView>
        ) : (
          <View style={styles.above}>
            {head}
            <View style={styles.upper}>
              <Pane>{more}</Pane>
            </View>
            {strip}
          </View>
        )}
        <View
          style={[
            beside ? styles.root : styles.areas,
            styles.row,
            ladder && !low ? styles.low : null,
            spots.open ? styles.spots : null,
          ]}
        >
          <Taps
            page={page}
            drill={drill}
            count={count}
            spots={spots}
            onTap={tap}
            onHold={() => setOpen('why next')}
          />
        </View>
      </View>
      {open ? (
        <OpenedSheet
          open={open}
          drill={drill}
          actions={actions}
          limit={readings.limit}
          onWhy={explain}
          onLadder={rungs && !ladder ? () => session.setLadder({ drill: drill.id, efforts: rungs }) : null}
          onClose={close}
        />
      ) : null}
    </>
  );
}

/** A phone on its side, or a browser at 200 %, px; text that is larger by itself counts as less room. */
const lowBelow = 560;

const styles = StyleSheet.create({
  drills: { flexDirection: 'row', alignItems: 'center', paddingHorizontal: 4 },
  upper: { flex: 1, minHeight: 0 },
  root: { flex: 1, minHeight: 0, minWidth: 0 },
  beside: { flexDirection: 'row' },
  above: { flex: 1, minHeight: 0, minWidth: 0 },
  row: { flexDirection: 'row' },
  areas: { height: '45%', minHeight: 150 },
  // The curve grows above.
  low: { height: '28%', minHeight: 150 },
  // Nine targets and their heading.
  spots: { minHeight: 200 },
  more: { padding: 16, gap: 12 },
});
