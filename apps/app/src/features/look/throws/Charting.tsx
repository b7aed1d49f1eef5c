import type { LookPage, ThrowRecord } from '@wrightonic/contract';
import { doubtfulAbove, missOf, spotHalf, usualBall, velocityIn, type Spot } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text, TextInput } from 'react-native-paper';
import { log } from '../../../offline/log';
import { useAppDispatch } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { Choices } from '../../../ui/form/Choices';
import { Figure } from '../../../ui/form/Figure';
import { Notice } from '../../../ui/Notice/Notice';
import { emptySpin, SpinFields, type SpinTyped } from './SpinFields';
import { readTyped, spotName, spotNumber, spotOf, type TypedThrow } from './typed';
import { ZonePicture } from './ZonePicture';
import { ZoneViewPick } from './ZoneViewPick';

interface Props {
  athlete: LookPage['athlete'];
  throws: readonly ThrowRecord[];
}

const efforts = [60, 70, 80, 90, 100] as const;
const pitches = {
  overhand: ['fastball', 'change-up', 'curve', 'slider'],
  windmill: ['fastball', 'change-up', 'rise', 'drop', 'curve'],
} as const;

/** Charts throws: aim once, then a tap for each throw; or a line for each on a keyboard. */
export function Charting({ athlete, throws }: Props) {
  const dispatch = useAppDispatch();
  const { academy, person } = useMe();
  const unit = person.velocityUnit;
  const view = person.zoneView;
  const [aim, setAim] = useState<Spot>(spotOf(2, 'pitcher'));
  const [aiming, setAiming] = useState(false);
  const [effort, setEffort] = useState<number | null>(90);
  const [pitch, setPitch] = useState<string>('fastball');
  const [type, setType] = useState<'practice' | 'game'>('practice');
  const [ball, setBall] = useState(String(usualBall[athlete.discipline]));
  const [distance, setDistance] = useState('');
  const [more, setMore] = useState(false);
  const [velocity, setVelocity] = useState('');
  const [spin, setSpin] = useState<SpinTyped>({ text: emptySpin, flight: undefined, wrong: '' });
  const [line, setLine] = useState('');
  const [wrong, setWrong] = useState('');
  const [pendingReading, setHeld] = useState<TypedThrow | null>(null);
  const [newest, setNewest] = useState<string | null>(null);
  const best = throws.reduce<number | null>(
    (atMost, each) =>
      each.velocity !== null && (atMost === null || each.velocity > atMost) ? each.velocity : atMost,
    null,
  );
  const ballG = Number(ball.replace(',', '.'));
  const distanceM = distance.trim() === '' ? null : Number(distance.replace(',', '.'));
  const settingsWrong = !(ballG >= 50 && ballG <= 2000)
    ? 'The ball must weigh 50 to 2,000 g.'
    : distanceM !== null && !(distanceM >= 1 && distanceM <= 150)
      ? 'The distance must be 1 to 150 m.'
      : spin.wrong;

  const keep = (thrown: TypedThrow) => {
    setHeld(null);
    setWrong('');
    setLine('');
    setVelocity('');
    setSpin({ text: emptySpin, flight: undefined, wrong: '' });
    setNewest(
      dispatch(
        log(athlete.id, 'pitch', {
          athleteId: athlete.id,
          zone: academy.zone,
          velocity: thrown.velocity,
          effort,
          pitch,
          ballG,
          type,
          distanceM,
          aim: thrown.aim && thrown.arrived ? [thrown.aim.x, thrown.aim.y] : null,
          arrived: thrown.arrived ? [thrown.arrived.x, thrown.arrived.y] : null,
          ...(spin.flight ? { flight: spin.flight } : {}),
        }),
      ),
    );
  };
  const take = (thrown: TypedThrow) => {
    if (settingsWrong) return setWrong(settingsWrong);
    const atMost = doubtfulAbove(athlete.discipline, athlete.age, best);
    setWrong('');
    if (thrown.velocity !== null && thrown.velocity > atMost) setHeld(thrown);
    else keep(thrown);
  };
  const typedVelocity = (): number | null | undefined => {
    if (velocity.trim() === '') return null;
    const read = readTyped(velocity, athlete.throws, unit, aim, view);
    if (typeof read === 'string' || read.velocity === null) {
      setWrong(typeof read === 'string' ? read : `Type a velocity in ${unit}.`);
      return undefined;
    }
    return read.velocity;
  };
  const tapped = (spot: Spot) => {
    if (aiming) {
      const near = (value: number) =>
        Math.max(-1, Math.min(1, Math.round(value / (2 * spotHalf)))) * 2 * spotHalf;
      setAim({ x: near(spot.x), y: near(spot.y) });
      return setAiming(false);
    }
    const fast = typedVelocity();
    if (fast === undefined) return;
    take({ aim, arrived: spot, velocity: fast, sides: missOf(aim, spot, athlete.throws) });
  };
  const entered = () => {
    const read = readTyped(line, athlete.throws, unit, aim, view);
    if (typeof read === 'string') return setWrong(read);
    if (read.aim) setAim(read.aim);
    take(read);
  };
  const today = throws.filter(({ aim: aimed, arrived }) => aimed && arrived).slice(-12);
  const last = throws.at(-1);
  return (
    <View style={styles.root}>
      <ZoneViewPick />
      <ZonePicture
        view={view}
        hand={athlete.throws}
        label={
          aiming
            ? `The zone as the ${view} sees it: tap the spot to aim at`
            : `The zone as the ${view} sees it: tap where it went; aimed ${spotName(aim, athlete.throws)}`
        }
        aim={aim}
        marks={today.map(({ arrived, sides }) => ({
          arrived: { x: arrived![0], y: arrived![1] },
          hit: sides?.length === 0,
        }))}
        onTap={tapped}
      />
      <Text role="status">
        {aiming
          ? 'Tap the spot to aim at.'
          : `Aim: ${spotName(aim, athlete.throws)} (${spotNumber(aim, view)}). Tap where each throw went; inside the box counts as on target.`}
      </Text>
      {pendingReading ? (
        <Notice alert>
          <Text>
            {`${velocityIn(pendingReading.velocity!, unit).toFixed(1)} ${unit} is more than ${athlete.givenName} can be expected to throw. It is held.`}
          </Text>
          <View style={styles.row}>
            <Button mode="contained" onPress={() => keep(pendingReading)}>
              It is right, keep it
            </Button>
            <Button mode="outlined" onPress={() => keep({ ...pendingReading, velocity: null })}>
              Keep the throw without it
            </Button>
          </View>
        </Notice>
      ) : null}
      {wrong ? <Notice alert>{wrong}</Notice> : null}
      <View style={styles.row}>
        <Button
          mode={aiming ? 'contained' : 'outlined'}
          onPress={() => setAiming(!aiming)}
          style={styles.grow}
        >
          {aiming ? 'Keep the aim' : 'Aim elsewhere'}
        </Button>
        <Button
          mode="outlined"
          icon="undo-variant"
          disabled={newest === null}
          onPress={() => {
            if (newest) dispatch(log(athlete.id, 'undo', { sessionId: null, of: newest }));
            setNewest(null);
          }}
          style={styles.grow}
        >
          Undo
        </Button>
      </View>
      {last ? (
        <Text variant="bodySmall">
          {`Last: ${last.sides === null ? 'not charted' : last.sides.length ? `missed ${last.sides.join(' and ')}` : 'hit'}${
            last.velocity === null ? '' : `, ${velocityIn(last.velocity, unit).toFixed(1)} ${unit}`
          }, ${last.pitch}${last.effort === null ? '' : ` at ${last.effort} %`}. ${throws.length} ${throws.length === 1 ? 'throw' : 'throws'} in all.`}
        </Text>
      ) : null}
      <TextInput
        mode="outlined"
        label={`Velocity of the next throw, ${unit} (optional)`}
        aria-label="Velocity of the next throw"
        value={velocity}
        onChangeText={setVelocity}
        inputMode="decimal"
      />
      <TextInput
        mode="outlined"
        label="Or type it: spot, velocity, where it went"
        aria-label="Type a throw"
        placeholder="2 71.5 ha"
        value={line}
        onChangeText={setLine}
        onSubmitEditing={entered}
        submitBehavior="submit"
      />
      <Text variant="bodySmall">
        Spots as number keys, 1 low left to 9 high right; x hit, h high, l low, a arm side, g glove side.
        Enter keeps it.
      </Text>
      <Choices<number | null>
        label="Effort asked, %"
        shown
        value={effort}
        onChange={setEffort}
        options={[
          ...efforts.map((each) => ({ value: each, text: String(each) })),
          { value: null, text: 'Not said' },
        ]}
      />
      <Choices<string>
        label="Pitch"
        shown
        value={pitch}
        onChange={setPitch}
        options={pitches[athlete.discipline].map((each) => ({ value: each, text: each }))}
      />
      <Button mode="text" onPress={() => setMore(!more)} style={styles.start}>
        {more ? 'Less' : 'Ball, distance, game, spin'}
      </Button>
      {more ? (
        <>
          <View style={styles.row}>
            <Figure label="Ball, g" value={ball} onChange={setBall} />
            <Figure label="Distance, m" value={distance} onChange={setDistance} />
          </View>
          <SpinFields typed={spin} onChange={setSpin} />
          <Choices
            label="Where"
            shown
            value={type}
            onChange={setType}
            options={[
              { value: 'practice', text: 'Practice' },
              { value: 'game', text: 'Game' },
            ]}
          />
        </>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  grow: { flex: 1 },
  start: { alignSelf: 'flex-start' },
});
