import type { LookPage } from '@wrightonic/contract';
import { isRead, keptMotion, motionMeasureOf, type KeypointClip, type ThrowsReading } from '@wrightonic/core';
import type { KeptTrack } from '../../../../offline/database';
import { log } from '../../../../offline/log';
import { stills } from '../../../../offline/tracks';
import { useAppDispatch } from '../../../../store/store';
import type { FilmState } from '../useClip';
import { GradesOffered } from './GradesOffered';
import { stillOf } from './stills';
import { timesOf, type Read } from './times';
import { slowedBy } from './useTracking';

interface Props {
  athlete: LookPage['athlete'];
  state: FilmState;
  kept: KeptTrack;
  reading: ThrowsReading;
  film: Omit<KeypointClip, 'frames' | 'size'>;
}

/** Where a figure was measured, s of true time; null where it is of several events. */
const measuredAt = (measure: string, { events }: Read): number | null => {
  const needs = motionMeasureOf(measure)?.needs ?? [];
  return needs.length === 1 ? (events[needs[0]!]?.t ?? null) : null;
};

/** The grades of a tracked film, and the body of its first throw that is kept with them. */
export function Offered({ athlete, state, kept, reading, film }: Props) {
  const dispatch = useAppDispatch();
  const clip = state.clip!;
  const n = reading.throws.findIndex(isRead);
  const first = reading.throws[n] as Read;
  const slowed = slowedBy(clip);
  const keepStills = async (times: readonly number[]) => {
    const pictures = await state.each?.([...new Set(times)], async (video, time) => ({
      time,
      picture: await stillOf(video, kept, clip, time),
    }));
    const made = pictures?.flatMap(({ time, picture }) => (picture ? [{ time, picture }] : [])) ?? [];
    if (made.length) await stills.put({ id: clip.id, stills: made });
  };
  return (
    <GradesOffered
      athleteId={athlete.id}
      reading={reading}
      taken={clip.motion}
      timeOf={(measure) => {
        const at = measuredAt(measure, first);
        return at === null ? null : at * slowed;
      }}
      onTake={(offers, figures) => {
        const { frames } = kept.tracked.throws.filter(({ whole }) => whole)[n]!;
        const motion = keptMotion({ ...film, size: kept.tracked.size, frames }, timesOf(first));
        dispatch(
          log(athlete.id, 'clip-motion', {
            clipId: clip.id,
            throws: reading.throws.length,
            offers,
            figures,
            motion,
          }),
        );
        void keepStills(offers.flatMap(({ time }) => (time === null ? [] : [time])));
      }}
    />
  );
}
