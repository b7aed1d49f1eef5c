import {
  clipViews,
  type LookPage,
  type ClipRecord,
  type DrawingKind,
  type PicturePoint,
} from '@wrightonic/contract';
import { frameAt, sayLength } from '@wrightonic/core';
import { useLayoutEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { v7 } from 'uuid';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useMe } from '../../../store/useAthlete';
import { viewNames } from '../../../ui/words/kindWords';
import { Card } from '../../../ui/Card/Card';
import { Choices } from '../../../ui/form/Choices';
import { Notice, ErrorNotice, Waiting } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { useColours } from '../../../theme/theme';
import { Heading } from '../../../ui/Screen/Screen';
import { useWide } from '../../../ui/hooks/useWide';
import { eventsFor } from './events';
import { frameAsPng } from './exportFrame';
import { saveFile } from '../../../ui/ImportPreview/saveFile';
import { Marks } from './Marks';
import { figureWords, Measures, toolNames } from './Measures';
import { Overlay } from './Overlay';
import { Rates } from './Rates';
import { PlayRow, Timeline } from './Timeline';
import { useClip } from './useClip';

interface Props {
  athlete: LookPage['athlete'];
  file: File;
  hash: string;
  clips: readonly ClipRecord[];
  onClose: (why?: string) => void;
}

const rubberCm = 60.96;
const tools = Object.keys(toolNames) as DrawingKind[];
/** A drawing belongs to a frame; one this near is of the same, s. */
const sameFrame = 0.004;

/** A clip that is open: the picture with its drawings, frame by frame, events and measures beside it. */
export function Bench({ athlete, file, hash, clips, onClose }: Props) {
  const wide = useWide();
  const own = useColours();
  const state = useClip({ athleteId: athlete.id, file, hash, clips, onUnreadable: onClose });
  const { video, url, ready, time, clip, step, seek, draw, mark, tell, exact } = state;
  const [tool, setTool] = useState<DrawingKind | null>(null);
  const { sizeUnit } = useMe().person;
  const [scaled, setScaled] = useState<'height' | 'rubber'>(athlete.heightCm ? 'height' : 'rubber');
  const [keep, keeping] = lazyEndpoints.useKeepPictureMutation();
  const [showPicture] = lazyEndpoints.useShowPictureMutation();
  const [said, setSaid] = useState('');
  const afterE = useRef(false);

  // Before the frame is drawn, so that a key never marks the frame before the one that is seen.
  useLayoutEffect(() => {
    const letters = new Map(eventsFor[athlete.discipline].map(([event, letter]) => [letter, event]));
    const pressed = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.ctrlKey || event.metaKey || event.altKey || /^(input|textarea|select)$/i.test(target.tagName))
        return;
      const marking = afterE.current;
      afterE.current = !marking && event.key === 'e';
      const named = marking ? letters.get(event.key) : undefined;
      const way = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
      if (named) mark(named, time);
      else if (way) step(way * (event.shiftKey ? 10 : 1));
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  });

  const here = (clip?.drawings ?? []).filter((drawing) => Math.abs(drawing.time - time) <= sameFrame);
  const scale = clip?.drawings.filter(({ type }) => type === 'scale') ?? [];
  // A scale holds for the whole clip.
  const shown = [...here, ...scale.filter((each) => !here.includes(each))];
  const figure = (drawing: ClipRecord['drawings'][number]) => (clip ? figureWords(drawing, clip) : '');
  const drawnNow = (points: PicturePoint[]) => {
    const lengthCm = tool === 'scale' ? (scaled === 'height' ? athlete.heightCm : rubberCm) : null;
    // One scale a clip: a new one takes the place of the old.
    const old = tool === 'scale' ? scale[0] : undefined;
    draw({ ...(old ? { id: old.id } : {}), type: tool!, time, points, measure: '', lengthCm });
    setTool(null);
  };
  const words = clip ? `Frame ${frameAt(time, clip.fps)}, ${time.toFixed(3)} s` : '';
  const picture = () =>
    frameAsPng(video.current!, shown, figure, `${athlete.givenName}, ${words.toLowerCase()}`);
  const save = async () =>
    saveFile(await picture(), `${athlete.givenName.toLowerCase()}-frame-${frameAt(time, clip!.fps)}.png`);
  const putUp = async () => {
    setSaid('');
    const id = v7();
    const answer = await keep({
      athleteId: athlete.id,
      clipId: clip!.id,
      id,
      time,
      note: words,
      png: await picture(),
    });
    if ('error' in answer) return;
    await showPicture({ athleteId: athlete.id, id, shown: true });
    setSaid('The picture stands on the profile; it can be taken down there.');
  };
  const screen = (
    <View style={styles.gap}>
      <div
        style={{
          position: 'relative',
          // In its true proportions, and never higher than leaves room for the rest.
          ...(clip
            ? {
                aspectRatio: `${clip.width} / ${clip.height}`,
                width: `min(100%, calc(${wide ? '56vh' : '46vh'} * ${clip.width / clip.height}))`,
                margin: '0 auto',
              }
            : { width: '100%' }),
          background: '#10191C',
          borderRadius: 8,
          overflow: 'hidden',
        }}
      >
        {url ? (
          <video
            ref={video}
            src={url}
            muted
            playsInline
            preload="auto"
            aria-label={`Clip ${file.name}`}
            onLoadedMetadata={state.loaded}
            onError={() =>
              onClose(
                `${file.name} cannot be read as a video here. Open an MP4 or a WebM. Nothing was changed.`,
              )
            }
            onEnded={state.pause}
            style={{
              display: 'block',
              width: '100%',
              ...(clip ? { height: '100%' } : { maxHeight: '46vh' }),
            }}
          />
        ) : null}
        {ready ? (
          <Overlay
            drawings={shown}
            tool={tool}
            figure={figure}
            onDrawn={drawnNow}
            onMoved={(drawing, points) => draw({ ...drawing, points })}
          />
        ) : null}
      </div>
      {ready && clip ? (
        <>
          <View style={styles.row}>
            <Button mode="outlined" compact accessibilityLabel="Ten frames back" onPress={() => step(-10)}>
              −10
            </Button>
            <IconButton
              mode="outlined"
              icon="chevron-left"
              accessibilityLabel="One frame back"
              onPress={() => step(-1)}
            />
            <Text variant="titleMedium" role="status" style={styles.grow}>
              {words}
            </Text>
            <IconButton
              mode="outlined"
              icon="chevron-right"
              accessibilityLabel="One frame on"
              onPress={() => step(1)}
            />
            <Button mode="outlined" compact accessibilityLabel="Ten frames on" onPress={() => step(10)}>
              +10
            </Button>
          </View>
          <PlayRow state={state} />
          <Timeline clip={clip} onSeek={seek} />
          <input
            type="range"
            min={0}
            max={clip.seconds}
            step={1 / clip.fps}
            value={time}
            aria-label="Where the clip stands"
            onChange={(event) => seek(Number(event.target.value) + 0.0005)}
            onKeyDown={(event) => event.preventDefault()}
            style={{ width: '100%', minHeight: 44, accentColor: own.dusk }}
          />
          <Choices<DrawingKind | null>
            label="Draw"
            value={tool}
            onChange={(next) => setTool(next === tool ? null : next)}
            options={tools.map((value) => ({ value, text: toolNames[value] }))}
          />
          {tool ? (
            <Text role="status">
              {tool === 'angle'
                ? 'Tap three points; the angle is at the second.'
                : tool === 'scale'
                  ? 'Tap both ends of what the scale is.'
                  : 'Tap two points.'}
            </Text>
          ) : null}
          {tool === 'scale' && athlete.heightCm ? (
            <Choices<'height' | 'rubber'>
              label="The scale is"
              shown
              value={scaled}
              onChange={setScaled}
              options={[
                { value: 'height', text: `Body height, ${sayLength(athlete.heightCm, sizeUnit)}` },
                { value: 'rubber', text: 'The rubber, 61 cm' },
              ]}
            />
          ) : null}
        </>
      ) : (
        <Waiting what="Reading the clip" />
      )}
    </View>
  );
  const beside =
    ready && clip ? (
      <View style={styles.gap}>
        <Marks state={state} discipline={athlete.discipline} />
        <Measures athlete={athlete} state={state} />
        <Card>
          <Rates clip={clip} exact={exact} onTell={tell} />
          <Choices
            label="Seen from"
            shown
            value={clip.view}
            onChange={(view) => tell({ view })}
            options={clipViews.map((value) => ({ value, text: viewNames[value] }))}
          />
          <Choices
            label="Camera"
            shown
            value={clip.square ? 'square' : 'askew'}
            onChange={(choice) => tell({ square: choice === 'square' })}
            options={[
              { value: 'square', text: 'Square to the motion' },
              { value: 'askew', text: 'Not square' },
            ]}
          />
        </Card>
        <View style={styles.row}>
          <Button mode="outlined" onPress={() => void save()} style={styles.grow}>
            Save the frame as PNG
          </Button>
          <Button
            mode="outlined"
            loading={keeping.isLoading}
            onPress={() => void putUp()}
            style={styles.grow}
          >
            Show it on the profile
          </Button>
        </View>
        {keeping.error ? <ErrorNotice error={keeping.error} /> : null}
        {said ? <Text role="status">{said}</Text> : null}
        <Notice icon="movie-open">
          {`${file.name} stays on this device. Marks and measures are kept; to go on later, the same file is asked for.`}
        </Notice>
      </View>
    ) : null;
  return (
    <Pane maxWidth={1400}>
      <View style={styles.row}>
        <Button mode="text" icon="chevron-left" onPress={() => onClose()}>
          All clips
        </Button>
        <Heading>{file.name}</Heading>
      </View>
      {wide ? (
        <View style={styles.beside}>
          <View style={styles.left}>{screen}</View>
          <View style={styles.right}>{beside}</View>
        </View>
      ) : (
        <>
          {screen}
          {beside}
        </>
      )}
    </Pane>
  );
}

const styles = StyleSheet.create({
  gap: { gap: 8 },
  row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 6 },
  grow: { flex: 1, textAlign: 'center' },
  beside: { flexDirection: 'row', gap: 16, alignItems: 'flex-start' },
  left: { flex: 3, minWidth: 0 },
  right: { flex: 2, minWidth: 0 },
});
