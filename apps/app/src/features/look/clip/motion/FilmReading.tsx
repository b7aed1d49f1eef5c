import type { LookPage } from '@wrightonic/contract';
import {
  frameAt,
  isRead,
  writeKeypointFile,
  writeReading,
  type ThrowsReading,
  type ClipEvent,
  type PictureSide,
} from '@wrightonic/core';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { KeptTrack } from '../../../../offline/database';
import { withinFrame } from '../../../../ui/video/useMoves';
import { Choices } from '../../../../ui/form/Choices';
import { saveFile } from '../../../../ui/ImportPreview/saveFile';
import { Notice } from '../../../../ui/Notice/Notice';
import { eventName } from '../../../../ui/words/clipEvents';
import type { FilmState } from '../useClip';
import { Figures } from './Figures';
import { Offered } from './Offered';
import { PlaneSpeeds } from './PlaneSpeeds';
import type { Reading } from './useReading';
import { slowedBy } from './useTracking';
import { texts } from './texts';
import { Button } from '../../../../ui/Button/Button';

interface Props extends Reading {
  athlete: LookPage['athlete'];
  state: FilmState;
  setTowards: (side: PictureSide) => void;
  kept: KeptTrack;
}

/** Fewer frames a second than this leave plant and release uncertain by more than a grade. */
const goodRate = 100;

/** What the joints of a film say: events, figures with their error, and grades. */
export function FilmReading({
  athlete,
  state,
  setTowards,
  kept,
  reading,
  towards,
  film,
  shown,
  show,
}: Props) {
  const clip = state.clip!;
  const side = clip.view === 'side' ? <TargetSide towards={towards} setTowards={setTowards} /> : null;
  if (!film)
    return (
      <>
        <Notice>{side ? texts.theFeetDoNot : texts.jointsAreReadFrom}</Notice>
        {side}
      </>
    );
  if (!reading)
    return kept.tracked.throws.some(({ whole }) => whole) ? (
      <Text role="status">{texts.workingItOut}</Text>
    ) : null;
  const one = reading.throws[shown];
  const slowed = slowedBy(clip);
  const read = reading.throws.filter(isRead);
  return (
    <View style={styles.gap}>
      {side}
      {clip.square ? null : <Notice>{texts.theCameraStoodOff}</Notice>}
      {clip.captureFps < goodRate ? (
        <Text variant="bodySmall">{texts.atFramesASecond(Math.round(clip.captureFps), goodRate)}</Text>
      ) : null}
      {reading.throws.length > 1 ? (
        <Choices
          label={texts.throw}
          shown
          value={String(shown)}
          onChange={(n) => show(Number(n))}
          options={reading.throws.map((_, n) => ({ value: String(n), text: String(n + 1) }))}
        />
      ) : null}
      {one && 'wrong' in one ? <Notice alert>{texts.thisThrowCannotBe(one.wrong)}</Notice> : null}
      {one && isRead(one) ? (
        <>
          <Text variant="bodySmall">{texts.whereAnEvent}</Text>
          <Text variant="bodySmall">
            {texts.ofThePointsWere(
              Math.round(100 * one.seen),
              one.swapped ? texts.leftAndRightWere(one.swapped) : '',
            )}
          </Text>
          <View style={styles.row}>
            {(Object.entries(one.events) as [ClipEvent, (typeof one.events)[ClipEvent]][])
              .filter(([, at]) => at !== undefined)
              .sort((a, b) => a[1]!.t - b[1]!.t)
              .map(([event, at]) => (
                <EventLine
                  key={event}
                  event={event}
                  time={at!.t * slowed}
                  off={at!.plusMinusMs}
                  moved={at!.moved === true}
                  state={state}
                />
              ))}
          </View>
        </>
      ) : null}
      {read.length ? (
        <Figures reading={reading} shown={shown} onShow={(t) => state.seek(t * slowed + withinFrame)} />
      ) : null}
      {one && isRead(one) ? (
        <PlaneSpeeds film={film} size={kept.tracked.size} frames={framesOf(kept, shown)} reading={one} />
      ) : null}
      {read.length ? <Saved name={clip.name} kept={kept} reading={reading} fps={clip.captureFps} /> : null}
      {read.length ? (
        <Offered athlete={athlete} state={state} kept={kept} reading={reading} film={film} />
      ) : null}
    </View>
  );
}

const TargetSide = ({ towards, setTowards }: Pick<Props, 'towards' | 'setTowards'>) => (
  <Choices
    label={texts.theTarget}
    shown
    value={towards}
    onChange={(side) => (side ? setTowards(side) : undefined)}
    options={[
      { value: 'left', text: texts.leftOfThePicture },
      { value: 'right', text: texts.right },
    ]}
  />
);

const framesOf = ({ tracked }: KeptTrack, n: number) =>
  tracked.throws.filter(({ whole }) => whole)[n]!.frames;

interface SavedProps {
  name: string;
  kept: KeptTrack;
  reading: ThrowsReading;
  fps: number;
}

/** Takes figures and points along, as files that other tools read. */
function Saved({ name, kept, reading, fps }: SavedProps) {
  const base = name.replace(/\.\w+$/, '');
  const { size, throws } = kept.tracked;
  return (
    <View style={styles.row}>
      <Button
        mode="outlined"
        compact
        onPress={() =>
          saveFile(new Blob([writeReading(reading)], { type: 'text/csv' }), `${base}-figures.csv`)
        }
      >
        {texts.figuresAsCsv}
      </Button>
      <Button
        mode="outlined"
        compact
        onPress={() => {
          const frames = throws.flatMap((one) => one.frames);
          const text = writeKeypointFile({ fps, size, frames });
          saveFile(new Blob([text], { type: 'application/json' }), `${base}-points.json`);
        }}
      >
        {texts.pointsAsJson}
      </Button>
    </View>
  );
}

interface EventProps {
  event: ClipEvent;
  /** s of the file. */
  time: number;
  off: number;
  moved: boolean;
  state: FilmState;
}

/** An event: a tap goes there, and the frame that is shown can take its place. */
function EventLine({ event, time, off, moved, state }: EventProps) {
  const { clip, seek, mark, time: now } = state;
  const here = Math.abs(frameAt(now, clip!.fps) - frameAt(time, clip!.fps)) < 1;
  return (
    <View style={styles.event}>
      <Button
        mode={here ? 'contained-tonal' : 'outlined'}
        compact
        accessibilityLabel={texts.show2(eventName(event))}
        onPress={() => seek(time + withinFrame)}
        contentStyle={styles.tall}
      >
        {texts.msSetByHand(eventName(event), frameAt(time, clip!.fps), Math.round(off), moved)}
      </Button>
      {moved ? (
        <Button
          mode="text"
          compact
          accessibilityLabel={texts.resetToTheFilms(eventName(event))}
          onPress={() => mark(event, null)}
          contentStyle={styles.tall}
        >
          {texts.reset}
        </Button>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  gap: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  event: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap' },
  tall: { minHeight: 44 },
});
