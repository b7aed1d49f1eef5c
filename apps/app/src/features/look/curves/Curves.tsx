import type { CurveRecord, CurveResult, LookPage } from '@wrightonic/contract';
import { normsWith, levelOf } from '@wrightonic/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { log } from '../../../offline/log';
import { curvesWith } from '../../../offline/measured';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useAppDispatch } from '../../../store/store';
import { useAthlete, useMe, useToday } from '../../../store/useAthlete';
import { useClips } from '../../../store/useClips';
import { useWithPendingEvents } from '../../../store/useMeasured';
import { Card } from '../../../ui/Card/Card';
import { dayWords } from '../../../ui/words/days';
import { FilePick } from '../../../ui/ImportPreview/FilePick';
import { FigureField } from '../../../ui/form/FigureField';
import { figureIn } from '../../../ui/form/typedFigure';
import { Empty, Notice, ErrorNotice, Waiting, NotRead } from '../../../ui/Notice/Notice';
import { Pane } from '../../../ui/Screen/Pane';
import { PressableCard } from '../../../ui/PressableCard/PressableCard';
import { Heading } from '../../../ui/Screen/Screen';
import { readInWorker } from '../../../workers/curves';
import { BackToLook } from '../BackToLook';
import { isMarkers } from '../clip/file';
import { LabFile } from '../lab/LabFile';
import { CurveResults } from './CurveResults';
import { texts } from './texts';
import { Button } from '../../../ui/Button/Button';

const maxBytes = 60_000_000;

/** A file of speed curves: read in a worker, looked at, kept. */
function useCurveFile(page: LookPage | null, onKept: () => void) {
  const { academy } = useMe();
  const dispatch = useAppDispatch();
  const [file, setFile] = useState<{ name: string; text: string } | null>(null);
  const [plant, setPlant] = useState('');
  const [release, setRelease] = useState('');
  const [cutoff, setCutoff] = useState('20');
  const [read, setRead] = useState<{ result: CurveResult; readMs: number; ms: number } | null>(null);
  const [wrong, setWrong] = useState('');
  const [busy, setBusy] = useState<(() => void) | null>(null);

  const run = async (name: string, text: string) => {
    const number = (typed: string): number | undefined => (typed.trim() === '' ? undefined : figureIn(typed));
    const [at, hz, thrown] = [number(plant), number(cutoff), number(release)];
    if (at !== undefined && Number.isNaN(at)) return setWrong(texts.plantMustBe);
    if (thrown !== undefined && Number.isNaN(thrown)) return setWrong(texts.releaseMustBe);
    if (hz !== undefined && !(hz > 0)) return setWrong(texts.theCutOffMust);
    setWrong('');
    const work = readInWorker(text, {
      discipline: page!.athlete.discipline,
      level: levelOf(page!.athlete),
      norms: normsWith(page!.norms),
      ...(at === undefined ? {} : { plant: at }),
      ...(thrown === undefined ? {} : { release: thrown }),
      ...(hz === undefined ? {} : { cutoff: hz }),
    });
    setBusy(() => work.stop);
    const answer = await work.answer;
    setBusy(null);
    if (answer.wrong !== undefined) {
      setRead(null);
      return setWrong(texts.nothingWasImported(name, answer.wrong));
    }
    setRead(answer);
    onKept();
  };
  const open = async (picked: File) => {
    const text = await picked.text();
    setFile({ name: picked.name, text });
    await run(picked.name, text);
  };
  const keep = () => {
    dispatch(
      log(page!.athlete.id, 'curves-read', {
        athleteId: page!.athlete.id,
        zone: academy.zone,
        name: file!.name.slice(0, 200),
        result: read!.result,
      }),
    );
    setRead(null);
    setFile(null);
  };
  const fields = [
    { label: texts.plantAtS, value: plant, onChange: setPlant },
    { label: texts.releaseAtS, value: release, onChange: setRelease },
    { label: texts.lowPassHz, value: cutoff, onChange: setCutoff },
  ];
  return {
    file,
    fields,
    read,
    wrong,
    busy,
    open,
    again: () => file && void run(file.name, file.text),
    stop: () => {
      busy?.();
      setBusy(null);
    },
    keep,
  };
}

/** Speed curves: a file in, the order of the delivery out. */
export function Curves() {
  const { id, page, error: unread, again } = useAthlete('look');
  const { person } = useMe();
  const today = useToday();
  const { data, error, refetch } = lazyEndpoints.useCurvesQuery(id);
  const readings = useWithPendingEvents(data, (stored, entries) =>
    curvesWith(stored, entries, id, person.name),
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const [markers, setMarkers] = useState<File | null>(null);
  const { clips } = useClips(id);
  const {
    file,
    fields,
    read,
    wrong,
    busy,
    open,
    again: readAgain,
    stop,
    keep,
  } = useCurveFile(page ?? null, () => setChosen(null));
  if (!page) return <NotRead error={unread} again={again} />;
  if (!readings)
    return error ? (
      <ErrorNotice error={error} again={() => void refetch()} />
    ) : (
      <Waiting what={texts.readingTheCurves} />
    );

  if (markers)
    return (
      <LabFile athlete={page.athlete} file={markers} clips={clips ?? []} onClose={() => setMarkers(null)} />
    );
  const kept: CurveRecord | undefined =
    readings.find((each) => each.id === chosen) ?? (read ? undefined : readings[0]);
  return (
    <Pane>
      <BackToLook athleteId={id} title={texts.speedCurves} />
      <FilePick
        label={texts.openSpeedCurvesOr}
        accept=".csv,.trc,text/csv,text/plain"
        maxBytes={maxBytes}
        onFile={(each) => (isMarkers(each) ? setMarkers(each) : void open(each))}
      />
      <View style={styles.row}>
        {fields.map((field) => (
          <FigureField key={field.label} {...field} />
        ))}
      </View>
      {file ? (
        <Button mode="outlined" disabled={busy !== null} onPress={readAgain}>
          {texts.readAgain(file.name)}
        </Button>
      ) : null}
      {busy ? (
        <View>
          <Waiting what={texts.readingTheCurves} />
          <Button onPress={stop}>{texts.stop}</Button>
        </View>
      ) : null}
      {wrong ? <Notice alert>{wrong}</Notice> : null}
      {read ? (
        <Card>
          <Heading level={3}>{file!.name}</Heading>
          <CurveResults result={read.result} />
          <Text variant="bodySmall" testID={`ms-${Math.round(read.ms)}`}>
            {texts.theFileStays}
          </Text>
          <Button mode="contained" onPress={keep} contentStyle={{ minHeight: 48 }}>
            {texts.saveAndOffer}
          </Button>
        </Card>
      ) : null}
      {kept ? (
        <Card>
          <Heading level={3}>{`${kept.name}, ${dayWords(kept.date, today)}`}</Heading>
          <CurveResults result={kept.result} />
          {kept.result.evidence.length ? (
            <Button mode="outlined" onPress={() => router.navigate(`/athletes/${id}/look`)}>
              {texts.goToLook}
            </Button>
          ) : null}
        </Card>
      ) : null}
      {readings.length > 1
        ? readings.map((each) => (
            <PressableCard key={each.id} chosen={kept?.id === each.id} onPress={() => setChosen(each.id)}>
              <Text>{`${dayWords(each.date, today)}: ${each.name}`}</Text>
            </PressableCard>
          ))
        : null}
      {!readings.length && !read ? <Empty>{texts.aMotionFileAs}</Empty> : null}
    </Pane>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: 8 } });
