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
import { countOf, drillsToday, lastTap, thrown } from './session';
import { TapArea } from './TapArea';
import { Unlock } from './Unlock';
import type { Session } from './useSession';
import { VelocityPad } from './VelocityPad';
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
  const planned = open[Math.min(at, open.length - 1)];
  const drill = planned && book.drill(planned.drill);
  const throws = thrown(page, events, elsewhere);
  const why = [...new Set(closed.map((each) => each.why))].join('; ');

  const unlock =
    locked && !cleared ? (
      <Unlock onCleared={(clearedBy, reason) => inSession().clearThrows(clearedBy, reason)} />
    ) : null;
  const top = (
    <View style={styles.top}>
      <IconButton icon="close" accessibilityLabel="Leave; the session stays open" onPress={onLeave} />
      <Text variant="titleMedium" style={styles.grow} numberOfLines={1}>
        {page.athlete.givenName}
      </Text>
      <Button mode="outlined" icon="flag-checkered" onPress={onEnd}>
        End
      </Button>
    </View>
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
  const areas = [
    <TapArea
      key="missed"
      outcome="missed"
      count={count.missed}
      onTap={() => actions.rep(drill.id, 'missed')}
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
          {why ? (
            <Notice>{`${closed.length} ${closed.length === 1 ? 'drill is' : 'drills are'} closed: ${why}.`}</Notice>
          ) : null}
          {unlock}
          {pain.level === 'pain' ? (
            <Notice alert>Pain stops the session. Ask a licensed clinician before going on.</Notice>
          ) : null}
        </Pane>
      </View>
      <View style={[styles.line, { borderColor: own.line }]}>
        <Text variant="titleSmall" style={styles.grow} role="status">
          {`${throws.counted} thrown today, ${throws.left} left`}
        </Text>
        {hold ? <HoldTimer key={drill.id} seconds={hold} /> : null}
        {drill.throws ? (
          <Button mode="outlined" compact icon="speedometer" onPress={() => setPad(true)}>
            Velocity
          </Button>
        ) : null}
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
  top: { flexDirection: 'row', alignItems: 'center', gap: 8, paddingRight: 12 },
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
    borderTopWidth: 1,
  },
  areas: { flexDirection: 'row', height: '46%', minHeight: 200 },
});
