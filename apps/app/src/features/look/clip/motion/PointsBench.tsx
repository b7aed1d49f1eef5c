import type { ClipRecord, LookPage } from '@wrightonic/contract';
import { frameAt } from '@wrightonic/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useAppDispatch } from '../../../../store/store';
import { useWide } from '../../../../ui/hooks/useWide';
import { Notice } from '../../../../ui/Notice/Notice';
import { Pane } from '../../../../ui/Screen/Pane';
import { Card } from '../../../../ui/Card/Card';
import { Heading } from '../../../../ui/Screen/Screen';
import { HowFilmed } from '../HowFilmed';
import { Timeline } from '../Timeline';
import { clipLog } from '../useClip';
import { FilmReading } from './FilmReading';
import { flagsOf } from './flags';
import { Skeleton } from './Skeleton';
import { useReading } from './useReading';
import { useKept } from './useTracking';
import { texts } from './texts';
import { Button } from '../../../../ui/Button/Button';

interface Props {
  athlete: LookPage['athlete'];
  clip: ClipRecord;
  onClose: () => void;
}

/** Points that another tool tracked: what a film says, without its film. */
export function PointsBench({ athlete, clip, onClose }: Props) {
  const wide = useWide();
  const dispatch = useAppDispatch();
  const { kept, keep } = useKept(clip.id);
  const read = useReading(athlete, clip, kept);
  const [time, setTime] = useState(kept?.tracked.throws[0]?.fastest ?? 0);
  const { mark, tell } = clipLog(dispatch, athlete.id, clip);
  const seek = (to: number) => setTime(Math.max(0, Math.min(clip.seconds, to)));
  if (kept === null)
    return (
      <Pane>
        <Notice alert>{texts.thePointsOfAre(clip.name)}</Notice>
        <Button mode="text" icon="chevron-left" onPress={onClose}>
          {texts.allClips}
        </Button>
      </Pane>
    );
  if (!kept) return null;
  const picture = (
    <div
      style={{
        position: 'relative',
        aspectRatio: `${clip.width} / ${clip.height}`,
        width: `min(100%, calc(34vh * ${clip.width / clip.height}))`,
        margin: '0 auto',
        background: '#10191C',
      }}
    >
      <Skeleton
        tracking={{ kept, who: null, picking: false, pick: () => undefined }}
        clip={clip}
        time={time}
      />
    </div>
  );
  const state = { clip, time, seek, mark };
  return (
    <Pane maxWidth={760} head={wide ? null : picture}>
      <View style={styles.row}>
        <Button mode="text" icon="chevron-left" onPress={onClose}>
          {texts.allClips}
        </Button>
        <Heading>{clip.name}</Heading>
      </View>
      {wide ? picture : null}
      <View style={styles.row}>
        {[-1, 1].map((by) => (
          <Button
            key={by}
            mode="outlined"
            accessibilityLabel={by < 0 ? texts.oneFrameBack : texts.oneFrameOn}
            onPress={() => seek(time + by / clip.fps)}
          >
            {by < 0 ? texts.back : texts.onWord}
          </Button>
        ))}
        <Text variant="titleMedium">{texts.frameS(frameAt(time, clip.fps), time.toFixed(3))}</Text>
      </View>
      <Timeline {...flagsOf(clip, read.reading, read.shown)} fps={clip.fps} onSeek={seek} onMove={mark} />
      <Card>
        <Heading level={3}>{texts.jointsFromTheFile}</Heading>
        <FilmReading
          athlete={athlete}
          state={state}
          kept={kept}
          setTowards={(towards) => keep({ ...kept, towards })}
          {...read}
        />
      </Card>
      <HowFilmed clip={clip} exact tell={tell} />
    </Pane>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 6 },
});
