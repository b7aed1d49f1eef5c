import type { LookPage, ThrowRecord } from '@wrightonic/contract';
import { velocityIn, type VelocityUnit } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Notice } from '../../../ui/Notice/Notice';
import { PitchFields } from './PitchFields';
import { spotName, spotNumber } from './typed';
import { useCharting } from './useCharting';
import { ZonePicture } from './ZonePicture';
import { ZoneViewPick } from './ZoneViewPick';
import { TextField } from '../../../ui/form/TextField';

interface Props {
  athlete: LookPage['athlete'];
  throws: readonly ThrowRecord[];
}

/** Throws whose places are shown in the zone, the newest. */
const shownThrows = 12;

/** The throw that was charted last, and how many there are. */
function lastWords(throws: readonly ThrowRecord[], unit: VelocityUnit): string {
  const { sides, velocity, pitch, effort } = throws.at(-1)!;
  const where = sides === null ? 'not charted' : sides.length ? `missed ${sides.join(' and ')}` : 'hit';
  const fast = velocity === null ? '' : `, ${velocityIn(velocity, unit).toFixed(1)} ${unit}`;
  const asked = effort === null ? '' : ` at ${effort} %`;
  return `Last: ${where}${fast}, ${pitch}${asked}. ${throws.length} ${throws.length === 1 ? 'throw' : 'throws'} in all.`;
}

/** Charts throws: aim once, then a tap for each throw; or a line for each on a keyboard. */
export function Charting({ athlete, throws }: Props) {
  const charting = useCharting(athlete, throws);
  const { aim, aiming, unit, view, pendingReading, keep, wrong } = charting;
  const charted = throws.filter(({ aim: aimed, arrived }) => aimed && arrived).slice(-shownThrows);
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
        marks={charted.map(({ arrived, sides }) => ({
          arrived: { x: arrived![0], y: arrived![1] },
          hit: sides?.length === 0,
        }))}
        onTap={charting.tapped}
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
          onPress={() => charting.setAiming(!aiming)}
          style={styles.grow}
        >
          {aiming ? 'Keep the aim' : 'Aim elsewhere'}
        </Button>
        <Button
          mode="outlined"
          icon="undo-variant"
          disabled={charting.undo === null}
          onPress={() => charting.undo?.()}
          style={styles.grow}
        >
          Undo
        </Button>
      </View>
      {throws.length ? <Text variant="bodySmall">{lastWords(throws, unit)}</Text> : null}
      <TextField
        label={`Velocity of the next throw, ${unit} (optional)`}
        name="Velocity of the next throw"
        value={charting.velocity}
        onChange={charting.setVelocity}
        inputMode="decimal"
      />
      <TextField
        label="Or type it: spot, velocity, where it went"
        name="Type a throw"
        placeholder="2 71.5 ha"
        value={charting.line}
        onChange={charting.setLine}
        onSubmit={charting.entered}
      />
      <Text variant="bodySmall">
        Spots as number keys, 1 low left to 9 high right; x hit, h high, l low, a arm side, g glove side.
        Enter keeps it.
      </Text>
      <PitchFields discipline={athlete.discipline} settings={charting.settings} onChange={charting.set} />
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  grow: { flex: 1 },
});
