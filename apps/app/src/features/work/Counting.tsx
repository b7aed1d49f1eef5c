import type { AthletePage } from '@wrightonic/contract';
import {
  cueIn,
  allowedWith,
  barredBecause,
  doseWords,
  heldAbove,
  parseDose,
  throwsLocked,
  type Pain,
  type Severity,
} from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { now } from '../../offline/clock';
import { useMe } from '../../store/useAthlete';
import { useColours } from '../../theme/theme';
import { DrillFigure } from '../../ui/body/DrillFigure';
import { Empty, Notice } from '../../ui/Notice';
import { Pane } from '../../ui/Pane';
import { Seam } from '../../ui/seam/Seam';
import { Constraints } from './Constraints';
import { HoldTimer } from './HoldTimer';
import { NoteSheet } from './NoteSheet';
import { countOf, drillsToday, lastTap, thrown } from './session';
import { SetLine } from './SetLine';
import { TapArea } from './TapArea';
import { Unlock } from './Unlock';
import type { Session } from './useSession';
import { VelocityPad } from './VelocityPad';
import { WhyMissed } from './WhyMissed';
import { WorkTop } from './WorkTop';
import { dayAt } from '../../ui/days';
import { useBook } from '../../ui/useBook';

interface Props {
  page: AthletePage;
  session: Session;
  pain: Pain;
  onLeave: () => void;
  onEnd: () => void;
}

const noFindings: Readonly<Record<string, Severity>> = {};

/** One drill at a time, and two areas that the thumb cannot miss. */
export function Counting({ page, session, pain, onLeave, onEnd }: Props) {
  const own = useColours();
  const { person, academy } = useMe();
  const book = useBook();
  const { events, elsewhere, inSession } = session;
  const { age } = page.athlete;
  const locked = throwsLocked(pain);
  const cleared = events.some(({ kind }) => kind === 'throws-cleared');
  const { open, closed } = allowedWith(pain, drillsToday(page, dayAt(now(), academy.zone)), {
    cleared,
    book,
    barred: (each) => barredBecause(each, { age, history: page.history }),
  });
  const [at, setAt] = useState(() => {
    const last = lastTap(events)[0];
    return Math.max(
      0,
      open.findIndex((each) => last && 'drill' in last && each.drill === last.drill),
    );
  });
  const [pad, setPad] = useState(false);
  const [noting, setNoting] = useState(false);
  /** Why the next rep is missed, or why the last was. */
  const [asking, setAsking] = useState<'next' | 'last' | null>(null);
  const planned = open[Math.min(at, open.length - 1)];
  const drill = planned && book.drill(planned.drill);
  const throws = thrown(page, events, elsewhere);
  const why = [...new Set(closed.map((each) => each.why))].join('; ');

  const unlock =
    locked && !cleared ? (
      <Unlock onCleared={(clearedBy, reason) => inSession().clearThrows(clearedBy, reason)} />
    ) : null;
  const top = (
    <WorkTop athleteId={page.athlete.id} name={page.athlete.givenName} onLeave={onLeave} onEnd={onEnd} />
  );
  if (!planned || !drill)
    return (
      <View style={styles.whole}>
        {top}
        <Pane>
          {why ? <Notice alert>{`No drill is open: ${why}.`}</Notice> : null}
          {unlock}
          <Empty>No drill is left for today. End the session, so that what was said is kept.</Empty>
        </Pane>
      </View>
    );

  const dose = parseDose(planned.dose);
  // The full explanation stands below; while working one line is enough.
  const { voice } = page.athlete;
  const liveVoice = voice === 'detail' ? 'plain' : voice;
  const count = countOf(events, drill.id);
  const hold = dose.timed ?? dose.lastHold ?? dose.holds[0] ?? null;
  const actions = inSession();
  const notes = events.filter((event) => event.kind === 'noted').filter((note) => note.drill === drill.id);
  const newest = lastTap(events).find((event) => event.kind === 'rep');
  /** The rep just missed, as long as nobody said why. */
  const unsaid = newest?.outcome === 'missed' && !newest.reason && newest.drill === drill.id ? newest : null;
  const effort = drill.throws ? session.effortOf(drill.id) : null;
  const explain = (reason: string) => {
    if (asking === 'next') actions.rep(drill.id, 'missed', reason);
    else if (unsaid) actions.because(reason);
    setAsking(null);
  };
  const areas = [
    <TapArea
      key="missed"
      outcome="missed"
      count={count.missed}
      onTap={() => actions.rep(drill.id, 'missed')}
      onHold={() => setAsking('next')}
    />,
    <TapArea key="clean" outcome="clean" count={count.clean} onTap={() => actions.rep(drill.id, 'clean')} />,
  ];
  return (
    <View style={[styles.whole, { backgroundColor: own.ground }]}>
      {top}
      <View style={styles.drills}>
        <IconButton
          icon="chevron-left"
          accessibilityLabel="Drill before"
          disabled={at === 0}
          onPress={() => setAt(at - 1)}
        />
        <View style={styles.grow}>
          <Text variant="headlineSmall" role="heading" aria-level={1} style={styles.middle}>
            {drill.name}
          </Text>
          <Text
            style={styles.middle}
          >{`${at + 1} of ${open.length} · ${drill.stage} · ${doseWords(dose)}`}</Text>
        </View>
        <IconButton
          icon="chevron-right"
          accessibilityLabel="Next drill"
          disabled={at >= open.length - 1}
          onPress={() => setAt(at + 1)}
        />
      </View>
      <View style={styles.upper}>
        <Pane>
          <Text
            variant="headlineMedium"
            style={styles.middle}
          >{`“${cueIn(drill.id, liveVoice, book)}”`}</Text>
          <Constraints key={drill.id} page={page} session={session} drill={drill.id} />
          <Seam
            discipline={page.athlete.discipline}
            findings={noFindings}
            size="tiny"
            label="What this drill works on is marked"
            marked={drill.targets}
          />
          <View style={styles.figure}>
            <DrillFigure
              drill={book.figure(drill.id)}
              hand={page.athlete.throws}
              width={200}
              height={116}
              label={`Set-up of ${drill.name}`}
            />
          </View>
          <Text style={styles.middle}>{drill.what}</Text>
          {drill.caution ? <Notice>{`Care: ${drill.caution}`}</Notice> : null}
          {notes.map((note) => (
            <View key={note.id} style={styles.note}>
              <Text style={styles.grow}>{`Noted: ${note.text}`}</Text>
              <IconButton
                icon="close"
                accessibilityLabel={`Take the note back: ${note.text}`}
                onPress={() => actions.takeBack(note.id)}
              />
            </View>
          ))}
          {why ? (
            <Notice>{`${closed.length} ${closed.length === 1 ? 'drill is' : 'drills are'} closed: ${why}.`}</Notice>
          ) : null}
          {unlock}
          {pain.level === 'pain' ? (
            <Notice alert>Pain stops the session. Ask a licensed clinician before going on.</Notice>
          ) : null}
        </Pane>
      </View>
      <SetLine
        key={`sets of ${drill.id}`}
        events={events}
        drill={drill.id}
        dose={dose}
        effort={effort}
        most={drill.effort?.to ?? 100}
        age={age}
        onEffort={(asked) => session.askFor(drill.id, asked)}
        onNext={at < open.length - 1 ? () => setAt(at + 1) : null}
        onWhy={unsaid ? () => setAsking('last') : null}
      />
      <View style={styles.line}>
        <Text variant="titleSmall" style={styles.grow} role="status">
          {`${throws.counted} thrown today, ${throws.left} left`}
        </Text>
        {hold ? <HoldTimer key={drill.id} seconds={hold} /> : null}
        {drill.throws ? (
          <Button mode="outlined" compact icon="speedometer" onPress={() => setPad(true)}>
            Velocity
          </Button>
        ) : null}
        <IconButton
          icon="pencil"
          mode="outlined"
          size={18}
          accessibilityLabel={`Note on ${drill.name}`}
          onPress={() => setNoting(true)}
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
      <View style={styles.areas}>{person.hand === 'R' ? areas : areas.reverse()}</View>
      <WhyMissed drill={drill} visible={asking !== null} onWhy={explain} onClose={() => setAsking(null)} />
      <NoteSheet
        visible={noting}
        about={drill.name}
        onNote={(text) => actions.note(drill.id, text)}
        onClose={() => setNoting(false)}
      />
      <VelocityPad
        heldAbove={heldAbove(
          page.athlete.discipline,
          page.athlete.age,
          page.velocities.length ? Math.max(...page.velocities.map(({ top }) => top)) : null,
        )}
        visible={pad}
        unit={person.velocityUnit}
        onClose={() => setPad(false)}
        onSave={(velocity) => actions.velocity(drill.id, velocity)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  whole: { flex: 1, minHeight: 0 },
  grow: { flex: 1, minWidth: 0 },
  drills: { flexDirection: 'row', alignItems: 'center', paddingHorizontal: 4 },
  middle: { textAlign: 'center' },
  figure: { alignItems: 'center' },
  upper: { flex: 1, minHeight: 0 },
  line: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 6,
    paddingHorizontal: 12,
    paddingVertical: 6,
  },
  note: { flexDirection: 'row', alignItems: 'center' },
  areas: { flexDirection: 'row', height: '46%', minHeight: 200 },
});
