import type { ClipRecord } from '@wrightonic/contract';
import { useState } from 'react';
import { Text } from 'react-native-paper';
import { PointsBench } from './motion/PointsBench';
import { useTakePoints } from './motion/useTakePoints';
import { useAthlete, useToday } from '../../../store/useAthlete';
import { useClips } from '../../../store/useClips';
import { Card } from '../../../ui/Card/Card';
import { dayWords } from '../../../ui/words/days';
import { FilePick } from '../../../ui/ImportPreview/FilePick';
import { Empty, Notice, ErrorNotice, Waiting, NotRead } from '../../../ui/Notice/Notice';
import { Motions } from '../../../ui/motions/Motions';
import { Pane } from '../../../ui/Screen/Pane';
import { useWide } from '../../../ui/hooks/useWide';
import { BackToLook } from '../BackToLook';
import { Bench } from './Bench';
import { films, hashOf, isMarkers, isPoints, maxFilmBytes } from './file';
import { PickTwo } from './two/PickTwo';
import { LabFile } from '../lab/LabFile';
import { Film } from './Film';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const maxPointBytes = 100_000_000;

interface Opened {
  file: File;
  hash: string;
  /** The clip that is known already. */
  clip: ClipRecord | null;
}

/** The clip bench: open or film a clip, step through it, mark and measure. */
export function ClipBench() {
  const { id, page, error: unread, again } = useAthlete('look');
  const takePoints = useTakePoints();
  const today = useToday();
  const wide = useWide();
  const { clips, error, again: askAgain } = useClips(id);
  const [opened, setOpened] = useState<Opened | null>(null);
  const [wrong, setWrong] = useState('');
  const [filming, setFilming] = useState(false);
  const [points, setPoints] = useState<string | null>(null);
  const [markers, setMarkers] = useState<File | null>(null);
  const [two, setTwo] = useState(false);
  if (!page) return <NotRead error={unread} again={again} />;
  if (!clips)
    return error ? <ErrorNotice error={error} again={askAgain} /> : <Waiting what={texts.readingTheClips} />;

  const open = async (file: File, wanted: ClipRecord | null = null) => {
    setWrong('');
    setFilming(false);
    try {
      const hash = await hashOf(file);
      const known = clips.find((clip) => clip.hash === hash && clip.size === file.size) ?? null;
      if (wanted && known?.id !== wanted.id) {
        setOpened(null);
        return setWrong(
          texts.isNotTheClip(file.name, dayWords(wanted.date, today), file.size, wanted.size, wanted.name),
        );
      }
      setOpened({ file, hash, clip: known });
    } catch {
      setOpened(null);
      setWrong(texts.couldNotBeRead(file.name));
    }
  };
  const readPoints = async (file: File) => {
    setWrong('');
    setFilming(false);
    const read = await takePoints(file, page.athlete, clips);
    if ('wrong' in read) setWrong(read.wrong);
    else setPoints(read.id);
  };
  const pointed = clips.find((clip) => clip.id === points);
  if (pointed) return <PointsBench athlete={page.athlete} clip={pointed} onClose={() => setPoints(null)} />;
  if (two) return <PickTwo athlete={page.athlete} clips={clips} onClose={() => setTwo(false)} />;
  if (markers)
    return <LabFile athlete={page.athlete} file={markers} clips={clips} onClose={() => setMarkers(null)} />;
  if (opened)
    return (
      <Bench
        key={opened.hash}
        athlete={page.athlete}
        file={opened.file}
        hash={opened.hash}
        clips={clips}
        onClose={(why) => {
          setOpened(null);
          setWrong(why ?? '');
        }}
      />
    );
  return (
    <Pane maxWidth={wide ? 980 : 760}>
      <BackToLook athleteId={id} title={texts.clipBench} />
      <FilePick
        label={texts.openAClip}
        icon="movie-open"
        accept={films}
        maxBytes={maxFilmBytes}
        onFile={(file) => void open(file)}
      />
      <FilePick
        label={texts.readTrackedPointsOr}
        accept=".json,.trc,application/json"
        maxBytes={maxPointBytes}
        onFile={(file) => (isMarkers(file) ? setMarkers(file) : void readPoints(file))}
      />
      <Button
        mode="outlined"
        icon="camera"
        onPress={() => setFilming(!filming)}
        contentStyle={{ minHeight: 44 }}
      >
        {filming ? texts.closeTheCamera : texts.filmHere}
      </Button>
      <Button mode="outlined" onPress={() => setTwo(true)} contentStyle={{ minHeight: 44 }}>
        {texts.twoFilmsSideBy}
      </Button>
      {filming ? <Film onFilmed={(file) => void open(file)} /> : null}
      {wrong ? <Notice alert>{wrong}</Notice> : null}
      {clips.map((clip) => (
        <KnownClip
          key={clip.id}
          clip={clip}
          onFile={(file) => void open(file, clip)}
          onPoints={() => setPoints(clip.id)}
        />
      ))}
      <Motions athlete={page.athlete} />
      {!clips.length && !filming ? <Empty>{texts.openAClipOfThisDevice}</Empty> : null}
    </Pane>
  );
}

interface KnownProps {
  clip: ClipRecord;
  onFile: (file: File) => void;
  onPoints: () => void;
}

/** A clip that was opened before: what is known of it, and its file asked for again. */
function KnownClip({ clip, onFile, onPoints }: KnownProps) {
  const today = useToday();
  return (
    <Card>
      <Text variant="titleMedium">{`${dayWords(clip.date, today)}: ${clip.name}`}</Text>
      <Text variant="bodySmall">
        {texts.eventsMarkedDrawingsS(
          Object.keys(clip.marks).length,
          clip.drawings.length,
          clip.motion ? texts.jointsTracked : '',
          clip.seconds.toFixed(1),
          clip.fps,
          clip.by,
        )}
      </Text>
      {isMarkers(clip) ? (
        <Text variant="bodySmall">{texts.fromAMotionLab}</Text>
      ) : isPoints(clip) ? (
        <Button mode="outlined" onPress={onPoints} contentStyle={{ minHeight: 44 }}>
          {texts.showThePointsOf(clip.name)}
        </Button>
      ) : (
        <FilePick label={texts.openAgain(clip.name)} accept={films} maxBytes={maxFilmBytes} onFile={onFile} />
      )}
    </Card>
  );
}
