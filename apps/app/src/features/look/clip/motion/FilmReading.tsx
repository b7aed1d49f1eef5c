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
import { Button, Text } from 'react-native-paper';
import type { KeptTrack } from '../../../../offline/database';
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
        <Notice>
          {side
            ? 'The feet do not tell where the target is. Say it here.'
            : 'Joints are read from the side, the front or from behind. Say where the camera stood.'}
        </Notice>
        {side}
      </>
    );
  if (!reading)
    return kept.tracked.throws.some(({ whole }) => whole) ? <Text role="status">Working it out</Text> : null;
  const one = reading.throws[shown];
  const slowed = slowedBy(clip);
  const read = reading.throws.filter(isRead);
  return (
    <View style={styles.gap}>
      {side}
      {clip.square ? null : (
        <Notice>The camera stood off its side: angles come out too small by an unknown amount.</Notice>
      )}
      {clip.captureFps < goodRate ? (
        <Text variant="bodySmall">
          {`At ${Math.round(clip.captureFps)} frames a second plant and release are known to a frame or two. A camera at ${goodRate} or more says more.`}
        </Text>
      ) : null}
      {reading.throws.length > 1 ? (
        <Choices
          label="Throw"
          shown
          value={String(shown)}
          onChange={(n) => show(Number(n))}
          options={reading.throws.map((_, n) => ({ value: String(n), text: String(n + 1) }))}
        />
      ) : null}
      {one && 'wrong' in one ? <Notice alert>{`This throw cannot be read: ${one.wrong}.`}</Notice> : null}
      {one && isRead(one) ? (
        <>
          <Text variant="bodySmall">
            Where an event is off, drag it under the picture, or mark it by hand: the figures follow.
          </Text>
          <Text variant="bodySmall">
            {`${Math.round(100 * one.seen)} % of the points were seen${one.swapped ? `; left and right were put back in ${one.swapped} ${one.swapped === 1 ? 'frame' : 'frames'}` : ''}.`}
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
        <Figures reading={reading} shown={shown} onShow={(t) => state.seek(t * slowed + 0.0005)} />
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
    label="The target is on the"
    shown
    value={towards}
    onChange={(side) => (side ? setTowards(side) : undefined)}
    options={[
      { value: 'left', text: 'Left of the picture' },
      { value: 'right', text: 'Right' },
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
        Figures as CSV
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
        Points as JSON
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
        accessibilityLabel={`Show ${eventName(event)}`}
        onPress={() => seek(time + 0.0005)}
        contentStyle={styles.tall}
      >
        {`${eventName(event)} · ${frameAt(time, clip!.fps)}, ± ${Math.round(off)} ms${moved ? ', set by hand' : ''}`}
      </Button>
      {moved ? (
        <Button
          mode="text"
          compact
          accessibilityLabel={`Put ${eventName(event)} back where the film says`}
          onPress={() => mark(event, null)}
          contentStyle={styles.tall}
        >
          Put back
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
