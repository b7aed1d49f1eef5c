import type { CampDayOf, CampMemberRecord } from '@wrightonic/contract';
import { fastestThrow, velocityFrom, type VelocityUnit } from '@wrightonic/core';
import { memo, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMe } from '../../../store/useAthlete';
import { useColours } from '../../../theme/theme';
import { Card } from '../../../ui/Card/Card';
import { FigureField } from '../../../ui/form/FigureField';
import { TextField } from '../../../ui/form/TextField';
import { figureIn } from '../../../ui/form/typedFigure';
import { useBook } from '../../../ui/hooks/useBook';
import { said } from '../../../ui/words/velocityWords';
import type { StationLog } from './campLog';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';
import { IconButton } from '../../../ui/Button/IconButton';

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
  act: StationLog;
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

/** One of the group: what they threw, and the next entry. */
export const StationLine = memo(function StationLine(props: LineProps) {
  const { member, name, day, way, drill, act } = props;
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
    act.velocity(member, metres);
    setTyped('');
  };
  const undo = lastOf(day);
  const thrown = day?.throws.length ?? 0;
  return (
    <Card style={styles.card}>
      <View style={styles.head}>
        <View style={styles.grow}>
          <Text variant="titleMedium">{name}</Text>
          <Text variant="bodySmall" role="status" aria-label={texts.thrown(name, thrown)}>
            {[
              texts.thrown2(thrown),
              ...(speeds.length
                ? [texts.top(said(speeds.at(-1)!, velocityUnit), said(Math.max(...speeds), velocityUnit))]
                : []),
              ...(way === 'reps' ? [texts.cleanMissed(of('clean'), of('missed'))] : []),
            ].join(' · ')}
          </Text>
        </View>
        {!locked && way === 'velocity' ? (
          <FigureField
            label={velocityUnit}
            name={texts.velocityOf(name, velocityUnit)}
            value={typed}
            onChange={setTyped}
            onDone={save}
            wrong={wrong}
            style={styles.figure}
          />
        ) : null}
        <IconButton
          icon="pencil"
          accessibilityLabel={texts.noteOn(name)}
          onPress={() => setNoting(noting === null ? '' : null)}
          style={styles.icon}
        />
        {undo.length ? (
          <IconButton
            icon="undo"
            accessibilityLabel={texts.undoTheLastOf(name)}
            onPress={() => act.takeBack(member, undo)}
            style={styles.icon}
          />
        ) : null}
      </View>
      {wrong ? <Text role="alert">{texts.isNotTheVelocity(typed, velocityUnit)}</Text> : null}
      {locked ? (
        <Text role="alert">{texts.throwsAreLockedPain(member.lock!.site, member.lock!.since)}</Text>
      ) : way === 'velocity' ? null : drill ? (
        <View style={styles.row}>
          {(['clean', 'missed'] as const).map((outcome) => (
            <Pressable
              key={outcome}
              role="button"
              aria-label={`${outcome === 'clean' ? texts.clean : texts.missed}: ${name}`}
              onPress={() => act.rep(member, outcome)}
              style={[
                styles.tap,
                { backgroundColor: outcome === 'clean' ? own.amberSunk : own.sunk, borderColor: own.line },
              ]}
            >
              <Text variant="titleMedium">{outcome === 'clean' ? texts.clean : texts.missed}</Text>
            </Pressable>
          ))}
        </View>
      ) : (
        <Text variant="bodySmall">{texts.noDrill}</Text>
      )}
      {noting === null ? null : (
        <View style={styles.row}>
          <TextField
            label={texts.noteOn(name)}
            value={noting}
            onChange={setNoting}
            atMost={300}
            autoFocus
            style={styles.grow}
          />
          <Button
            mode="contained"
            disabled={!noting.trim()}
            onPress={() => {
              act.note(member, noting.trim());
              setNoting(null);
            }}
          >
            {texts.save}
          </Button>
        </View>
      )}
      {(day?.notes ?? []).map(({ id, text }) => (
        <Text key={id} variant="bodySmall">{`“${text}”`}</Text>
      ))}
    </Card>
  );
});

const styles = StyleSheet.create({
  card: { paddingVertical: 8, paddingRight: 4 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 4 },
  grow: { flex: 1, minWidth: 0 },
  figure: { flexGrow: 0, flexShrink: 0, flexBasis: 104, width: 104 },
  icon: { margin: 0, width: 44, height: 44 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  tap: {
    flex: 1,
    minHeight: 56,
    borderRadius: 8,
    borderWidth: 1,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
