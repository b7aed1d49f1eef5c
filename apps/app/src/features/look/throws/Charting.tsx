import type { LookPage, ThrowRecord } from '@wrightonic/contract';
import { velocityIn, type VelocityUnit } from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Notice } from '../../../ui/Notice/Notice';
import { PitchFields } from './PitchFields';
import { spotName, spotNumber } from './typed';
import { useCharting } from './useCharting';
import { ZonePicture } from './ZonePicture';
import { ZoneViewPick } from './ZoneViewPick';
import { TextField } from '../../../ui/form/TextField';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  athlete: LookPage['athlete'];
  throws: readonly ThrowRecord[];
}

/** Throws whose places are shown in the zone, the newest. */
const shownThrows = 12;

/** The throw that was charted last, and how many there are. */
function lastWords(throws: readonly ThrowRecord[], unit: VelocityUnit): string {
  const { sides, velocity, pitch, effort } = throws.at(-1)!;
  const where = sides === null ? texts.notCharted : sides.length ? texts.missed(sides.join(' and ')) : 'hit';
  const fast = velocity === null ? '' : `, ${velocityIn(velocity, unit).toFixed(1)} ${unit}`;
  const asked = effort === null ? '' : texts.at(effort);
  return texts.lastThrowInAll(where, fast, pitch, asked, throws.length);
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
        label={aiming ? texts.theZoneAs(view) : texts.theZoneAsTheSees(view, spotName(aim, athlete.throws))}
        aim={aim}
        marks={charted.map(({ arrived, sides }) => ({
          arrived: { x: arrived![0], y: arrived![1] },
          hit: sides?.length === 0,
        }))}
        onTap={charting.tapped}
      />
      <Text role="status">
        {aiming
          ? texts.tapTheSpot
          : texts.aimTapWhereEach(spotName(aim, athlete.throws), spotNumber(aim, view))}
      </Text>
      {pendingReading ? (
        <Notice alert>
          <Text>
            {texts.isMoreThanCan(
              velocityIn(pendingReading.velocity!, unit).toFixed(1),
              unit,
              athlete.givenName,
            )}
          </Text>
          <View style={styles.row}>
            <Button mode="contained" onPress={() => keep(pendingReading)}>
              {texts.itIsRightSave}
            </Button>
            <Button mode="outlined" onPress={() => keep({ ...pendingReading, velocity: null })}>
              {texts.saveTheThrowWithout}
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
          {aiming ? texts.keepTheAim : texts.aimElsewhere}
        </Button>
        <Button
          mode="outlined"
          icon="undo-variant"
          disabled={charting.undo === null}
          onPress={() => charting.undo?.()}
          style={styles.grow}
        >
          {texts.undo}
        </Button>
      </View>
      {throws.length ? <Text variant="bodySmall">{lastWords(throws, unit)}</Text> : null}
      <TextField
        label={texts.velocityOfTheNext(unit)}
        name={texts.velocityOfTheNextThrow}
        value={charting.velocity}
        onChange={charting.setVelocity}
        inputMode="decimal"
      />
      <TextField
        label={texts.orTypeItSpot}
        name={texts.typeAThrow}
        placeholder={texts.ha}
        value={charting.line}
        onChange={charting.setLine}
        onSubmit={charting.entered}
      />
      <Text variant="bodySmall">{texts.spotsAsNumberKeys}</Text>
      <PitchFields discipline={athlete.discipline} settings={charting.settings} onChange={charting.set} />
    </View>
  );
}

const styles = StyleSheet.create({
  root: { gap: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  grow: { flex: 1 },
});
