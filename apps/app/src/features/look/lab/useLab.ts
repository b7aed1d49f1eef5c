import type { ClipRecord, LookPage, MotionFigureTaken, MotionOffer } from '@wrightonic/contract';
import { guessMarkers, type MarkerMap } from '@wrightonic/core';
import { useEffect, useState } from 'react';
import { log } from '../../../offline/log';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { settings } from '../../../store/settings';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { useMe } from '../../../store/useAthlete';
import { useWhom } from '../../../ui/hooks/useWhom';
import { labInWorker, type LabAnswer } from '../../../workers/track';
import { hashOf } from '../clip/file';
import { texts } from './texts';

export type LabRead = Extract<LabAnswer, { reading: unknown }>;

/**
 * Reads a file of markers, by the names that are remembered of its lab, and keeps what it says. What this device mapped
 * comes before what the academy knows: somebody may have just put it right here.
 */
export function useLab(athlete: LookPage['athlete'], file: File, clips: readonly ClipRecord[]) {
  const dispatch = useAppDispatch();
  const { zone } = useMe().academy;
  const whom = useWhom(athlete);
  const labs = useAppSelector((state) => state.settings.labs);
  const [answer, setAnswer] = useState<LabAnswer | null>(null);
  const [keptAs, setKeptAs] = useState<string | null>(null);
  const read = async (maps: readonly MarkerMap[]): Promise<LabAnswer> => {
    const { discipline, throws } = athlete;
    const text = await file.text();
    return labInWorker(text, maps, { discipline, throws }, whom);
  };
  const sheets = async (): Promise<MarkerMap[]> => {
    const asked = dispatch(lazyEndpoints.endpoints.markerSheets.initiate());
    const known = await asked.unwrap().catch(() => []);
    asked.unsubscribe();
    return [...labs, ...known];
  };
  const failed = (): LabAnswer => ({ wrong: texts.itCouldNotBe });
  useEffect(() => {
    let gone = false;
    const put = (next: LabAnswer) => (gone ? undefined : setAnswer(next));
    void sheets().then(read).catch(failed).then(put);
    return () => {
      gone = true;
    };
    // oxlint-disable-next-line react/exhaustive-deps -- A file is read once; from then on by the sheet.
  }, [file]);
  const readBy = async (map: MarkerMap) => {
    setAnswer(null);
    const next = await read([map]).catch(failed);
    setAnswer(next);
    if ('reading' in next) dispatch(settings.actions.labRemembered(map));
  };
  const keep = async (of: LabRead, offers: MotionOffer[], figures: MotionFigureTaken[]) => {
    const hash = await hashOf(file);
    const known = clips.find((clip) => clip.hash === hash && clip.size === file.size);
    const name = file.name.slice(0, 200);
    const athleteId = athlete.id;
    const clipId =
      keptAs ??
      known?.id ??
      dispatch(
        log(athleteId, 'clip-opened', {
          athleteId,
          zone,
          name,
          size: file.size,
          hash,
          seconds: of.seconds,
          // A lab has no picture.
          width: 1,
          height: 1,
          fps: of.rate,
          captureFps: of.rate,
          view: 'side',
          square: true,
        }),
      );
    if (!keptAs && !known)
      dispatch(log(athleteId, 'curves-read', { athleteId, zone, name, result: of.result }));
    const { motion, map, names } = of;
    // Names that explain themselves need no sheet.
    const sheet = JSON.stringify(map) === JSON.stringify(guessMarkers(names)) ? {} : { markers: map };
    dispatch(log(athleteId, 'clip-motion', { clipId, throws: 1, offers, figures, motion, ...sheet }));
    setKeptAs(clipId);
  };
  const taken = clips.find(({ id }) => id === keptAs)?.motion ?? null;
  return { answer, readBy, keep, taken };
}
