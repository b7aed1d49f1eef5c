import type { ClipRecord, LookPage } from '@wrightonic/contract';
import { frameAt } from '@wrightonic/core';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useWide } from '../../../ui/hooks/useWide';
import { Notice, Waiting } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { Heading } from '../../../ui/Screen/Screen';
import { useWholeWidth } from '../../../ui/Screen/wholeWidth';
import { whyUnplayed } from './unplayed';
import { DrawTools } from './DrawTools';
import { frameAsPng } from './exportFrame';
import { FrameControls } from './FrameControls';
import { HowFilmed } from './HowFilmed';
import { KeepFrame } from './KeepFrame';
import { Marks } from './Marks';
import { figureWords, Measures } from './Measures';
import { flagsOf } from './motion/flags';
import { MotionCard } from './motion/MotionCard';
import { useReading } from './motion/useReading';
import { Skeleton } from './motion/Skeleton';
import { useTracking } from './motion/useTracking';
import { Overlay } from './Overlay';
import { useClip } from './useClip';
import { useClipKeys } from './useClipKeys';
import { useDrawings } from './useDrawings';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

interface Props {
  athlete: LookPage['athlete'];
  file: File;
  hash: string;
  clips: readonly ClipRecord[];
  onClose: (why?: string) => void;
}

/** A clip that is open: the picture with its drawings, frame by frame, events and measures beside it. */
export function Bench({ athlete, file, hash, clips, onClose }: Props) {
  const wide = useWide();
  useWholeWidth(wide);
  const state = useClip({ athleteId: athlete.id, file, hash, clips, onUnreadable: onClose });
  const { video, ready, time, clip } = state;
  const drawings = useDrawings(athlete, state);
  const tracking = useTracking({ athlete, file, clip, time, onTracked: state.seek });
  const read = useReading(athlete, clip, tracking.kept);
  useClipKeys(athlete.discipline, state);

  const figure = (drawing: ClipRecord['drawings'][number]) => (clip ? figureWords(drawing, clip) : '');
  const words = clip ? texts.frameS(frameAt(time, clip.fps), time.toFixed(3)) : '';
  const picture = (
    <ClipPicture
      file={file}
      wide={wide}
      state={state}
      drawings={drawings}
      tracking={tracking}
      figure={figure}
      onClose={onClose}
    />
  );
  const controls = (
    <View style={styles.gap}>
      {ready && clip ? (
        <>
          <FrameControls
            state={state}
            clip={clip}
            words={words}
            flags={flagsOf(clip, read.reading, read.shown)}
          />
          <DrawTools
            athlete={athlete}
            tool={drawings.tool}
            onTool={drawings.setTool}
            scaled={drawings.scaled}
            onScaled={drawings.setScaled}
          />
        </>
      ) : (
        <Waiting what={texts.readingTheClip} />
      )}
    </View>
  );
  const beside =
    ready && clip ? (
      <View style={styles.gap}>
        <MotionCard athlete={athlete} state={state} tracking={tracking} read={read} />
        <Marks state={state} discipline={athlete.discipline} />
        <Measures athlete={athlete} state={state} />
        <HowFilmed clip={clip} exact={state.exact} tell={state.tell} />
        <KeepFrame
          athlete={athlete}
          clip={clip}
          time={time}
          words={words}
          picture={() =>
            frameAsPng(video.current!, drawings.shown, figure, `${athlete.givenName}, ${words.toLowerCase()}`)
          }
        />
        <Notice icon="movie-open">{texts.staysOnThisDevice(file.name)}</Notice>
      </View>
    ) : null;
  const title = (
    <View style={styles.row}>
      <Button mode="text" icon="chevron-left" onPress={() => onClose()}>
        {texts.allClips}
      </Button>
      <Heading>{file.name}</Heading>
    </View>
  );
  if (wide)
    return (
      <View style={styles.wide}>
        {title}
        <View style={styles.beside}>
          <ScrollView style={styles.left} contentContainerStyle={styles.gap} tabIndex={0}>
            {picture}
            {controls}
          </ScrollView>
          {/* Scrolls by itself: whatever is read there, the picture stays where it is. */}
          <ScrollView style={styles.right} contentContainerStyle={styles.gap} tabIndex={0}>
            {beside}
          </ScrollView>
        </View>
      </View>
    );
  return (
    // On a phone the picture stays in sight, whatever of its figures is read.
    <Pane head={picture}>
      {title}
      {controls}
      {beside}
    </Pane>
  );
}

interface PictureProps extends Pick<Props, 'file' | 'onClose'> {
  wide: boolean;
  state: ReturnType<typeof useClip>;
  drawings: ReturnType<typeof useDrawings>;
  tracking: ReturnType<typeof useTracking>;
  figure: (drawing: ClipRecord['drawings'][number]) => string;
}

/** The film with what is drawn over it. */
function ClipPicture({ file, wide, state, drawings, tracking, figure, onClose }: PictureProps) {
  const { video, url, ready, time, clip } = state;
  return (
    <div style={frameStyle(clip, wide)}>
      {url ? (
        <video
          ref={video}
          src={url}
          muted
          playsInline
          preload="auto"
          aria-label={texts.clip(file.name)}
          onLoadedMetadata={state.loaded}
          onError={() => void whyUnplayed(file, texts.cannotBeReadAs(file.name)).then(onClose)}
          onEnded={state.pause}
          style={{
            display: 'block',
            width: '100%',
            ...(clip ? { height: '100%' } : { maxHeight: '34vh' }),
          }}
        />
      ) : null}
      {ready ? (
        <Overlay
          drawings={drawings.shown}
          tool={drawings.tool}
          figure={figure}
          onDrawn={drawings.drawn}
          onMoved={drawings.moved}
        />
      ) : null}
      {ready && clip && (tracking.kept || tracking.picking || tracking.who) ? (
        <Skeleton tracking={tracking} clip={clip} time={time} />
      ) : null}
    </div>
  );
}

/** In its true proportions, and never higher than leaves room for the rest. */
const frameStyle = (clip: ClipRecord | undefined, wide: boolean) =>
  ({
    position: 'relative',
    ...(clip
      ? {
          aspectRatio: `${clip.width} / ${clip.height}`,
          width: `min(100%, calc(${wide ? '56vh' : '34vh'} * ${clip.width / clip.height}))`,
          margin: '0 auto',
        }
      : { width: '100%' }),
    background: '#10191C',
    borderRadius: 8,
    overflow: 'hidden',
  }) as const;

const styles = StyleSheet.create({
  gap: { gap: 8 },
  row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 6 },
  wide: { flex: 1, minHeight: 0, paddingHorizontal: 16, gap: 8 },
  beside: { flex: 1, minHeight: 0, flexDirection: 'row', gap: 16 },
  left: { flex: 3, minWidth: 0 },
  right: { flex: 2, minWidth: 0 },
});
