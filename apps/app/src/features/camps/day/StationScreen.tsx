import type { CampDayOf, CampMemberRecord, CampRecord, RadarReading } from '@wrightonic/contract';
import { simulatedLine } from '@wrightonic/contract';
import {
  drillOf,
  fastestThrow,
  slotsOf,
  velocityFrom,
  type PlannedStation,
  type VelocityUnit,
} from '@wrightonic/core';
import { useLocalSearchParams } from 'expo-router';
import { memo, useCallback, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { useAppDispatch } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { useColours } from '../../../theme/theme';
import { Card } from '../../../ui/Card/Card';
import { Choices } from '../../../ui/form/Choices';
import { FigureField } from '../../../ui/form/FigureField';
import { TextField } from '../../../ui/form/TextField';
import { figureIn } from '../../../ui/form/typedFigure';
import { ErrorNotice } from '../../../ui/Notice/Notice';
import { LinePick } from '../../../ui/radar/LinePick';
import { useLines } from '../../../ui/radar/useLines';
import { useRadar } from '../../../ui/radar/useRadar';
import { Pane } from '../../../ui/Screen/Pane';
import { TitleRow } from '../../../ui/Screen/Screen';
import { useBook } from '../../../ui/hooks/useBook';
import { said } from '../../../ui/words/velocityWords';
import { calledIn, stationsIn, useCamp, useCampClock } from '../useCamp';
import { campLog, drillAt, throwAt, type Where } from './campLog';
import { useCampDay } from './useCampDay';

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
  const group = (stationsIn(camp, slot).get(station.id) ?? []).flatMap(
    (id) => camp.members.find((member) => member.id === id) ?? [],
  );
  const called = calledIn(camp, true);
  const where: Where = { campId: camp.id, date: today, zone };
  const velocity = useCallback(
    (member: CampMemberRecord, metres: number, known?: string) =>
      dispatch(campLog(where, member.id, 'throw', throwAt(station, member, metres), known)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `where` is made anew each time of the same three
    [dispatch, camp.id, today, zone, station],
  );
  const rep = useCallback(
    (member: CampMemberRecord, outcome: 'clean' | 'missed') => {
      const drill = drillAt(station, member.discipline);
      if (!drill) return;
      const repId = dispatch(campLog(where, member.id, 'rep', { drill, outcome }));
      if (drillOf(drill)?.throws)
        dispatch(campLog(where, member.id, 'throw', { ...throwAt(station, member, null), repId }));
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps -- as above
    [dispatch, camp.id, today, zone, station],
  );
  const note = useCallback(
    (member: CampMemberRecord, text: string) =>
      dispatch(campLog(where, member.id, 'noted', { drill: drillAt(station, member.discipline), text })),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- as above
    [dispatch, camp.id, today, zone, station],
  );
  const takeBack = useCallback(
    (member: CampMemberRecord, ids: readonly string[]) => {
      for (const id of ids) dispatch(campLog(where, member.id, 'undo', { of: id }));
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps -- as above
    [dispatch, camp.id, today, zone],
  );
  return (
    <Pane>
      <TitleRow
        title={station.name}
        back={{ label: 'Back to the day', to: `/camps/${camp.id}/day` }}
        action={null}
      />
      {error ? <ErrorNotice error={error} /> : null}
      <Choices
        label="Slot"
        value={slot}
        onChange={setSlot}
        options={slots.map(({ id, start }) => ({ value: id, text: start }))}
      />
      <Choices<Way>
        label="What is logged"
        value={way}
        onChange={setWay}
        options={[
          { value: 'velocity', text: 'Velocity' },
          ...(station.drills.length ? [{ value: 'reps' as const, text: 'Clean or missed' }] : []),
          { value: 'radar', text: 'Radar line' },
        ]}
      />
      {group.length === 0 ? <Text>Nobody is planned here in this slot.</Text> : null}
      {way === 'radar' ? (
        <RadarQueue group={group} of={of} called={called} onThrow={velocity} effort={station.effort} />
      ) : (
        group.map((member) => (
          <Line
            key={member.id}
            member={member}
            name={called(member.id)}
            day={of.get(member.id)}
            way={way}
            drill={drillAt(station, member.discipline)}
            onVelocity={velocity}
            onRep={rep}
            onNote={note}
            onTakeBack={takeBack}
          />
        ))
      )}
    </Pane>
  );
}

const typedVelocity = (typed: string, unit: VelocityUnit): number | null => {
  const metres = velocityFrom(figureIn(typed), unit);
  return metres >= 2 && metres <= fastestThrow ? metres : null;
};

interface LineProps {
  member: CampMemberRecord;
  name: string;
  day: CampDayOf | undefined;
  way: 'velocity' | 'reps';
  /** What is worked here; null where no drill of the station is of their kind. */
  drill: string | null;
  onVelocity: (member: CampMemberRecord, metres: number) => void;
  onRep: (member: CampMemberRecord, outcome: 'clean' | 'missed') => void;
  onNote: (member: CampMemberRecord, text: string) => void;
  onTakeBack: (member: CampMemberRecord, ids: readonly string[]) => void;
}

/** The entries of the last tap: a rep of a throwing drill is a throw as well. */
function lastOf(day: CampDayOf | undefined): string[] {
  const all = [...(day?.throws ?? []), ...(day?.reps ?? []), ...(day?.notes ?? [])].sort((a, b) =>
    a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1,
  );
  const last = all.at(-1);
  if (!last) return [];
  const before = all.at(-2);
  const isRep = (id: string) => day?.reps.some((each) => each.id === id) ?? false;
  const isBare = (id: string) =>
    day?.throws.some((each) => each.id === id && each.velocity === null) ?? false;
  return before && isBare(last.id) && isRep(before.id) ? [last.id, before.id] : [last.id];
}

const Line = memo(function Line(props: LineProps) {
  const { member, name, day, way, drill, onVelocity, onRep, onNote, onTakeBack } = props;
  const { velocityUnit } = useMe().person;
  const own = useColours();
  const book = useBook();
  const [typed, setTyped] = useState('');
  const [noting, setNoting] = useState<string | null>(null);
  const speeds = (day?.throws ?? []).flatMap(({ velocity }) => velocity ?? []);
  const of = (outcome: 'clean' | 'missed') =>
    (day?.reps ?? []).filter((each) => each.outcome === outcome).length;
  const metres = typedVelocity(typed, velocityUnit);
  const wrong = typed.trim() !== '' && metres === null;
  const locked = member.lock !== null && (way === 'velocity' || Boolean(drill && book.drill(drill)?.throws));
  const save = () => {
    if (metres === null) return;
    onVelocity(member, metres);
    setTyped('');
  };
  const undo = lastOf(day);
  return (
    <Card>
      <View style={styles.head}>
        <Text variant="titleMedium" style={styles.grow}>
          {name}
        </Text>
        <Text variant="bodySmall" role="status" aria-label={`${name}: ${(day?.throws ?? []).length} throws`}>
          {[
            `${(day?.throws ?? []).length} thrown`,
            ...(speeds.length
              ? [`${said(speeds.at(-1)!, velocityUnit)}, top ${said(Math.max(...speeds), velocityUnit)}`]
              : []),
            ...(way === 'reps' ? [`${of('clean')} clean, ${of('missed')} missed`] : []),
          ].join(' · ')}
        </Text>
      </View>
      {locked ? (
        <Text role="alert">{`Throws are locked: pain in the ${member.lock!.site} since ${member.lock!.since}.`}</Text>
      ) : way === 'velocity' ? (
        <FigureField
          label={velocityUnit}
          name={`Velocity of ${name}, ${velocityUnit}`}
          value={typed}
          onChange={setTyped}
          onDone={save}
          wrong={wrong ? 'That is no velocity of a throw.' : undefined}
        />
      ) : drill ? (
        <View style={styles.row}>
          {(['clean', 'missed'] as const).map((outcome) => (
            <Pressable
              key={outcome}
              role="button"
              aria-label={`${outcome === 'clean' ? 'Clean' : 'Missed'}: ${name}`}
              onPress={() => onRep(member, outcome)}
              style={[
                styles.tap,
                { backgroundColor: outcome === 'clean' ? own.amberSunk : own.sunk, borderColor: own.line },
              ]}
            >
              <Text variant="titleMedium">{outcome === 'clean' ? 'Clean' : 'Missed'}</Text>
            </Pressable>
          ))}
        </View>
      ) : (
        <Text variant="bodySmall">No drill of this station is of their kind of pitching.</Text>
      )}
      {noting === null ? null : (
        <TextField label={`Note on ${name}`} value={noting} onChange={setNoting} atMost={300} autoFocus />
      )}
      <View style={styles.row}>
        {noting === null ? (
          <Button compact accessibilityLabel={`Note on ${name}`} onPress={() => setNoting('')}>
            Note
          </Button>
        ) : (
          <Button
            compact
            mode="contained"
            disabled={!noting.trim()}
            onPress={() => {
              onNote(member, noting.trim());
              setNoting(null);
            }}
          >
            Keep the note
          </Button>
        )}
        {undo.length ? (
          <Button
            compact
            icon="undo"
            accessibilityLabel={`Take back the last of ${name}`}
            onPress={() => onTakeBack(member, undo)}
          >
            Undo
          </Button>
        ) : null}
      </View>
      {(day?.notes ?? []).map(({ id, text }) => (
        <Text key={id} variant="bodySmall">{`“${text}”`}</Text>
      ))}
    </Card>
  );
});

interface QueueProps {
  group: readonly CampMemberRecord[];
  of: Map<string, CampDayOf>;
  called: (id: string) => string;
  effort: number;
  onThrow: (member: CampMemberRecord, metres: number, known: string) => void;
}

/** Readings go to whoever is at the head of the queue, who then goes to its end. */
function RadarQueue({ group, of, called, effort, onThrow }: QueueProps) {
  const { velocityUnit } = useMe().person;
  const { line } = useLines();
  const [order, setOrder] = useState<string[]>(() => group.filter(({ lock }) => !lock).map(({ id }) => id));
  const members = new Map(group.map((member) => [member.id, member]));
  const known = order.filter((id) => members.has(id));
  const queue = [
    ...known,
    ...group.filter(({ id, lock }) => !lock && !known.includes(id)).map(({ id }) => id),
  ];
  const [head] = queue;
  const state = useRadar({
    line: head ? line : null,
    athleteId: head ?? '',
    effort,
    onReading: ({ id, velocity }: RadarReading) => {
      const member = head ? members.get(head) : undefined;
      if (!member) return;
      onThrow(member, velocity, id);
      setOrder([...queue.slice(1), head!]);
    },
  });
  return (
    <>
      <LinePick />
      <Text role="status">
        {line === null
          ? 'Choose a line; each reading goes to the next in the queue.'
          : state === 'open'
            ? `The line is open${line === simulatedLine ? '; its readings are made up' : ''}. Next: ${head ? called(head) : 'nobody'}.`
            : 'The line is being opened.'}
      </Text>
      {queue.map((id, n) => {
        const speeds = (of.get(id)?.throws ?? []).flatMap(({ velocity }) => velocity ?? []);
        return (
          <Card key={id}>
            <View style={styles.head}>
              <Text variant={n === 0 ? 'headlineSmall' : 'titleMedium'} style={styles.grow}>
                {n === 0 ? `Next: ${called(id)}` : called(id)}
              </Text>
              <Text>
                {speeds.length ? `${said(speeds.at(-1)!, velocityUnit)} · ${speeds.length}` : 'none yet'}
              </Text>
              {n === 0 ? (
                <IconButton
                  icon="arrow-down"
                  accessibilityLabel={`${called(id)} goes to the end of the queue`}
                  onPress={() => setOrder([...queue.slice(1), id])}
                />
              ) : null}
            </View>
          </Card>
        );
      })}
    </>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 8 },
  grow: { flex: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  tap: {
    flex: 1,
    minHeight: 56,
    borderRadius: 8,
    borderWidth: 1,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
