import type { LookPage } from '@wrightonic/contract';
import { useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, ProgressBar, Text } from 'react-native-paper';
import { Card } from '../../../../ui/Card/Card';
import { Notice } from '../../../../ui/Notice/Notice';
import { Heading } from '../../../../ui/Screen/Screen';
import type { ClipState } from '../useClip';
import { FilmReading } from './FilmReading';
import type { Reading } from './useReading';
import { isWhole, type Running, type Tracking } from './useTracking';

const stepWords: Record<Running['step'], string> = {
  fetching: 'Fetching the tracker',
  finding: 'Looking for the throw',
  following: 'Following the body',
};

interface Props {
  athlete: LookPage['athlete'];
  state: ClipState;
  tracking: Tracking;
  read: Reading;
}

/** The film measures itself: joints are followed on this device, and what they say is offered to the look. */
export function MotionCard({ athlete, state, tracking, read }: Props) {
  const { clip } = state;
  const { kept, busy, progress, wrong } = tracking;
  if (!clip || kept === undefined) return null;
  const throws = kept?.tracked.throws ?? [];
  const whole = isWhole(kept);
  return (
    <Card>
      <Heading level={3}>Joints from the film</Heading>
      {wrong ? <Notice alert>{wrong}</Notice> : null}
      {busy ? (
        <HowFar progress={progress} stop={tracking.stop} />
      ) : whole ? null : (
        <ToBegin tracking={tracking} begun={throws.some(({ frames }) => frames.length > 0)} />
      )}
      {kept && !busy ? (
        <FilmReading athlete={athlete} state={state} setTowards={tracking.setTowards} kept={kept} {...read} />
      ) : null}
      {whole && !busy ? (
        <Button mode="text" onPress={tracking.begin} contentStyle={styles.tall}>
          Track it again
        </Button>
      ) : null}
    </Card>
  );
}

function HowFar({ progress, stop }: Pick<Tracking, 'progress' | 'stop'>) {
  const { step, share } = useSyncExternalStore(progress.subscribe, progress.get);
  return (
    <>
      <Text role="status">{`${stepWords[step]}, ${Math.round(100 * share)} %`}</Text>
      {/* It is as high as what holds it. */}
      <View style={styles.bar}>
        <ProgressBar progress={share} />
      </View>
      <Button mode="outlined" onPress={stop} contentStyle={styles.tall}>
        Stop
      </Button>
    </>
  );
}

/** What tracking does, before it was done. */
function ToBegin({ tracking, begun }: { tracking: Tracking; begun: boolean }) {
  const { picking, setPicking, who, part, begin, goOn } = tracking;
  return (
    <>
      <Text>
        {begun
          ? 'It was stopped before the end. What was followed is kept on this device.'
          : 'The joints of the body are followed through the throw, and give events, angles and times with their error. The film stays on this device. The first time, 13 MB are fetched.'}
      </Text>
      {part ? (
        <Text variant="bodySmall">
          {`This film is long: ${Math.round(part[0])} s to ${Math.round(part[1])} s is looked at, around the frame that is shown. Go to the throw first.`}
        </Text>
      ) : null}
      {picking ? <Notice>Tap the one who throws in the picture.</Notice> : null}
      <View style={styles.row}>
        <Button mode="contained" onPress={begun ? goOn : begin} contentStyle={styles.tall}>
          {begun ? 'Go on' : 'Track the throws'}
        </Button>
        {begun ? (
          <Button mode="outlined" onPress={begin} contentStyle={styles.tall}>
            Track from the beginning
          </Button>
        ) : null}
        <Button mode="text" onPress={() => setPicking(!picking)} contentStyle={styles.tall}>
          {picking ? 'Nobody else is in it' : who ? 'Tap another one' : 'There are several people'}
        </Button>
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 6, alignItems: 'center' },
  bar: { height: 4 },
  tall: { minHeight: 44 },
});
