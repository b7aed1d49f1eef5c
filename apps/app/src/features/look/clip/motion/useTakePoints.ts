import type { ClipRecord, LookPage } from '@wrightonic/contract';
import { log } from '../../../../offline/log';
import { tracks } from '../../../../offline/tracks';
import { useAppDispatch } from '../../../../store/store';
import { useMe } from '../../../../store/useAthlete';
import { pointsInWorker } from '../../../../workers/track';
import { hashOf } from '../file';
import { texts } from './texts';

/** Takes a file of tracked points in: the clip that it is known by from then on, or words of what is wrong with it. */
export function useTakePoints() {
  const dispatch = useAppDispatch();
  const { zone } = useMe().academy;
  return async (
    file: File,
    athlete: LookPage['athlete'],
    clips: readonly ClipRecord[],
  ): Promise<{ id: string } | { wrong: string }> => {
    const answer = await pointsInWorker(file, athlete).catch(() => ({ wrong: texts.itCouldNotBe }));
    if ('wrong' in answer) return { wrong: texts.nothingWasChanged(file.name, answer.wrong) };
    const hash = await hashOf(file);
    const { fps, seconds, tracked } = answer;
    const [width, height] = tracked.size.map(Math.round) as [number, number];
    const known = clips.find((clip) => clip.hash === hash && clip.size === file.size);
    const id =
      known?.id ??
      dispatch(
        log(athlete.id, 'clip-opened', {
          athleteId: athlete.id,
          zone,
          name: file.name.slice(0, 200) || 'points.json',
          size: file.size,
          hash,
          seconds,
          width,
          height,
          fps,
          captureFps: fps,
          view: 'side',
          square: true,
        }),
      );
    await tracks.put({ id, tracked, towards: null });
    return { id };
  };
}
