import type { LookPage } from '@wrightonic/contract';
import { useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { ProgressBar, Text } from 'react-native-paper';
import { Card } from '../../../../ui/Card/Card';
import { Notice } from '../../../../ui/Notice/Notice';
import { Heading } from '../../../../ui/Screen/Screen';
import type { ClipState } from '../useClip';
import { FilmReading } from './FilmReading';
import type { Reading } from './useReading';
import { isWhole, type Running, type Tracking } from './useTracking';
import { texts } from './texts';
import { Button } from '../../../../ui/Button/Button';

const stepWords: Record<Running['step'], string> = {
  fetching: texts.fetchingTheTracker,
  finding: texts.lookingForTheThrow,
  following: texts.followingTheBody,
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
      <Heading level={3}>{texts.jointsFromTheFilm}</Heading>
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
          {texts.trackItAgain}
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
        {texts.stop}
      </Button>
    </>
  );
}

/** What tracking does, before it was done. */
function ToBegin({ tracking, begun }: { tracking: Tracking; begun: boolean }) {
  const { picking, setPicking, who, part, begin, goOn } = tracking;
  return (
    <>
      <Text>{begun ? texts.stoppedBeforeTheEnd : texts.theJoints}</Text>
      {part ? (
        <Text variant="bodySmall">{texts.thisFilmIsLong(Math.round(part[0]), Math.round(part[1]))}</Text>
      ) : null}
      {picking ? <Notice>{texts.tapTheOneWhoThrows}</Notice> : null}
      <View style={styles.row}>
        <Button mode="contained" onPress={begun ? goOn : begin} contentStyle={styles.tall}>
          {begun ? texts.continue : texts.trackTheThrows}
        </Button>
        {begun ? (
          <Button mode="outlined" onPress={begin} contentStyle={styles.tall}>
            {texts.trackFromTheBeginning}
          </Button>
        ) : null}
        <Button mode="text" onPress={() => setPicking(!picking)} contentStyle={styles.tall}>
          {picking ? texts.nobodyElse : who ? texts.tapAnotherOne : texts.thereAreSeveralPeople}
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
